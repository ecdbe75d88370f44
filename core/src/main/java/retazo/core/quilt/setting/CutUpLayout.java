package retazo.core.quilt.setting;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import retazo.core.explain.Arithmetic;
import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.explain.Operation;
import retazo.core.explain.Origin;
import retazo.core.measure.Count;
import retazo.core.measure.ExactLength;
import retazo.core.measure.Length;
import retazo.core.quilt.place.PlaceGrid;

/**
 * Square blocks of finished side B turned by 45°, with whole blocks cut up along the edges, on p × q half diagonals.
 *
 * <p>A block centre stands at each (i, j) with i + j even: whole inside, half on a side, a quarter in a corner. Half a
 * diagonal is B√2 ÷ 2, so the quilt is p·B√2 ÷ 2 wide. Cut through the centre, the edge's seam comes out of the half block and
 * the quilt finishes s narrower at each edge.
 */
record CutUpLayout(LayoutRequest request, Edges.CutBlocks.Cut cut) {

    Layout layout() {
        Figure<Count> columns = request.count("halfDiagonalsAcross", request.columns());
        Figure<Count> rows = request.count("halfDiagonalsDown", request.rows());
        PlaceGrid grid = new PlaceGrid(PlaceGrid.Lattice.CUT_UP, request.columns(), request.rows());
        Map<PlaceGrid.Share, Long> shares = new EnumMap<>(PlaceGrid.Share.class);
        grid.places().forEach(place -> shares.merge(grid.share(place), 1L, Long::sum));
        long halves = shares.getOrDefault(PlaceGrid.Share.HALF, 0L);
        long quarters = shares.getOrDefault(PlaceGrid.Share.QUARTER, 0L);
        Figure<Count> whole = Arithmetic.formula(
                request.key() + ".blocks", Label.of("quilt.wholeBlocks"), Operation.WHOLE_CENTRES, List.of(columns, rows),
                () -> new Count(shares.getOrDefault(PlaceGrid.Share.WHOLE, 0L)));
        return new Layout(
                grid, columns, rows, whole, Optional.of(extra(halves, quarters)), side("width", columns), side("height", rows),
                List.of(), List.of());
    }

    private Figure<Count> extra(long halves, long quarters) {
        return Arithmetic.formula(
                request.key() + ".extraBlocks", Label.of("quilt.extraBlocks"),
                cut == Edges.CutBlocks.Cut.THROUGH_CENTRE ? Operation.CUT_BLOCKS : Operation.SUM,
                List.of(count("halves", halves), count("quarters", quarters)), () -> cutBlocks(cut, halves, quarters));
    }

    private Figure<Count> count(String name, long value) {
        return Figure.given(request.key() + "." + name, Label.of("quilt." + name), new Count(value), Origin.craft("half-diagonals"));
    }

    /**
     * The blocks to be sewn for so many halves and quarters: ⌈(halves + quarters ÷ 2) ÷ 2⌉ where a block gives two halves or
     * four quarters; one each where it is cut beyond its centre.
     */
    static Count cutBlocks(Edges.CutBlocks.Cut cut, long halves, long quarters) {
        return switch (cut) {
            case THROUGH_CENTRE -> new Count(Math.floorDiv(2 * halves + quarters + 3, 4));
            case BEYOND_CENTRE -> new Count(halves + quarters);
        };
    }

    private Layout.Side side(String name, Figure<Count> halfDiagonals) {
        ExactLength full = new Setting.OnPoint(new Edges.CutBlocks(cut), Optional.empty())
                .extent(request.block().finishedWidth(), Math.toIntExact(halfDiagonals.value().value()));
        Figure<Length> seam = request.practice().seam();
        return cut == Edges.CutBlocks.Cut.THROUGH_CENTRE
                ? OnPointSides.side(
                        request, name, Operation.CUT_UP_SIDE, List.of(halfDiagonals, request.blockWidth(), seam),
                        full.minus(ExactLength.of(seam.value().times(2))))
                : OnPointSides.side(request, name, Operation.FULL_CUT_UP_SIDE, List.of(halfDiagonals, request.blockWidth()), full);
    }
}
