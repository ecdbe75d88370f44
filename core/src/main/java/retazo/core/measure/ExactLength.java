package retazo.core.measure;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.Function;

/**
 * A length that carries a formula to its end: (rational + Σ factor · √(whole + twos · √2)) ÷ denominator, in ticks, with
 * nothing rounded.
 *
 * <p>It is compared and rounded by whole numbers that close in on it until the answer is certain; no tick and no
 * floating-point number stands in for a root. Terms are kept in order and in lowest terms, so equal values are equal
 * records, as far as {@link Root} takes squares out.
 */
public final class ExactLength implements Quantity {

    private static final int FIRST_BITS = 24;
    private static final int MOST_BITS = 6_000;
    private static final Comparator<Root> BY_RADICAND = Comparator.comparing(Root::twos).thenComparing(Root::whole);

    private final BigInteger rational;
    private final List<Root> roots;
    private final BigInteger denominator;

    private ExactLength(BigInteger rational, List<Root> terms, BigInteger denominator) {
        if (denominator.signum() < 1) {
            throw new IllegalArgumentException("The denominator " + denominator + " is below 1.");
        }
        BigInteger whole = rational;
        List<Root> merged = new ArrayList<>();
        for (Root term : terms) {
            if (term.isRational()) {
                whole = whole.add(term.rationalValue());
            } else {
                merge(merged, term);
            }
        }
        merged.removeIf(term -> term.factor().signum() == 0);
        merged.sort(BY_RADICAND);
        BigInteger divisor = merged.stream().map(Root::factor).reduce(whole.gcd(denominator), BigInteger::gcd);
        this.rational = whole.divide(divisor);
        this.roots = merged.stream().map(term -> new Root(term.factor().divide(divisor), term.whole(), term.twos())).toList();
        this.denominator = denominator.divide(divisor);
    }

    private static void merge(List<Root> merged, Root term) {
        for (int i = 0; i < merged.size(); i++) {
            if (merged.get(i).sameRadicand(term)) {
                merged.set(i, new Root(merged.get(i).factor().add(term.factor()), term.whole(), term.twos()));
                return;
            }
        }
        merged.add(term);
    }

    public static ExactLength of(Length length) {
        return ofTicks(length.ticks(), 1);
    }

    /** √2 times a length: the diagonal of a square with that side. */
    public static ExactLength rootTwo(Length side) {
        return root(side, 2, 0);
    }

    /**
     * A length times √(whole + twos · √2).
     *
     * @param whole 1 or more where {@code twos} is zero
     * @param twos  0 for a plain root
     */
    public static ExactLength root(Length length, long whole, long twos) {
        Root root = new Root(BigInteger.valueOf(length.ticks()), BigInteger.valueOf(whole), BigInteger.valueOf(twos));
        return new ExactLength(BigInteger.ZERO, List.of(root), BigInteger.ONE);
    }

    static ExactLength ofTicks(long numerator, long denominator) {
        return new ExactLength(BigInteger.valueOf(numerator), List.of(), BigInteger.valueOf(denominator));
    }

    public ExactLength plus(ExactLength other) {
        List<Root> terms = new ArrayList<>();
        roots.forEach(root -> terms.add(root.times(other.denominator)));
        other.roots.forEach(root -> terms.add(root.times(denominator)));
        return new ExactLength(
                rational.multiply(other.denominator).add(other.rational.multiply(denominator)),
                terms,
                denominator.multiply(other.denominator));
    }

    public ExactLength minus(ExactLength other) {
        return plus(other.times(-1));
    }

    public ExactLength times(long factor) {
        BigInteger number = BigInteger.valueOf(factor);
        return new ExactLength(rational.multiply(number), roots.stream().map(root -> root.times(number)).toList(), denominator);
    }

    /** @param divisor 1 or more */
    public ExactLength dividedBy(long divisor) {
        return new ExactLength(rational, roots, denominator.multiply(BigInteger.valueOf(divisor)));
    }

    public boolean isRational() {
        return roots.isEmpty();
    }

    /**
     * What is cut for this size: itself if it is a whole number of ticks, else rounded up to the cutting step.
     *
     * @param step the cutting step, above zero
     */
    public Length toCut(Length step) {
        return isRational() && denominator.equals(BigInteger.ONE) ? new Length(rational.longValueExact()) : roundedUpTo(step);
    }

    /**
     * The least whole multiple of a step that is not below this length.
     *
     * <p>With M = denominator · step, the value ÷ M is no whole number while a root is left in it, so its ceiling is its
     * floor + 1.
     *
     * @param step above zero
     */
    public Length roundedUpTo(Length step) {
        if (!step.isPositive()) {
            throw new IllegalArgumentException("A step of " + step + " is not above zero.");
        }
        BigInteger multiple = denominator.multiply(BigInteger.valueOf(step.ticks()));
        BigInteger steps = isRational()
                ? floorDivide(rational.negate(), multiple).negate()
                : floor(BigInteger.ONE, multiple).add(BigInteger.ONE);
        return new Length(steps.multiply(BigInteger.valueOf(step.ticks())).longValueExact());
    }

    /**
     * The nearest whole multiple of a step, as it is read off a ruler.
     *
     * @param step above zero
     */
    public Length onRuler(Length step) {
        return minus(of(step).dividedBy(2)).roundedUpTo(step);
    }

    /** The nearest tick below, for a drawing. */
    public Length cutOffToTick() {
        return new Length(floor(BigInteger.ONE, denominator).longValueExact());
    }

    /**
     * ⌊scale · (rational + Σ roots) ÷ divisor⌋, exactly: the roots are closed in between two whole numbers at 2ᵏ, with more
     * bits until both give the same floor. For a sum that has no rational value this ends.
     */
    private BigInteger floor(BigInteger scale, BigInteger divisor) {
        for (int bits = FIRST_BITS; bits <= MOST_BITS; bits *= 2) {
            BigInteger low = rational.multiply(scale).shiftLeft(bits);
            for (Root root : roots) {
                low = low.add(root.times(scale).floorScaled(bits));
            }
            BigInteger high = low.add(BigInteger.valueOf(2L * roots.size()));
            BigInteger scaledDivisor = divisor.shiftLeft(bits);
            BigInteger floor = floorDivide(low, scaledDivisor);
            if (floor.equals(floorDivide(high, scaledDivisor))) {
                return floor;
            }
        }
        throw new ArithmeticException("The roots of " + rational + " " + roots + " cancel each other.");
    }

    private static BigInteger floorDivide(BigInteger numerator, BigInteger positive) {
        BigInteger[] parts = numerator.divideAndRemainder(positive);
        return parts[1].signum() < 0 ? parts[0].subtract(BigInteger.ONE) : parts[0];
    }

    /**
     * Decimal inches, cut off (not rounded) after so many places: {@code 3.8535}.
     *
     * @param places 0 or more
     */
    public String toDecimalInches(int places) {
        BigInteger scale = BigInteger.TEN.pow(places);
        BigInteger scaled = floor(scale, denominator.multiply(BigInteger.valueOf(Length.TICKS_PER_INCH)));
        BigInteger[] parts = scaled.abs().divideAndRemainder(scale);
        String sign = scaled.signum() < 0 ? "-" : "";
        String rest = parts[1].toString();
        return places == 0 ? sign + parts[0] : sign + parts[0] + "." + "0".repeat(places - rest.length()) + rest;
    }

    @Override
    public <R> R match(
            Function<Length, R> length,
            Function<ExactLength, R> exact,
            Function<Count, R> count,
            Function<Percent, R> percent) {
        return exact.apply(this);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof ExactLength length
                && rational.equals(length.rational) && roots.equals(length.roots) && denominator.equals(length.denominator);
    }

    @Override
    public int hashCode() {
        return java.util.Objects.hash(rational, roots, denominator);
    }

    /** Decimal inches cut off after four places, for messages. */
    @Override
    public String toString() {
        return toDecimalInches(4) + " in";
    }
}
