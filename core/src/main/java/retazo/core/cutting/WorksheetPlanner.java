package retazo.core.cutting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import retazo.core.block.shape.CutSize;
import retazo.core.block.shape.PieceShape;
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
                .filter(equal -> ways(equal, request).isEmpty())
                .map(equal -> equal.get(0))
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

    private static Alike alike(ClothNeed.Pieces pieces, ClothRequest request) {
        return new Alike(pieces.need().use(), pieces.together(request.print()), pieces.usableWidth().value());
    }

    /** The ways round in which pieces fit the cloth: as drawn; or from strips of their other side, where a paper may do that. */
    private static List<PieceShape> ways(List<ClothNeed.Pieces> equal, ClothRequest request) {
        PieceShape drawn = equal.stream().map(piece -> piece.need().shape()).filter(PieceShape::isEitherWay).findFirst()
                .orElse(equal.get(0).need().shape());
        Stream<PieceShape> other = request.byPaper() && request.print().mayTurn() && drawn.isEitherWay()
                ? drawn.asRectangle().stream().map(PieceShape.Rectangle::turned)
                : Stream.empty();
        return Stream.concat(Stream.of(drawn), other)
                .filter(way -> way.perStrip("", Label.of(""), equal.get(0).usableWidth(), request.print().isOneWay()).value().value() > 0)
                .toList();
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
        List<PieceShape> ways = ways(equal, request);
        List<Cut> cuts = ways.stream()
                .map(way -> Cut.of(way, names, way.equals(ways.get(0)) ? key : key + ".turned", count, equal.get(0).usableWidth(),
                        request.print().isOneWay()))
                .toList();
        Cut cut = cuts.stream().reduce((one, other) -> other.length.value().isLongerThan(one.length.value()) ? other : one).orElseThrow();
        boolean open = cuts.stream().anyMatch(other -> !other.length.value().equals(cut.length.value()));
        return new ClothLine(
                first.use(),
                labels,
                cut.way.stripHeight(),
                cut.strips,
                open ? longer(key, names, cuts) : cut.length,
                Optional.of(new ClothLine.Pieces(
                        cut.way, count, cut.perStrip, cut.way.leftAfterSet(equal.get(0).usableWidth().value()), open)),
                ClothLine.Lay.ACROSS,
                Optional.empty(), Optional.empty());
    }

    private static Figure<Length> longer(String key, String names, List<Cut> cuts) {
        return Arithmetic.greatest(key + ".longer", Label.of("cloth.longerWay", names), cuts.stream()
                .map(cut -> cut.length.named(
                        key + ".from" + cut.way.stripHeight().value().ticks(),
                        Label.of("cloth.fromStrips", names, cut.way.stripHeight().value().toString())))
                .toList());
    }

    /** Pieces cut from strips of their own, one way round. */
    private record Cut(PieceShape way, Figure<Count> perStrip, Figure<Count> strips, Figure<Length> length) {

        static Cut of(PieceShape way, String names, String key, Figure<Count> count, Figure<Length> usableWidth, boolean oneWay) {
            Figure<Count> perStrip = way.perStrip(key + ".perStrip", Label.of("cloth.perStrip", names), usableWidth, oneWay);
            Figure<Count> strips = way.strips(key + ".strips", Label.of("cloth.strips", names), count, perStrip);
            return new Cut(
                    way, perStrip, strips,
                    WorksheetPlanner.length(key, Label.of("cloth.patchLength", names), strips, way.stripHeight()));
        }
    }

    private static ClothLine longLine(LongPieces pieces, ClothRequest request) {
        LongPieces.Laid laid = pieces.laidOn(request.usableWidth());
        return new ClothLine(
                pieces.use(), List.of(), laid.height(), laid.strips(),
                laid.length(), Optional.empty(), laid.along() ? ClothLine.Lay.ALONG : ClothLine.Lay.ACROSS, Optional.empty(),
                Optional.of(pieces));
    }

    /** Straight strips joined on the diagonal, or squares for a strip on the bias; across where the cloth is too narrow for those. */
    private static ClothLine bindingLine(BindingStrip binding, ClothRequest request) {
        Optional<BindingStrip.BiasSquares> bias = binding.cut() == BindingCut.BIAS
                ? binding.biasSquares(request.usableWidth())
                : Optional.empty();
        return bias
                .map(squares -> new ClothLine(
                        Use.BINDING, List.of(), squares.side(), squares.squares(), squares.length(), Optional.empty(),
                        ClothLine.Lay.BIAS, Optional.empty(), Optional.empty()))
                .orElseGet(() -> {
                    Figure<Count> strips = binding.strips(request.usableWidth());
                    return new ClothLine(
                            Use.BINDING, List.of(), binding.stripWidth(), strips,
                            length(binding.key(), Label.of("cloth.bindingLength"), strips, binding.stripWidth()),
                            Optional.empty(), ClothLine.Lay.ACROSS, Optional.empty(), Optional.empty());
                });
    }

    private static ClothLine backingLine(BackingSheet backing, ClothRequest request) {
        BackingSheet.Panels panels = backing.taken(request.usableWidth(), request.print());
        return new ClothLine(
                Use.BACKING, List.of(), panels.panelLength(), panels.panels(), panels.length(),
                Optional.empty(), ClothLine.Lay.ACROSS, Optional.of(panels.seams()), Optional.empty());
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
