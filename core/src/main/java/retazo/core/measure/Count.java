package retazo.core.measure;

import java.util.function.Function;

/** How many of something: pieces, strips, blocks, panels. Zero or more. */
public record Count(long value) implements Quantity, Comparable<Count> {

    public static final Count ONE = new Count(1);

    /**
     * @throws IllegalArgumentException if the value is negative
     */
    public Count {
        if (value < 0) {
            throw new IllegalArgumentException("A count of " + value + " is below zero.");
        }
    }

    public Count plus(Count other) {
        return new Count(Math.addExact(value, other.value));
    }

    public Count times(Count other) {
        return new Count(Math.multiplyExact(value, other.value));
    }

    /**
     * How many groups of the given size hold this many, the last one perhaps not full: ⌈this ÷ size⌉.
     *
     * @param size 1 or more
     */
    public Count inGroupsOf(Count size) {
        if (size.value < 1) {
            throw new IllegalArgumentException("A group of " + size.value + " holds nothing.");
        }
        return new Count(Math.floorDiv(Math.addExact(value, size.value - 1), size.value));
    }

    @Override
    public int compareTo(Count other) {
        return Long.compare(value, other.value);
    }

    @Override
    public <R> R match(
            Function<Length, R> length,
            Function<ExactLength, R> exact,
            Function<Count, R> count,
            Function<Percent, R> percent) {
        return count.apply(this);
    }

    @Override
    public String toString() {
        return Long.toString(value);
    }
}
