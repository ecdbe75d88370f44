package retazo.core.quilt.piece;

import java.util.Map;
import java.util.function.Function;
import retazo.core.explain.Arithmetic;
import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.explain.Origin;
import retazo.core.measure.Count;
import retazo.core.quilt.size.QuiltSize;
import retazo.core.quilt.size.SizeKey;

/** For what a line of a cut list counts its pieces. */
public sealed interface CutCount {

    /** No line counts more. */
    int MOST = 100_000;

    /** How many pieces a size takes; zero where it takes none. */
    Figure<Count> total(String key, CutList list, QuiltSize size);

    <R> R match(Function<PerBlock, R> perBlock, Function<PerSize, R> perSize, Function<PerQuilt, R> perQuilt);

    private static Figure<Count> given(String key, String label, int value, QuiltSize size) {
        return Figure.given(key, Label.of(label), new Count(value), Origin.pattern("sizes." + size.name()));
    }

    /**
     * So many in each block of a kind or place.
     *
     * @param place the label under which its blocks are counted
     */
    record PerBlock(String place, int each) implements CutCount {
        @Override
        public Figure<Count> total(String key, CutList list, QuiltSize size) {
            Figure<Count> blocks = given(key + ".blocks", "cutList.blocks", list.blocks(place, size.key()), size);
            return Arithmetic.productOfCounts(
                    key + ".count", Label.of("cutList.count"), blocks, given(key + ".each", "cutList.each", each, size));
        }

        @Override
        public <R> R match(Function<PerBlock, R> perBlock, Function<PerSize, R> perSize, Function<PerQuilt, R> perQuilt) {
            return perBlock.apply(this);
        }
    }

    /** So many in each size. */
    record PerSize(Map<SizeKey, Integer> counts) implements CutCount {
        public PerSize {
            counts = Map.copyOf(counts);
        }

        @Override
        public Figure<Count> total(String key, CutList list, QuiltSize size) {
            return given(key + ".count", "cutList.count", counts.getOrDefault(size.key(), 0), size);
        }

        @Override
        public <R> R match(Function<PerBlock, R> perBlock, Function<PerSize, R> perSize, Function<PerQuilt, R> perQuilt) {
            return perSize.apply(this);
        }
    }

    /** As many in every quilt, whatever its size. */
    record PerQuilt(int count) implements CutCount {
        @Override
        public Figure<Count> total(String key, CutList list, QuiltSize size) {
            return given(key + ".count", "cutList.count", count, size);
        }

        @Override
        public <R> R match(Function<PerBlock, R> perBlock, Function<PerSize, R> perSize, Function<PerQuilt, R> perQuilt) {
            return perQuilt.apply(this);
        }
    }
}
