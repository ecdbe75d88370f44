package retazo.core.quilt.setting;

import java.util.Optional;
import java.util.function.Function;
import retazo.core.measure.ExactLength;
import retazo.core.measure.Length;
import retazo.core.quilt.place.PlaceGrid;

/** How the blocks of a quilt are laid out. */
public sealed interface Setting {

    Setting PLAIN = new Straight(Optional.empty());

    Optional<Sashing> sashing();

    /** The setting triangles, where it has any. */
    default Optional<Edges.Triangles> triangles() {
        return match(straight -> Optional.empty(), onPoint -> onPoint.edges().match(Optional::of, blocks -> Optional.empty()));
    }

    /** How blocks are cut up for the edges, where they are. */
    default Optional<Edges.CutBlocks.Cut> cutUp() {
        return match(straight -> Optional.empty(), onPoint -> onPoint.edges().match(
                triangles -> Optional.empty(), blocks -> Optional.of(blocks.cut())));
    }

    /** How many blocks are sewn for so many halves and quarters at the edges; none where no block is cut up. */
    default long wholeForParts(long halves, long quarters) {
        return cutUp().map(way -> CutUpLayout.cutBlocks(way, halves, quarters).value()).orElse(0L);
    }

    /** The same with sashes of another width, where it has any. */
    Setting withSashes(Length width);

    Setting withoutSashes();

    /** The places of a grid of this setting. */
    PlaceGrid grid(int columns, int rows);

    /** The finished side of so many blocks of this side, before blocks at the edges lose their seams. */
    ExactLength extent(Length block, int count);

    /** The blocks laid out, without borders. */
    Layout layOut(LayoutRequest request);

    <R> R match(Function<Straight, R> straight, Function<OnPoint, R> onPoint);

    /** Upright, in columns and rows. */
    record Straight(Optional<Sashing> sashing) implements Setting {

        @Override
        public Straight withSashes(Length width) {
            return new Straight(sashing.map(sashes -> sashes.withWidth(width)));
        }

        @Override
        public Straight withoutSashes() {
            return new Straight(Optional.empty());
        }

        @Override
        public PlaceGrid grid(int columns, int rows) {
            return PlaceGrid.straight(columns, rows);
        }

        /** {@inheritDoc} c·B + (c − 1)·t, framed c·B + (c + 1)·t. */
        @Override
        public ExactLength extent(Length block, int count) {
            Length sashes = sashing.map(sash -> sash.width().times(StraightLayout.sashes(sash, count))).orElse(Length.ZERO);
            return ExactLength.of(block.times(count).plus(sashes));
        }

        @Override
        public Layout layOut(LayoutRequest request) {
            return new StraightLayout(request, this).layout();
        }

        @Override
        public <R> R match(Function<Straight, R> straight, Function<OnPoint, R> onPoint) {
            return straight.apply(this);
        }
    }

    /**
     * Turned by 45°.
     *
     * @param sashing around every block; only with setting triangles
     */
    record OnPoint(Edges edges, Optional<Sashing> sashing) implements Setting {

        @Override
        public OnPoint withSashes(Length width) {
            return new OnPoint(edges, sashing.map(sashes -> sashes.withWidth(width)));
        }

        @Override
        public OnPoint withoutSashes() {
            return new OnPoint(edges, Optional.empty());
        }

        @Override
        public PlaceGrid grid(int columns, int rows) {
            return new PlaceGrid(
                    edges.match(triangles -> PlaceGrid.Lattice.ON_POINT, blocks -> PlaceGrid.Lattice.CUT_UP), columns, rows);
        }

        /** {@inheritDoc} √2 · (n(B + t) + t); of cut up blocks, p half diagonals. */
        @Override
        public ExactLength extent(Length block, int count) {
            Length sash = sashing.map(Sashing::width).orElse(Length.ZERO);
            return edges.match(
                    triangles -> ExactLength.rootTwo(block.plus(sash).times(count).plus(sash)),
                    blocks -> ExactLength.rootTwo(block.times(count)).dividedBy(2));
        }

        @Override
        public Layout layOut(LayoutRequest request) {
            return edges.match(
                    triangles -> new OnPointLayout(request, triangles, sashing).layout(),
                    blocks -> new CutUpLayout(request, blocks.cut()).layout());
        }

        @Override
        public <R> R match(Function<Straight, R> straight, Function<OnPoint, R> onPoint) {
            return onPoint.apply(this);
        }
    }
}
