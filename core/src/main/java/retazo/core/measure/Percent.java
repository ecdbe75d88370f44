package retazo.core.measure;

import java.util.function.Function;

/** A share in hundredths of a percent, exact: 5 % is 500. From 0 to 100 %. */
public record Percent(int hundredths) implements Quantity {

    public static final Percent ZERO = new Percent(0);

    /**
     * @throws IllegalArgumentException if the share is below 0 or above 100 %
     */
    public Percent {
        if (hundredths < 0 || hundredths > 10_000) {
            throw new IllegalArgumentException("A share of " + hundredths + "/100 % is not from 0 to 100 %.");
        }
    }

    public static Percent of(int percent) {
        return new Percent(Math.multiplyExact(percent, 100));
    }

    /** This share on top of a length, with nothing rounded: length × (1 + share). */
    public ExactLength onTopOf(Length length) {
        return ExactLength.ofTicks(Math.multiplyExact(length.ticks(), 10_000L + hundredths), 10_000);
    }

    @Override
    public <R> R match(
            Function<Length, R> length,
            Function<ExactLength, R> exact,
            Function<Count, R> count,
            Function<Percent, R> percent) {
        return percent.apply(this);
    }

    /** As it is typed: {@code 5} or {@code 7.25}. */
    public String plainNumber() {
        String whole = Integer.toString(hundredths / 100);
        int rest = hundredths % 100;
        if (rest == 0) {
            return whole;
        }
        return whole + "." + (rest % 10 == 0 ? Integer.toString(rest / 10) : "%02d".formatted(rest));
    }

    /** Such as {@code 5 %} or {@code 7.25 %}. */
    @Override
    public String toString() {
        return plainNumber() + " %";
    }
}
