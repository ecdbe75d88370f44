package retazo.core.quilt.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import retazo.core.block.shape.CutPiece;
import retazo.core.measure.Count;
import retazo.core.measure.Length;
import retazo.core.quilt.design.Layouts;
import retazo.core.quilt.setting.Edges;
import retazo.core.quilt.setting.Layout;
import retazo.core.quilt.setting.Setting;
import retazo.core.quilt.setting.Use;

/**
 * Quilts on point with sashes, laid out piece by piece in whole inches: along the diagonals u and v, in which all blocks and
 * sashes are upright, and the quilt is a rectangle with slanted sides. Nothing here uses a formula of the layout.
 */
class SashedOnPointTest {

    /** An upright rectangle in u and v. */
    private record Box(int u0, int v0, int u1, int v1) {
        long area() {
            return (long) (u1 - u0) * (v1 - v0);
        }

        boolean overlaps(Box other) {
            return u0 < other.u1 && other.u0 < u1 && v0 < other.v1 && other.v0 < v1;
        }
    }

    /** What is laid out: blocks, short and long sashes; and the four sides of the quilt as sums and differences of u and v. */
    private record Laid(List<Box> blocks, List<Box> shorts, List<Box> longs, int left, int right, int top, int bottom) {

        static Laid out(int n, int m, int block, int sash) {
            int pitch = block + sash;
            List<Box> blocks = new ArrayList<>();
            List<Box> shorts = new ArrayList<>();
            List<Box> longs = new ArrayList<>();
            int rows = n + m - 1;
            int[] first = new int[rows];
            int[] last = new int[rows];
            for (int u = 0; u < rows; u++) {
                first[u] = Integer.MAX_VALUE;
                last[u] = Integer.MIN_VALUE;
                for (int v = -m; v < n; v++) {
                    int across = u + v;
                    int down = u - v;
                    boolean inside = across >= 0 && across <= 2 * (n - 1) && down >= 0 && down <= 2 * (m - 1);
                    if (inside) {
                        blocks.add(new Box(u * pitch, v * pitch, u * pitch + block, v * pitch + block));
                        shorts.add(new Box(u * pitch, v * pitch - sash, u * pitch + block, v * pitch));
                        first[u] = Math.min(first[u], v);
                        last[u] = Math.max(last[u], v);
                    }
                }
                shorts.add(new Box(u * pitch, last[u] * pitch + block, u * pitch + block, last[u] * pitch + block + sash));
            }
            for (int u = 0; u <= rows; u++) {
                int from = Math.min(first[Math.max(0, u - 1)], first[Math.min(rows - 1, u)]);
                int to = Math.max(last[Math.max(0, u - 1)], last[Math.min(rows - 1, u)]);
                longs.add(new Box(u * pitch - sash, from * pitch - sash, u * pitch, to * pitch + block + sash));
            }
            List<Box> all = new ArrayList<>(blocks);
            all.addAll(longs);
            return new Laid(
                    blocks, shorts, longs,
                    all.stream().mapToInt(box -> box.u0() + box.v0()).min().orElseThrow(),
                    all.stream().mapToInt(box -> box.u1() + box.v1()).max().orElseThrow(),
                    all.stream().mapToInt(box -> box.u0() - box.v1()).min().orElseThrow(),
                    all.stream().mapToInt(box -> box.u1() - box.v0()).max().orElseThrow());
        }

        List<Box> all() {
            List<Box> all = new ArrayList<>(blocks);
            all.addAll(shorts);
            all.addAll(longs);
            return all;
        }

        /** Half the product of its diagonals' extents: u + v and u − v are √2 times across and down. */
        long doubledArea() {
            return (long) (right - left) * (bottom - top);
        }
    }

    @Property(tries = 120)
    void nothing_overlaps_and_triangles_fill_what_is_left(
            @ForAll @IntRange(min = 1, max = 6) int n, @ForAll @IntRange(min = 1, max = 6) int m,
            @ForAll @IntRange(min = 4, max = 14) int block, @ForAll @IntRange(min = 1, max = 3) int sash) {
        Laid laid = Laid.out(n, m, block, sash);
        List<Box> all = laid.all();

        for (int i = 0; i < all.size(); i++) {
            for (int j = i + 1; j < all.size(); j++) {
                assertThat(all.get(i).overlaps(all.get(j))).isFalse();
            }
        }
        long rectangles = all.stream().mapToLong(Box::area).sum();
        long sides = 2L * (n - 1) + 2L * (m - 1);
        long doubledTriangles = sides * (block + sash) * (block + sash) + 2L * (block + 2 * sash) * (block + 2 * sash);
        assertThat(2 * rectangles + doubledTriangles).isEqualTo(laid.doubledArea());
    }

    @Property(tries = 120)
    void the_layout_counts_and_measures_what_is_laid_out(
            @ForAll @IntRange(min = 1, max = 6) int n, @ForAll @IntRange(min = 1, max = 6) int m,
            @ForAll @IntRange(min = 4, max = 14) int block, @ForAll @IntRange(min = 1, max = 3) int sash) {
        Laid laid = Laid.out(n, m, block, sash);
        Layout layout = layout(n, m, block, sash);

        assertThat(layout.blocks().value().value()).isEqualTo(laid.blocks().size());
        assertThat(shorts(layout).value()).isEqualTo(laid.shorts().size());
        assertThat(longLengths(layout)).isEqualTo(
                laid.longs().stream().map(box -> Length.ofInches(box.v1() - box.v0() + 4L)).sorted(Collections.reverseOrder()).toList());
        // u + v is √2 times across; the width in millionths, squared and doubled, is the square of that.
        assertThat(Double.parseDouble(layout.width().exact().toDecimalInches(6)) * Math.sqrt(2)).isCloseTo(
                laid.right() - laid.left(), org.assertj.core.api.Assertions.within(0.0001));
        assertThat(Double.parseDouble(layout.height().exact().toDecimalInches(6)) * Math.sqrt(2)).isCloseTo(
                laid.bottom() - laid.top(), org.assertj.core.api.Assertions.within(0.0001));
    }

    /** Two blocks of 10 in side by side, sashes of 2 in: the sash between them reaches over both, 10 + 10 + 3 · 2, and 4 to trim. */
    @Test
    void the_sash_between_two_rows_of_one_length_reaches_over_both() {
        assertThat(longLengths(layout(2, 1, 10, 2))).containsExactly(Length.ofInches(30), Length.ofInches(18), Length.ofInches(18));
    }

    private static Layout layout(int n, int m, int block, int sash) {
        return Layouts.plan(
                new Setting.OnPoint(new Edges.Triangles(Layouts.A, Layouts.A), Layouts.sashes(sash, true, false)), Length.ofInches(block),
                n, m)
                .layout().orElseThrow();
    }

    private static Count shorts(Layout layout) {
        return layout.pieces().stream().filter(piece -> piece.use().equals(Use.SASH)).map(Layout.SettingPiece::piece)
                .map(CutPiece::count).findFirst().orElseThrow().value();
    }

    private static List<Length> longLengths(Layout layout) {
        return layout.longPieces().get(0).pieces().stream()
                .flatMap(piece -> Collections.nCopies((int) piece.count().value().value(), piece.length().value()).stream())
                .sorted(Collections.reverseOrder())
                .toList();
    }
}
