package retazo.core.quilt.setting;

import java.util.function.Function;
import retazo.core.cloth.RoleKey;

/** What fills the edges of a quilt on point. */
public sealed interface Edges {

    <R> R match(Function<Triangles, R> triangles, Function<CutBlocks, R> blocks);

    /** Setting triangles along the sides and in the corners. */
    record Triangles(RoleKey sides, RoleKey corners) implements Edges {
        @Override
        public <R> R match(Function<Triangles, R> triangles, Function<CutBlocks, R> blocks) {
            return triangles.apply(this);
        }
    }

    /** Whole blocks, cut up. */
    record CutBlocks(Cut cut) implements Edges {

        /** Where a block is cut. */
        public enum Cut {
            /** One block serves as two halves; the quilt finishes 2s narrower and shorter, since the seam comes out of them. */
            THROUGH_CENTRE,
            /** A seam allowance beyond the centre: full size, but one half or quarter per block. */
            BEYOND_CENTRE
        }

        @Override
        public <R> R match(Function<Triangles, R> triangles, Function<CutBlocks, R> blocks) {
            return blocks.apply(this);
        }
    }
}
