package retazo.core.cutting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import retazo.core.block.shape.CutSize;
import retazo.core.explain.Arithmetic;
import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.measure.Count;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;
import retazo.core.quilt.finish.BackingSheet;
import retazo.core.quilt.finish.BindingCut;
import retazo.core.quilt.finish.BindingStrip;
import retazo.core.quilt.piece.PieceNeed;
import retazo.core.quilt.setting.LongPieces;
import retazo.core.quilt.setting.Use;

/**
 * Plans a cloth as it is done by hand, but rounded only once: each cut size alone, across the width, as drawn; all uses
 * added up, and squaring once. Stateless; the work grows with the number of needs.
 */
public final class WorksheetPlanner {

    /** Pieces that come from the same strips. */
    private record Alike(Use use, CutSize size, Length usableWidth) {
    }

    /** Plans the cloth, or tells which pieces are wider than it. */
    public ClothPlanning plan(ClothRequest request) {
        Map<Alike, List<ClothNeed.Pieces>> pieces = new LinkedHashMap<>();
        List<ClothLine> lines = new ArrayList<>();
        for (ClothNeed need : request.needs()) {
            need.match(
                    piece -> pieces.computeIfAbsent(alike(piece, request), size -> new ArrayList<>()).add(piece),
                    joined -> lines.add(longLine(joined.pieces(), request)),
                    binding -> lines.add(bindingLine(binding.strip(), request)),
                    backing -> lines.add(backingLine(backing.sheet(), request)));
        }
        List<Problem> problems = pieces.values().stream()
                .map(equal -> equal.get(0))
                .filter(need -> perStrip("", Label.of(""), need, request).value().value() == 0)
                .map(need -> Problem.of(
                        "cloth.piece-too-wide", need.need().label(), need.need().shape().across().value(),
                        need.usableWidth().value()))
                .toList();
        if (!problems.isEmpty()) {
            return new ClothPlanning.Impossible(problems);
        }
        pieces.values().forEach(equal -> lines.add(pieceLine(equal, request)));
        lines.sort(inCuttingOrder());
        return new ClothPlanning.Planned(summedUp(request, lines));
    }

    /** Cloth that is alike on both sides is flipped for the mirror image. */
    private static Alike alike(ClothNeed.Pieces pieces, ClothRequest request) {
        CutSize size = pieces.need().shape().cutSize();
        return new Alike(
                pieces.need().use(), request.print().isReversible() ? size.flipped() : size, pieces.usableWidth().value());
    }

    private static Figure<Count> perStrip(String key, Label label, ClothNeed.Pieces pieces, ClothRequest request) {
        return pieces.need().shape().perStrip(key, label, pieces.usableWidth(), request.print().isOneWay());
    }

    private static ClothPlan summedUp(ClothRequest request, List<ClothLine> lines) {
        List<Figure<Length>> parts = Stream.concat(lines.stream().map(ClothLine::length), Stream.of(request.squaring()))
                .filter(part -> !part.value().isZero())
                .toList();
        Figure<Length> exact = Arithmetic.sum(request.key() + ".exact", Label.of("cloth.exact"), parts);
        return new ClothPlan(request.usableWidth(), lines, request.squaring(), exact, Optional.empty());
    }

    private static ClothLine pieceLine(List<ClothNeed.Pieces> equal, ClothRequest request) {
        PieceNeed first = equal.get(0).need();
        List<String> labels = equal.stream().map(piece -> piece.need().label()).toList();
        String names = String.join(", ", labels);
        String key = request.key() + "." + String.join("-", labels);
        Figure<Count> count = equal.size() == 1
                ? first.count()
                : Arithmetic.sumOfCounts(
                        key + ".count", Label.of("piece.count", names), equal.stream().map(piece -> piece.need().count()).toList());
        Figure<Count> perStrip = perStrip(key + ".perStrip", Label.of("cloth.perStrip", names), equal.get(0), request);
        Figure<Count> strips = first.shape().strips(key + ".strips", Label.of("cloth.strips", names), count, perStrip);
        return new ClothLine(
                first.use(),
                labels,
                first.shape().stripHeight(),
                strips,
                length(key, Label.of("cloth.patchLength", names), strips, first.shape().stripHeight()),
                Optional.of(new ClothLine.Pieces(
                        first.shape(), count, perStrip, first.shape().leftAfterSet(equal.get(0).usableWidth().value()))),
                ClothLine.Lay.ACROSS,
                Optional.empty());
    }

    private static ClothLine longLine(LongPieces pieces, ClothRequest request) {
        LongPieces.Laid laid = pieces.laidOn(request.usableWidth(), request.print().isOneWay());
        return new ClothLine(
                pieces.use(), List.of(), laid.height(), laid.strips(),
                laid.length(), Optional.empty(), laid.along() ? ClothLine.Lay.ALONG : ClothLine.Lay.ACROSS, Optional.empty());
    }

    /** Straight strips joined on the diagonal, or squares for a strip on the bias; across where the cloth is too narrow for those. */
    private static ClothLine bindingLine(BindingStrip binding, ClothRequest request) {
        Optional<BindingStrip.BiasSquares> bias = binding.cut() == BindingCut.BIAS
                ? binding.biasSquares(request.usableWidth())
                : Optional.empty();
        return bias
                .map(squares -> new ClothLine(
                        Use.BINDING, List.of(), squares.side(), squares.squares(), squares.length(), Optional.empty(),
                        ClothLine.Lay.BIAS, Optional.empty()))
                .orElseGet(() -> {
                    Figure<Count> strips = binding.strips(request.usableWidth());
                    return new ClothLine(
                            Use.BINDING, List.of(), binding.stripWidth(), strips,
                            length(binding.key(), Label.of("cloth.bindingLength"), strips, binding.stripWidth()),
                            Optional.empty(), ClothLine.Lay.ACROSS, Optional.empty());
                });
    }

    private static ClothLine backingLine(BackingSheet backing, ClothRequest request) {
        BackingSheet.Panels panels = backing.fewest(request.usableWidth(), request.print().isOneWay());
        return new ClothLine(
                Use.BACKING, List.of(), panels.panelLength(), panels.panels(), panels.length(),
                Optional.empty(), ClothLine.Lay.ACROSS, Optional.of(panels.seams()));
    }

    private static Figure<Length> length(String key, Label label, Figure<Count> strips, Figure<Length> height) {
        return Arithmetic.product(key + ".stripsLength", label, strips, height);
    }

    /** Backing, borders and binding first, since they need the cloth whole; then the taller strips. */
    private static Comparator<ClothLine> inCuttingOrder() {
        return Comparator.comparing((ClothLine line) -> switch (line.use().place()) {
            case BACKING -> 0;
            case BORDER -> 1;
            case BINDING -> 2;
            case SASH, CORNERSTONE, SETTING, FLANGE, BLOCKS -> 3;
        }).thenComparing(line -> line.stripHeight().value(), Comparator.reverseOrder());
    }
}
