package retazo.app.kits;

import java.time.Clock;
import java.time.Instant;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.shared.NotFoundException;
import retazo.app.shared.Outcome;
import retazo.core.measure.Problem;

/** What becomes of kits that are made: their colours get another name, their line ends and is taken up again. */
@Service
public class KitLife {

    private static final int LONGEST_NAME = 60;

    private final KitRepository kits;
    private final ColourwayRepository colourways;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    KitLife(KitRepository kits, ColourwayRepository colourways, ApplicationEventPublisher events, Clock clock) {
        this.events = events;
        this.kits = kits;
        this.colourways = colourways;
        this.clock = clock;
    }

    /** Since when a kit is planned no more; empty while it is. */
    @Transactional(readOnly = true)
    public Optional<Instant> endedAt(long kitId) {
        return kits.endedAt(kitId);
    }

    /**
     * Gives the colours of a kit another name, and so all kits in them.
     *
     * @param seen what they were called when that was asked; refused where somebody else renamed them meanwhile
     */
    @Transactional
    public Outcome<Long> rename(long kitId, String seen, String name) {
        ColourwayEntity colourway = kit(kitId).colourway();
        if (!colourway.name().equals(seen)) {
            return Outcome.refused(Problem.at("colourway", "kit.renamed-meanwhile", colourway.name()));
        }
        Optional<ColourwayEntity> taken = colourways.findByPatternIdAndNameIgnoreCase(colourway.patternId(), name)
                .filter(other -> other.id() != colourway.id());
        if (taken.isPresent()) {
            return Outcome.refused(Problem.at("colourway", "kit.colourway-taken", name));
        }
        colourway.rename(name);
        colourways.saveAndFlush(colourway);
        return Outcome.done(kitId);
    }

    /**
     * The kits of a colourway that are still planned, which give their name and their places to others.
     *
     * @param name  that is free for the others now
     * @param kits  their ids by the keys of their sizes, in the order of sizes
     */
    public record GivenWay(String name, Map<String, Long> kits) {
    }

    /** A kit has another in its place. */
    public record Replaced(long old, long fresh) {
    }

    /**
     * Ends the line of all kits in the colours of one, and lets them be called after the day on which that was; bags and runs keep them.
     *
     * @param seen what the colours were called when that was asked; refused where somebody else renamed them meanwhile, and where none
     *             of them is planned any more
     * @param until what is added to the name of the kits that give way
     */
    @Transactional
    public Outcome<GivenWay> giveWay(long kitId, String seen, String until, long personId) {
        ColourwayEntity colourway = kit(kitId).colourway();
        if (!colourway.name().equals(seen)) {
            return Outcome.refused(Problem.at("colourway", "kit.renamed-meanwhile", colourway.name()));
        }
        Map<String, Long> planned = new LinkedHashMap<>();
        kits.ofColourway(colourway.id()).stream().filter(kit -> !kit.isEnded())
                .sorted(Comparator.comparing(KitEntity::sizePosition)).forEach(kit -> {
                    planned.put(kit.sizeKey(), kit.id());
                    kit.end(personId, clock.instant());
                });
        if (planned.isEmpty()) {
            return Outcome.refused(Problem.at("colourway", "kit.none-planned", seen));
        }
        colourway.rename(freeName(colourway.patternId(), seen, until));
        colourways.saveAndFlush(colourway);
        kits.flush();
        return Outcome.done(new GivenWay(seen, planned));
    }

    /** The name with what is added, and a number where that is taken too; cut off so that it can be kept. */
    private String freeName(long patternId, String name, String until) {
        return IntStream.iterate(1, number -> number + 1).mapToObj(number -> {
            String more = ", " + until + (number == 1 ? "" : " (" + number + ")");
            return name.substring(0, Math.min(name.length(), LONGEST_NAME - more.length())) + more;
        }).filter(free -> colourways.findByPatternIdAndNameIgnoreCase(patternId, free).isEmpty()).findFirst().orElseThrow();
    }

    /** Says which kit stands in whose place; plans follow. */
    @Transactional
    public void replace(long old, long fresh) {
        kits.replace(old, fresh);
        events.publishEvent(new Replaced(old, fresh));
    }

    /** The kit that stands in the place of one. */
    @Transactional(readOnly = true)
    public Optional<Long> replacedBy(long kitId) {
        return kits.replacedBy(kitId);
    }

    /** It is planned no more; ended twice it is ended once. Runs that have it keep it. */
    @Transactional
    public void end(long kitId, long personId) {
        KitEntity kit = kit(kitId);
        if (!kit.isEnded()) {
            kit.end(personId, clock.instant());
            kits.saveAndFlush(kit);
        }
    }

    /** It is planned again. */
    @Transactional
    public void goOn(long kitId) {
        KitEntity kit = kit(kitId);
        kit.goOn();
        kits.saveAndFlush(kit);
    }

    private KitEntity kit(long kitId) {
        return kits.findById(kitId).orElseThrow(() -> new NotFoundException("kit", kitId));
    }
}
