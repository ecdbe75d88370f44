package retazo.app.runs.plan;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import retazo.app.fabrics.Fabric;
import retazo.app.kits.KitWork;
import retazo.app.runs.book.BagLineEntity;
import retazo.app.runs.book.WantedCut;
import retazo.app.stock.Bolt;
import retazo.core.bolt.BoltPlan;
import retazo.core.measure.Length;

/**
 * Bags of one kit whose pieces the shop cuts, with their lengths of one fabric from one bolt: one cut for all of them where that takes
 * less than a cut for each. Since it never takes more, it fits wherever they fit one by one; if the run has to be planned again, they go
 * back to a cut for each.
 */
public final class RunBatches {

    private final List<KitWork> works;

    /** @param works the kits of the run, in the order of the plan's groups */
    public RunBatches(List<KitWork> works) {
        this.works = works;
    }

    /** A line of the run's bags, as the plan counts them. */
    public record LineKey(BagKey bag, long fabricId) {

        static LineKey of(BoltPlan.PlannedLength cut) {
            return new BagKey(cut.group(), cut.bag()).line(BoltLayout.fabricId(cut.fabricCode()));
        }
    }

    /** A bag of the run, as the plan counts them: in which group, and which of it, both from 0. */
    public record BagKey(int group, int bag) {

        public LineKey line(long fabricId) {
            return new LineKey(this, fabricId);
        }
    }

    /** @param lineOf the bag line of a cut by group, bag and fabric */
    public List<WantedCut> merged(List<BoltPlan.PlannedLength> cuts, Map<LineKey, BagLineEntity> lineOf) {
        Map<List<Object>, List<BoltPlan.PlannedLength>> together = new LinkedHashMap<>();
        cuts.forEach(cut -> together.computeIfAbsent(sharing(cut), key -> new ArrayList<>()).add(cut));
        List<WantedCut> wanted = new ArrayList<>();
        for (List<BoltPlan.PlannedLength> batch : together.values()) {
            List<BagLineEntity> lines = batch.stream().map(one -> lineOf.get(LineKey.of(one)))
                    .toList();
            long bolt = Bolt.idOf(batch.get(0).boltId());
            batchLength(works.get(batch.get(0).group()), lines).ifPresentOrElse(
                    length -> wanted.add(new WantedCut(lines, length, bolt)),
                    () -> lines.forEach(line -> wanted.add(WantedCut.of(line, bolt))));
        }
        return wanted;
    }

    /** Cuts that may be one. */
    private static List<Object> sharing(BoltPlan.PlannedLength cut) {
        return List.of(cut.group(), cut.fabricCode(), cut.boltId());
    }

    private Optional<Length> batchLength(KitWork work, List<BagLineEntity> lines) {
        if (lines.size() < 2) {
            return Optional.empty();
        }
        Length apart = lines.stream().map(BagLineEntity::length).reduce(Length.ZERO, Length::plus);
        String code = work.kit().cloths().stream()
                .filter(fabric -> fabric.id() == lines.get(0).fabricId()).map(Fabric::code).findFirst().orElseThrow();
        return work.togetherLength(code, lines.size()).filter(length -> length.isShorterThan(apart));
    }
}
