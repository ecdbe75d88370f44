package retazo.core.verdict;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import retazo.core.block.shape.CutSize;
import retazo.core.block.spec.UnitPractice;
import retazo.core.cloth.RoleKey;
import retazo.core.cloth.ShopPractice;
import retazo.core.explain.Label;
import retazo.core.measure.Count;
import retazo.core.measure.Length;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.piece.CutList;
import retazo.core.quilt.piece.PieceNeed;
import retazo.core.quilt.plan.QuiltPlan;
import retazo.core.quilt.plan.QuiltPlanner;
import retazo.core.quilt.size.QuiltSize;
import retazo.core.quilt.size.SizeKey;
import retazo.core.quilt.size.Way;

/** Judges the counts of a pattern's cut list against the pieces of its drawing. */
public final class PrintedCounts {

    private PrintedCounts() {
    }

    private record Alike(RoleKey role, CutSize size) {
    }

    /** A verdict for each line and drawn size, in the order of the lines; none where the pattern is not known in both ways. */
    public static List<CountVerdict> judge(QuiltDesign design, ShopPractice shop) {
        if (design.drawing().isEmpty() || design.cutList().isEmpty()) {
            return List.of();
        }
        QuiltDesign drawn = design.fromDrawing();
        Map<SizeKey, QuiltPlan> plans = new LinkedHashMap<>();
        design.sizes().stream().filter(size -> drawn.wayOf(size) == Way.DRAWING)
                .forEach(size -> plans.put(size.key(), new QuiltPlanner(shop).plan(drawn, size)));
        List<CountVerdict> verdicts = new ArrayList<>();
        UnitPractice practice = UnitPractice.of(design.practice(shop));
        for (int line = 0; line < design.cutList().get().lines().size(); line++) {
            for (QuiltSize size : design.sizes()) {
                if (plans.containsKey(size.key())) {
                    verdicts.add(verdict(design.cutList().get(), line, size, plans, practice));
                }
            }
        }
        return verdicts;
    }

    private static CountVerdict verdict(
            CutList list, int line, QuiltSize size, Map<SizeKey, QuiltPlan> plans, UnitPractice practice) {
        Count printed = list.count(line, size);
        Alike wanted = new Alike(list.lines().get(line).role(), list.cutSize(line, practice));
        Optional<PieceNeed> found = piece(requireNonNull(plans.get(size.key())), wanted);
        Count workedOut = found.map(piece -> piece.count().value()).orElse(new Count(0));
        int compared = printed.compareTo(workedOut);
        Judgement judgement = compared == 0 ? Judgement.AGREES : compared > 0 ? Judgement.GENEROUS : Judgement.TOO_LITTLE;
        Optional<OtherHabits> reading = compared == 0
                ? Optional.empty()
                : readings(found, wanted, plans, size).entrySet().stream()
                        .filter(entry -> entry.getValue().equals(printed))
                        .findFirst()
                        .map(entry -> new OtherHabits(List.of(entry.getKey())));
        return new CountVerdict(
                line, size.key(), judgement, printed, workedOut, found.map(PieceNeed::label).orElse(""), reading);
    }

    private static Optional<PieceNeed> piece(QuiltPlan plan, Alike wanted) {
        return plan.pieces().stream()
                .filter(piece -> piece.role().equals(wanted.role()) && eitherWay(piece.shape().cutSize()).equals(eitherWay(wanted.size())))
                .findFirst();
    }

    /** The sizes of a piece, whichever way round they are written. */
    private static List<Length> eitherWay(CutSize size) {
        return size.sizes().stream().sorted().toList();
    }

    /** What the paper may have counted instead, the likelier first. */
    private static Map<Label, Count> readings(Optional<PieceNeed> found, Alike wanted, Map<SizeKey, QuiltPlan> plans, QuiltSize size) {
        Map<Label, Count> readings = new LinkedHashMap<>();
        found.ifPresent(piece -> {
            long perBlock = requireNonNull(plans.get(size.key())).blocks().stream()
                    .map(blocks -> piece.perBlock(blocks.kind().key()))
                    .mapToLong(share -> Math.floorDiv(share.pieces() + share.blocks() - 1, share.blocks()))
                    .max().orElse(0);
            readings.put(Label.of("reading.one-block"), new Count(perBlock));
            readings.put(Label.of("reading.each-block-alone"), new Count(plans.get(size.key()).blocks().stream()
                    .mapToLong(blocks -> blocks.count().value().value()
                            * Math.floorDiv(
                                    piece.perBlock(blocks.kind().key()).pieces() + piece.perBlock(blocks.kind().key()).blocks() - 1,
                                    piece.perBlock(blocks.kind().key()).blocks()))
                    .sum()));
            readings.put(Label.of("reading.all-places-alike"), new Count(
                    perBlock * plans.get(size.key()).blocks().stream().mapToLong(blocks -> blocks.count().value().value()).sum()));
        });
        plans.forEach((key, plan) -> piece(plan, wanted).filter(piece -> !key.equals(size.key())).ifPresent(
                piece -> readings.put(Label.of("reading.other-size", plan.size().name()), piece.count().value())));
        return readings;
    }
}
