package retazo.app.runs.pages;

import static java.util.Objects.requireNonNull;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.springframework.data.domain.Slice;
import org.springframework.data.domain.SliceImpl;
import org.springframework.stereotype.Component;
import retazo.app.fabrics.Fabric;
import retazo.app.kits.Kit;
import retazo.app.kits.KitBook;
import retazo.app.kits.index.KitIndex;
import retazo.app.kits.index.KitTitle;
import retazo.app.kits.possible.PossibleKits;
import retazo.app.runs.DraftPlan;
import retazo.app.runs.DraftPlans;
import retazo.app.runs.book.Run;
import retazo.app.runs.book.RunState;
import retazo.app.runs.plan.BoltLayout;
import retazo.app.runs.progress.KitDemand;
import retazo.app.shared.FieldReader;
import retazo.app.shared.LengthView;
import retazo.app.shared.Words;
import retazo.app.stock.KitShelf;
import retazo.core.bolt.KitsPossible;

/** Where a run is asked for: the kits that have a number of bags already, and those that are looked for. */
@Component
class NewRunPages {

    private static final int FOUND_AT_ONCE = 20;

    private final KitIndex index;
    private final KitBook kits;
    private final PossibleKits possible;
    private final KitShelf shelf;
    private final KitDemand demand;
    private final DraftPlans plans;
    private final Words words;

    NewRunPages(
            KitIndex index, KitBook kits, PossibleKits possible, KitShelf shelf, KitDemand demand, DraftPlans plans, Words words) {
        this.plans = plans;
        this.words = words;
        this.index = index;
        this.kits = kits;
        this.possible = possible;
        this.shelf = shelf;
        this.demand = demand;
    }

    /**
     * A kit with what tells how many of it to make.
     *
     * @param possible how many free cloth gives, if it were the only one
     */
    record Offered(Kit kit, long possible, long onShelf, KitDemand.Demand demand) {

        public long id() {
            return kit.id();
        }
    }

    /**
     * The page.
     *
     * @param words  looked for
     * @param chosen kits with a number of bags
     * @param found  kits without one in whose names the words are
     * @param more   whether there are more of those
     * @param weeks  over how many it is told what was sold
     */
    record Page(String words, RunForm form, List<Offered> chosen, List<Offered> found, boolean more, int weeks) {

        /** Whether the shop has no kit at all. */
        public boolean isEmpty() {
            return words.isBlank() && chosen.isEmpty() && found.isEmpty();
        }
    }

    /**
     * What stock gives for the numbers that are typed, each beside the others.
     *
     * @param made  how many bags of all that are asked
     * @param kits  a sentence for each kit
     * @param lacks what there is not enough of
     */
    record Effect(int made, int asked, List<String> kits, List<String> lacks) {

        public boolean isWhole() {
            return made == asked;
        }
    }

    /** Empty while no number is typed, or one that is none, or for a kit that cannot be cut by the practice of now. */
    Optional<Effect> effect(RunForm form) {
        FieldReader reader = new FieldReader();
        List<Run.Asked> asked = form.read(reader, known(form).keySet());
        if (reader.anyProblem() || asked.isEmpty()) {
            return Optional.empty();
        }
        DraftPlan plan = plans.plan(new Run(0, RunState.DRAFT, 0, Instant.EPOCH, Run.Turn.USUAL, asked));
        if (plan.works().stream().anyMatch(work -> !work.problems().isEmpty())) {
            return Optional.empty();
        }
        List<Integer> built = plan.inOrder().built();
        Map<Long, String> fabrics = plan.works().stream().flatMap(work -> work.kit().cloths().stream()).distinct()
                .collect(Collectors.toMap(Fabric::id, Fabric::name));
        return Optional.of(new Effect(
                plan.inOrder().bagsBuilt(), asked.stream().mapToInt(Run.Asked::quantity).sum(),
                IntStream.range(0, asked.size())
                        .mapToObj(i -> words.text(
                                "runs.new.effect-kit", built.get(i), asked.get(i).quantity(), plan.works().get(i).kit().name()))
                        .toList(),
                Stream.concat(
                        plan.shortages().stream().map(shortage -> words.text(
                                "draft.lacks", requireNonNull(fabrics.get(BoltLayout.fabricId(shortage.fabricCode()))),
                                LengthView.of(shortage.missing(), words.sellingUnit()).plain())),
                        plan.goods().stream().map(shortage -> words.text(
                                "draft.good-missing", shortage.good().name(), shortage.missing())))
                        .toList()));
    }

    /** Words that look for nothing find all kits; where it is asked from a kit, the sizes of that. */
    Page page(RunForm form, String words, Optional<Long> fromKit) {
        Map<Long, KitTitle> known = known(form);
        List<Long> chosen = form.typedIds().stream().filter(known::containsKey).toList();
        Slice<KitTitle> found = fromKit.filter(id -> words.isBlank()).<Slice<KitTitle>>map(id -> new SliceImpl<>(index.ofColourway(id)))
                .orElseGet(() -> index.find(words, 0, FOUND_AT_ONCE));
        List<Long> others = found.map(KitTitle::id).filter(id -> !chosen.contains(id)).toList();
        Map<Long, Offered> offered = offered(Stream.concat(chosen.stream(), others.stream()).toList());
        return new Page(words, form, in(chosen, offered), in(others, offered), found.hasNext(), demand.weeks());
    }

    private static List<Offered> in(List<Long> ids, Map<Long, Offered> offered) {
        return ids.stream().filter(offered::containsKey).map(offered::get).toList();
    }

    private Map<Long, Offered> offered(List<Long> ids) {
        List<Kit> shown = kits.inOrder(ids);
        List<KitsPossible> make = possible.of(shown);
        Map<Long, KitShelf.KitCount> counts = shelf.counts(ids);
        Map<Long, KitDemand.Demand> asked = demand.of(ids);
        return IntStream.range(0, shown.size()).mapToObj(i -> {
            long id = shown.get(i).id();
            KitDemand.Demand of = asked.getOrDefault(id, KitDemand.Demand.NONE);
            long there = Optional.ofNullable(counts.get(id)).map(KitShelf.KitCount::onHand).orElse(0L);
            return new Offered(shown.get(i), make.get(i).bags().value(), there, of);
        }).collect(Collectors.toMap(Offered::id, Function.identity()));
    }

    /** The kits of the numbers that were typed. */
    Map<Long, KitTitle> known(RunForm form) {
        return index.titles(form.typedIds());
    }
}
