package retazo.app.kits;

import java.time.Clock;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.fabrics.Fabric;
import retazo.app.kits.choices.RoleChoice;
import retazo.app.shared.Words;

/** Kits in which a fabric has another's place: made for bags that lack their own, kept apart from those that the shop offers. */
@Service
public class StandInKits {

    private final KitRepository kits;
    private final ColourwayRepository colourways;
    private final KitBook book;
    private final LeftOverBook leftOvers;
    private final Clock clock;
    private final Words words;

    StandInKits(
            KitRepository kits, ColourwayRepository colourways, KitBook book, LeftOverBook leftOvers, Clock clock, Words words) {
        this.kits = kits;
        this.colourways = colourways;
        this.book = book;
        this.leftOvers = leftOvers;
        this.clock = clock;
        this.words = words;
    }

    /**
     * A kit as it would be with another fabric in the place of one of its own; it is not kept.
     *
     * @param asId that it has until it is kept: one that no kit has
     */
    public Kit tried(Kit kit, Fabric own, Fabric other, long asId) {
        return kit.with(own, other, asId, name(kit, own, other));
    }

    /** The kit with another fabric in the place of one of its own: the one that was made before and is still like it, or a new one. */
    @Transactional
    public Kit keep(Kit kit, Fabric own, Fabric other, long personId) {
        KitEntity like = kits.findById(kit.id()).orElseThrow();
        ColourwayEntity colourway = colourways
                .findByPatternIdAndNameIgnoreCase(kit.pattern().patternId(), name(kit, own, other))
                .orElseGet(() -> colourways.saveAndFlush(like.colourway().standIn(name(kit, own, other), choices(like, own, other))));
        Kit wanted = tried(kit, own, other, 0);
        Optional<Kit> before = book.byIds(kits.ofColourway(colourway.id()).stream().map(KitEntity::id).toList()).values().stream()
                .filter(made -> made.pattern().id() == wanted.pattern().id() && made.size().equals(wanted.size())
                        && made.contents().equals(wanted.contents()) && made.guided().equals(wanted.guided())
                        && made.settings().equals(wanted.settings()) && made.sources().equals(wanted.sources()))
                .findFirst();
        return before.orElseGet(() -> add(like, colourway, wanted, new Decision("", personId, clock.instant())));
    }

    private Kit add(KitEntity like, ColourwayEntity colourway, Kit wanted, Decision decision) {
        KitEntity made = like.in(colourway, like.contents(), decision.at());
        made.set(wanted.settings());
        made.set(wanted.sources());
        long id = kits.saveAndFlush(made).id();
        wanted.leftOvers().taken().forEach(good -> leftOvers.take(id, good.id(), decision));
        return book.kit(id);
    }

    private static Map<String, RoleChoice> choices(KitEntity like, Fabric own, Fabric other) {
        Map<String, RoleChoice> choices = new HashMap<>();
        like.colourway().choiceByRole().forEach((role, choice) -> choices.put(
                role, choice.fabricId().equals(Optional.of(own.id())) ? choice.withFabric(other) : choice));
        return choices;
    }

    private String name(Kit kit, Fabric own, Fabric other) {
        return words.text("kit.stand-in", kit.colourway(), other.name(), own.name());
    }
}
