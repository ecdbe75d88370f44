package retazo.app.kits;

import java.time.Clock;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.fabrics.Fabric;
import retazo.app.kits.choices.RoleChoice;
import retazo.app.kits.sources.KitSingle;
import retazo.app.kits.sources.KitSources;
import retazo.app.kits.sources.KitTopUp;
import retazo.app.patterns.RoleSources;
import retazo.app.shared.NotFoundException;
import retazo.app.shared.Outcome;
import retazo.app.stock.goods.GoodService;
import retazo.core.cloth.Role;
import retazo.core.cloth.RoleKey;
import retazo.core.kit.Contents;
import retazo.core.kit.Instructions;
import retazo.core.kit.RoleSource;
import retazo.core.measure.Problem;

/** Keeps kits and their colourways. */
@Service
public class KitService {

    private final KitRepository kits;
    private final ColourwayRepository colourways;
    private final KitBook book;
    private final GoodService goods;
    private final RoleSources roleSources;
    private final KitWorks works;
    private final Clock clock;

    KitService(
            KitRepository kits, ColourwayRepository colourways, KitBook book, GoodService goods, RoleSources roleSources, KitWorks works,
            Clock clock) {
        this.kits = kits;
        this.colourways = colourways;
        this.book = book;
        this.goods = goods;
        this.roleSources = roleSources;
        this.works = works;
        this.clock = clock;
    }

    /**
     * Keeps settings that a kit has of its own; refused where somebody else kept others since they were shown.
     *
     * @param seen the mark of those that were shown
     */
    @Transactional
    public Outcome<Long> set(long id, KitSettings settings, String seen) {
        KitSettings kept = book.kit(id).settings();
        if (!kept.mark().equals(seen) && !kept.equals(settings)) {
            return Outcome.refused(Problem.of("kit.settings-meanwhile"));
        }
        KitEntity kit = kits.findById(id).orElseThrow(() -> new NotFoundException("kit", id));
        kit.set(settings);
        kits.saveAndFlush(kit);
        return Outcome.done(id);
    }

    /** Whether no colourway of a pattern is called so. */
    @Transactional(readOnly = true)
    public boolean isFree(long patternId, String colourway) {
        return colourways.findByPatternIdAndNameIgnoreCase(patternId, colourway).isEmpty();
    }

    /** Adds a kit for every size chosen, all in one new colourway. */
    @Transactional
    public Outcome<List<Long>> add(NewKits asked) {
        List<Problem> problems = new ArrayList<>();
        if (!isFree(asked.pattern().patternId(), asked.colourway())) {
            problems.add(Problem.at("colourway", "kit.colourway-taken", asked.colourway()));
        }
        asked.sizeKeys().forEach(key -> {
            Kit kit = Kit.wished(
                    asked.pattern(), asked.pattern().size(key), asked.colourway(), asked.fabrics(), asked.goods(), asked.contents());
            KitWork work = works.work(kit);
            problems.addAll(work.problems());
            problems.addAll(work.notOnPaper());
            if (work.problems().isEmpty() && work.bill().lines().isEmpty()) {
                problems.add(Problem.at("sizes", "kit.nothing-in-it", kit.sizeName()));
            }
        });
        if (!problems.isEmpty()) {
            return Outcome.refused(problems);
        }
        Map<String, RoleChoice> choices = new HashMap<>();
        asked.pattern().design().roles().stream().map(Role::key)
                .filter(role -> asked.fabrics().containsKey(role) || asked.goods().containsKey(role))
                .forEach(role -> choices.put(role.value(), RoleChoice.of(asked.fabrics().get(role), asked.goods().get(role))));
        if (!asked.pattern().about().ownDesign()) {
            goods.copiesOf(asked.pattern().patternId(), asked.pattern().name());
        }
        ColourwayEntity colourway = colourways.saveAndFlush(ColourwayEntity.of(asked.pattern().patternId(), asked.colourway(), choices));
        List<Long> ids = new ArrayList<>();
        for (String key : asked.sizeKeys()) {
            KitEntity kit = KitEntity.of(asked.pattern(), asked.pattern().size(key), colourway, asked.contents(), clock.instant());
            ids.add(kits.saveAndFlush(kit).id());
        }
        ids.forEach(id -> startWithQuarters(book.kit(id)));
        return Outcome.done(ids);
    }

    /**
     * The same kit with other parts of its quilt in it: the one that there is, or a new one beside it with its settings, sources and
     * name; refused where its line has ended.
     */
    @Transactional
    public Outcome<Long> beside(long id, Contents contents) {
        KitEntity like = kits.findById(id).orElseThrow(() -> new NotFoundException("kit", id));
        Optional<KitEntity> there = kits.ofColourway(like.colourway().id()).stream()
                .filter(kit -> kit.patternVersionId() == like.patternVersionId() && kit.sizeKey().equals(like.sizeKey())
                        && kit.contents().equals(contents))
                .findFirst();
        if (there.isPresent()) {
            return Outcome.done(there.get().id());
        }
        if (like.isEnded()) {
            return Outcome.refused(Problem.of("kit.line-ended"));
        }
        Kit wanted = book.kit(id).with(contents);
        KitWork work = works.work(wanted);
        if (!work.problems().isEmpty()) {
            return Outcome.refused(work.problems());
        }
        KitEntity made = like.in(like.colourway(), contents, clock.instant());
        made.set(wanted.settings());
        made.set(wanted.sources());
        return Outcome.done(kits.saveAndFlush(made).id());
    }

    /** Cloths whose roles are all planned from quarters cut in the shop, are cut into those where they serve this kit. */
    private void startWithQuarters(Kit kit) {
        Map<RoleKey, RoleSource> planned = roleSources.of(kit.pattern().patternId());
        for (Fabric fabric : kit.lettersByFabric().keySet()) {
            Set<Optional<RoleSource>> ofFabric = kit.fabrics().entrySet().stream()
                    .filter(entry -> entry.getValue().equals(fabric))
                    .map(entry -> Optional.ofNullable(planned.get(entry.getKey())).filter(RoleSource::cutInTheShop))
                    .collect(Collectors.toSet());
            if (ofFabric.size() == 1) {
                ofFabric.iterator().next()
                        .ifPresent(source -> take(kit.id(), book.kit(kit.id()).sources().with(fabric.id(), source.kind())));
            }
        }
    }

    /** Keeps what a kit takes in place of the whole cloth of its colourway, or says what speaks against it. */
    @Transactional
    public Outcome<Kit> take(long id, KitSources sources) {
        Kit wanted = book.kit(id).with(sources);
        KitWork work = works.work(wanted);
        List<Problem> problems = new ArrayList<>(work.problems());
        problems.addAll(work.notOnPaper());
        sources.singles().stream().map(KitSingle::good).filter(wanted.goods()::containsValue)
                .forEach(good -> problems.add(Problem.of("kit.single-already", good.name())));
        sources.topUps().stream().map(KitTopUp::fabric).filter(wanted.fabrics()::containsValue)
                .forEach(fabric -> problems.add(Problem.at("cloth", "kit.top-up-already", fabric.name())));
        if (!problems.isEmpty()) {
            return Outcome.refused(problems);
        }
        KitEntity kit = kits.findById(id).orElseThrow();
        kit.set(sources);
        kits.saveAndFlush(kit);
        return Outcome.done(wanted);
    }

    /** Sells a kit by other instructions than until now, or says what speaks against it. Those that its pattern gives need no decision. */
    @Transactional
    public Outcome<Kit> sellBy(long id, Instructions wanted, String reason, long personId) {
        KitEntity kit = kits.findById(id).orElseThrow(() -> new NotFoundException("kit", id));
        List<Problem> problems = new ArrayList<>(kit.given().problemsOfLeaving(wanted, reason));
        Kit asked = book.kit(id).by(wanted);
        problems.addAll(works.work(asked).notOnPaper());
        if (!asked.followsPrinted() && !asked.knowsItsPieces()) {
            problems.add(Problem.of("kit.pieces-not-known"));
        }
        if (!problems.isEmpty()) {
            return Outcome.refused(problems);
        }
        if (wanted == kit.given()) {
            kit.takeBackDecision();
        } else {
            kit.decide(wanted, new Decision(reason.strip(), personId, clock.instant()));
        }
        kits.saveAndFlush(kit);
        return Outcome.done(book.kit(id));
    }
}
