package retazo.app.runs.pages;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import retazo.app.fabrics.Fabric;
import retazo.app.runs.DraftPlan;
import retazo.app.runs.DraftPlans;
import retazo.app.runs.NarrowBolts;
import retazo.app.runs.pages.DraftPages.NarrowKit;
import retazo.app.runs.pages.DraftPages.NarrowView;
import retazo.app.runs.pages.DraftPages.ShortageView;
import retazo.app.runs.plan.BoltLayout;
import retazo.app.shared.LengthView;
import retazo.app.shared.Words;
import retazo.core.bolt.search.Shortage;
import retazo.core.measure.LengthUnit;

/** Says what a draft lacks, and what would help. */
@Component
class DraftLacks {

    private static final int MOST_FREES = 4;

    private final DraftPlans plans;
    private final NarrowBolts narrow;
    private final ComingCloth coming;
    private final Words words;

    DraftLacks(DraftPlans plans, NarrowBolts narrow, ComingCloth coming, Words words) {
        this.plans = plans;
        this.narrow = narrow;
        this.coming = coming;
        this.words = words;
    }

    /** What there is not enough of, and what of it is on order. */
    List<ShortageView> shortages(DraftPlan draft, Map<Long, Fabric> fabricById) {
        Map<Long, String> onOrder = coming.of(draft.shortages().stream().map(one -> BoltLayout.fabricId(one.fabricCode())).toList());
        LengthUnit unit = words.sellingUnit();
        return draft.shortages().stream().map(shortage -> {
            long fabric = BoltLayout.fabricId(shortage.fabricCode());
            return new ShortageView(
                    requireNonNull(fabricById.get(fabric)), LengthView.of(shortage.missing(), unit), shortage.cuts(),
                    onOrder.getOrDefault(fabric, ""));
        }).toList();
    }

    /** Bolts that are too narrow for it. */
    List<NarrowView> narrow(DraftPlan draft) {
        return narrow.of(draft).stream().map(this::view).toList();
    }

    private NarrowView view(NarrowBolts.Narrow narrow) {
        LengthUnit unit = words.sellingUnit();
        return new NarrowView(
                words.text("draft.narrow", narrow.fabric().name(), LengthView.onHand(narrow.free(), unit).plain(), narrow.bolts(),
                        LengthView.cut(narrow.width()).plain(), LengthView.cut(narrow.planned()).plain()),
                narrow.kits().stream().map(on -> new NarrowKit(on.kit().id(), words.text(
                        "draft.narrow-kit", LengthView.cut(narrow.width()).plain(), on.kit().sizeName(),
                        LengthView.of(on.length(), unit).plain(), LengthView.of(on.now(), unit).plain(), on.bags()))).toList());
    }

    /** What enough of each of the fabrics that stop most would free by itself. */
    List<String> frees(DraftPlan draft, Map<Long, Fabric> fabricById) {
        List<String> frees = new ArrayList<>();
        List<Shortage> most = draft.shortages().stream().sorted(Comparator.comparing(Shortage::cuts).reversed()).limit(MOST_FREES).toList();
        for (Shortage shortage : most) {
            long fabricId = BoltLayout.fabricId(shortage.fabricCode());
            int more = plans.bagsWithEnough(draft, fabricId) - draft.inOrder().bagsBuilt();
            String name = requireNonNull(fabricById.get(fabricId)).name();
            frees.add(more > 0
                    ? words.text("draft.frees", name, LengthView.of(shortage.missing(), words.sellingUnit()).plain(), more)
                    : words.text("draft.frees-nothing", name));
        }
        return frees;
    }
}
