package retazo.app.runs;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.fabrics.Fabric;
import retazo.app.kits.Kit;
import retazo.app.kits.KitWork;
import retazo.app.kits.KitWorks;
import retazo.app.runs.plan.BoltLayout;
import retazo.app.stock.Bolt;
import retazo.core.bolt.KitsPossible;
import retazo.core.bolt.Tolerance;
import retazo.core.bolt.search.Shortage;
import retazo.core.kit.BillLine;
import retazo.core.kit.Need;
import retazo.core.measure.Length;

/** Cloth that is there and is not offered, since its bolts are narrower than the kits were planned for. */
@Component
public class NarrowBolts {

    private final KitWorks works;

    NarrowBolts(KitWorks works) {
        this.works = works;
    }

    /**
     * Bolts of a fabric that stops a run.
     *
     * @param free    on them together
     * @param width   the least usable width of them
     * @param planned the usable width that the kits were planned for
     * @param kits    what those would take at that width
     */
    public record Narrow(Fabric fabric, int bolts, Length free, Length width, Length planned, List<OnNarrow> kits) {
    }

    /**
     * A kit planned on narrower cloth.
     *
     * @param length that a bag takes of the fabric then
     * @param now    that it takes as planned
     * @param bags   how many such lengths the narrow bolts give
     */
    public record OnNarrow(Kit kit, Length length, Length now, long bags) {
    }

    /** For every fabric that stops a draft and lies on narrower bolts. */
    @Transactional(readOnly = true)
    public List<Narrow> of(DraftPlan draft) {
        List<Narrow> narrow = new ArrayList<>();
        for (Shortage shortage : draft.shortages()) {
            long fabricId = BoltLayout.fabricId(shortage.fabricCode());
            of(draft, fabricId).ifPresent(narrow::add);
        }
        return narrow;
    }

    private Optional<Narrow> of(DraftPlan draft, long fabricId) {
        List<KitWork> takers = draft.works().stream().filter(work -> line(work, fabricId).isPresent()).toList();
        Length planned = takers.stream().map(work -> line(work, fabricId).orElseThrow().plannedWidth()).reduce(Length.ZERO,
                Length::atLeast);
        List<Bolt> bolts = draft.bolts().stream()
                .filter(bolt -> bolt.fabricId() == fabricId && bolt.free().isPositive() && bolt.usableWidth().isShorterThan(planned))
                .toList();
        return bolts.stream().map(Bolt::usableWidth).min(Length::compareTo).map(width -> new Narrow(
                fabric(takers.get(0), fabricId), bolts.size(), bolts.stream().map(Bolt::free).reduce(Length.ZERO, Length::plus), width,
                planned,
                takers.stream().flatMap(work -> onNarrow(work, fabricId, width, bolts).stream()).toList()));
    }

    private Optional<OnNarrow> onNarrow(KitWork work, long fabricId, Length width, List<Bolt> bolts) {
        Kit kit = work.kit();
        return works.clothNeed(kit, fabric(work, fabricId), work.practice(), kit.instructions(), width).flatMap(Need::sold)
                .map(sold -> new OnNarrow(
                        kit, sold.value(), line(work, fabricId).orElseThrow().length(),
                        KitsPossible.cuts(bolts.stream().map(bolt -> bolt.toStock(Tolerance.of(work.practice()))).toList(), sold.value())
                                .value()));
    }

    private static Fabric fabric(KitWork work, long fabricId) {
        return work.kit().cloths().stream().filter(fabric -> fabric.id() == fabricId).findFirst().orElseThrow();
    }

    private static Optional<BillLine.Cut> line(KitWork work, long fabricId) {
        return work.bill().lines().stream().flatMap(line -> line.asCut().stream())
                .filter(cut -> requireNonNull(work.kit().fabricIdByCode().get(cut.fabricCode())) == fabricId).findFirst();
    }
}
