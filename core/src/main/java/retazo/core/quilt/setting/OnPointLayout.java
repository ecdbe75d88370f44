package retazo.core.quilt.setting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.IntSummaryStatistics;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import retazo.core.block.shape.CutPiece;
import retazo.core.block.shape.Subcut;
import retazo.core.block.unit.TriangleSquares;
import retazo.core.cloth.RoleKey;
import retazo.core.explain.Arithmetic;
import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.explain.Operation;
import retazo.core.explain.Origin;
import retazo.core.measure.Count;
import retazo.core.measure.ExactLength;
import retazo.core.measure.Length;
import retazo.core.quilt.place.PlaceGrid;
import retazo.core.quilt.place.PlaceLine;

/**
 * Square blocks of finished side B turned by 45°, n across and m down, between setting triangles, with or without sashes of
 * finished width t around each.
 *
 * <p>There are n·m blocks and (n − 1)(m − 1) between them. Neighbours in a row are one diagonal of B + t apart, and the frame
 * of the outer blocks adds a diagonal of t: √2·(n(B + t) + t) wide, and likewise high. The gap between two outer blocks is half
 * a square of B + t, cut on its diagonal, so a side triangle's long side is √2·(B + t); a corner triangle's long side is one
 * framed block, B + 2t. Blocks lie in n + m − 1 diagonal rows with a long sash before, between and after them; one along k
 * blocks is k·B + (k + 1)·t long. For 2 × 1 blocks of 10 in and sashes of 2 in, two rows of one block a block apart, the middle
 * sash reaches over both: 26 in. Blocks 200, short sashes 80, long ones 28 + 52 + 28, triangles 144 + 196: 728 = 2 · 26 · 14.
 */
record OnPointLayout(LayoutRequest request, Edges.Triangles triangles, Optional<Sashing> sashing) {

    /** What a long sash is cut longer than it finishes, at each end, to be trimmed with the edge. */
    static final Length TO_TRIM = Length.ofInches(2);

    private static final long TRIANGLES_FROM_CUT_TWICE = 4;
    private static final long TRIANGLES_FROM_CUT_ONCE = 2;

    Layout layout() {
        Figure<Count> columns = request.count("columns", request.columns());
        Figure<Count> rows = request.count("rows", request.rows());
        Figure<Count> blocks = Arithmetic.formula(
                request.key() + ".blocks", Label.of("quilt.blocks"), Operation.BLOCKS_ON_POINT, List.of(columns, rows),
                () -> new Count(blocks()));
        List<Layout.SettingPiece> pieces = new ArrayList<>();
        List<LongPieces> longPieces = new ArrayList<>();
        sashing.ifPresent(sashes -> {
            pieces.addAll(shortSashes(sashes));
            longPieces.add(longSashes(sashes));
        });
        pieces.addAll(settingTriangles());
        return new Layout(
                grid(), columns, rows, blocks, Optional.empty(), side("width", columns), side("height", rows), pieces, longPieces);
    }

    private PlaceGrid grid() {
        return new PlaceGrid(PlaceGrid.Lattice.ON_POINT, request.columns(), request.rows());
    }

    private long blocks() {
        long n = request.columns();
        long m = request.rows();
        return n * m + (n - 1) * (m - 1);
    }

    private Length block() {
        return request.block().finishedWidth();
    }

    private Length sash() {
        return sashing.map(Sashing::width).orElse(Length.ZERO);
    }

    private Layout.Side side(String name, Figure<Count> blocks) {
        ExactLength exact = new Setting.OnPoint(triangles, sashing).extent(block(), Math.toIntExact(blocks.value().value()));
        List<Figure<?>> operands = new ArrayList<>(List.of(blocks, request.blockWidth()));
        sashing.ifPresent(sashes -> operands.add(sashWidth(sashes)));
        return OnPointSides.side(
                request, name, sashing.isPresent() ? Operation.SASHED_ON_POINT_SIDE : Operation.ON_POINT_SIDE, operands, exact);
    }

    private Figure<Length> sashWidth(Sashing sashes) {
        return request.given("sash", "sash.width", sashes.width());
    }

    private List<Layout.SettingPiece> settingTriangles() {
        long sides = 2L * (request.columns() - 1) + 2L * (request.rows() - 1);
        List<Layout.SettingPiece> pieces = new ArrayList<>();
        if (sides > 0) {
            Length framed = block().plus(sash());
            pieces.add(triangles(
                    "sideTriangles", triangles.sides(), sides, Subcut.TWICE, TRIANGLES_FROM_CUT_TWICE,
                    square("sideSquare", Operation.SIDE_TRIANGLE_SQUARE, framed,
                            TriangleSquares.cutTwice(ExactLength.rootTwo(framed), seam()))));
        }
        Length framed = block().plus(sash().times(2));
        pieces.add(triangles(
                "cornerTriangles", triangles.corners(), 4, Subcut.ONCE, TRIANGLES_FROM_CUT_ONCE,
                square("cornerSquare", Operation.CORNER_TRIANGLE_SQUARE, framed,
                        TriangleSquares.cutOnce(ExactLength.rootTwo(framed).dividedBy(2), seam()))));
        return pieces;
    }

    private Length seam() {
        return request.practice().seam().value();
    }

    private Figure<Length> square(String name, Operation formula, Length framedBlock, ExactLength exact) {
        Figure<Length> side = sashing.isEmpty()
                ? request.blockWidth()
                : request.given(name + ".framed", "quilt.framedBlock", framedBlock);
        Figure<ExactLength> unrounded = Arithmetic.formula(
                request.key() + "." + name + ".exact", Label.of("unit.exact"), formula, List.of(side, request.practice().seam()),
                () -> exact);
        return Arithmetic.toCut(request.key() + "." + name, Label.of("quilt." + name), unrounded, request.practice().cuttingStep());
    }

    private Layout.SettingPiece triangles(String name, RoleKey role, long each, Subcut subcut, long perSquare, Figure<Length> square) {
        Figure<Count> needed = request.ofAll(name, "quilt." + name, each);
        Figure<Count> per = Figure.given(
                "setting.perSquare." + perSquare, Label.of("setting.perSquare"), new Count(perSquare),
                Origin.craft("triangles-per-square"));
        Figure<Count> squares = Arithmetic.groups(request.key() + "." + name + ".squares", Label.of("quilt." + name + ".squares"), needed,
                per);
        return new Layout.SettingPiece(Use.SETTING, CutPiece.square(role, square, subcut, squares), false);
    }

    /** One more than there are blocks in each diagonal row. */
    private List<Layout.SettingPiece> shortSashes(Sashing sashes) {
        long count = blocks() + request.columns() + request.rows() - 1;
        Figure<Length> cutWidth = request.withSeams("sash.cutWidth", "sash.cutWidth", sashWidth(sashes));
        return List.of(new Layout.SettingPiece(Use.SASH, CutPiece.rectangle(
                sashes.role(), request.withSeams("sash.short.length", "sash.length", request.blockWidth()), cutWidth,
                request.ofAll("sash.short.count", "sash.short.count", count)), false));
    }

    private LongPieces longSashes(Sashing sashes) {
        List<LongPieces.Piece> pieces = new ArrayList<>();
        longSashBlocks().forEach((blocks, count) -> pieces.add(new LongPieces.Piece(
                request.ofAll("longSash" + blocks + ".count", "longSash.count", count), longSash(sashes, blocks), Runs.SLANTED)));
        return new LongPieces(
                request.key() + ".longSash", Use.SASH, sashes.role(),
                request.withSeams("sash.cutWidth", "sash.cutWidth", sashWidth(sashes)), pieces, request.practice().seam(), Grain.SHORTER);
    }

    /** Which blocks of a diagonal row there are, counted across the rows. */
    private record Reach(int first, int last) {
        Reach with(Reach other) {
            return new Reach(Math.min(first, other.first), Math.max(last, other.last));
        }

        long blocks() {
            return last - first + 1L;
        }
    }

    /**
     * How many long sashes run along so many blocks, longest first. A sash reaches as far as both its neighbours together: that
     * is the longer one where a row is followed by a longer or shorter one, and one block more between two rows of the same
     * length, which are a block apart.
     */
    private Map<Long, Long> longSashBlocks() {
        List<Reach> rows = new ArrayList<>();
        for (int diagonal = 0; diagonal < grid().lines(PlaceLine.DIAGONALS); diagonal++) {
            int number = diagonal;
            IntSummaryStatistics across = grid().places().stream()
                    .filter(place -> grid().line(PlaceLine.DIAGONALS, place) == number)
                    .mapToInt(place -> (place.column() - place.row()) / 2)
                    .summaryStatistics();
            rows.add(new Reach(across.getMin(), across.getMax()));
        }
        Map<Long, Long> counts = new TreeMap<>(Comparator.reverseOrder());
        for (int i = 0; i <= rows.size(); i++) {
            Reach before = rows.get(Math.max(0, i - 1));
            Reach after = rows.get(Math.min(rows.size() - 1, i));
            counts.merge(before.with(after).blocks(), 1L, Long::sum);
        }
        return counts;
    }

    /** k·B + (k + 1)·t, and 2 in more at each end. */
    private Figure<Length> longSash(Sashing sashes, long blocks) {
        String name = "longSash" + blocks;
        Figure<Length> trim = Figure.given("sash.trim", Label.of("sash.trim"), TO_TRIM, Origin.craft("long-sash-trim"));
        return Arithmetic.formula(
                request.key() + "." + name + ".length", Label.of("longSash.length"), Operation.LONG_SASH,
                List.of(Figure.given(request.key() + "." + name + ".blocks", Label.of("longSash.blocks"), new Count(blocks),
                        Origin.craft("setting")),
                        request.blockWidth(), sashWidth(sashes), trim),
                () -> block().times(blocks).plus(sashes.width().times(blocks + 1)).plus(TO_TRIM.times(2)));
    }
}
