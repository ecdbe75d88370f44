package retazo.core.price;

import java.math.BigInteger;
import java.util.Currency;
import java.util.Optional;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import retazo.core.measure.Money;
import retazo.core.measure.Percent;

/** By what one bag of a kit is priced. */
public sealed interface KitPrice {

    /**
     * The price of a bag.
     *
     * @param parts what all that is in it is sold for; empty where a price is not known
     * @param cost  what it costs the shop, with the tax on that where prices have tax in them, likewise
     * @param step  prices that are worked out go up to a whole number of these; above zero
     * @return empty where what it is worked out of is not known, or is of another currency than the step
     */
    Optional<Money> of(Optional<Money> parts, Optional<Money> cost, Money step);

    <R> R match(Function<Parts, R> parts, Function<ByMargin, R> margin, Function<ByHand, R> hand);

    /** As it is kept: {@code parts}, {@code margin 4000} in hundredths of a percent, {@code hand USD 9500} in smallest coins. */
    String code();

    Pattern CODE = Pattern.compile("(parts)|margin (\\d{1,4})|hand ([A-Z]{3}) (\\d{1,12})");

    /**
     * Reads what is kept.
     *
     * @throws IllegalArgumentException for anything that {@link #code} does not say
     */
    static KitPrice read(String code) {
        Matcher matcher = CODE.matcher(code);
        if (!matcher.matches()) {
            throw new IllegalArgumentException("No price of a kit: " + code);
        }
        if (matcher.group(1) != null) {
            return new Parts();
        }
        return matcher.group(2) != null
                ? new ByMargin(new Percent(Integer.parseInt(matcher.group(2))))
                : new ByHand(new Money(Currency.getInstance(matcher.group(3)), Long.parseLong(matcher.group(4))));
    }

    /** The least whole number of steps that is no less than an amount of smallest coins. */
    private static Optional<Money> upTo(Currency currency, BigInteger minor, BigInteger over, Money step) {
        if (!step.currency().equals(currency)) {
            return Optional.empty();
        }
        BigInteger[] steps = minor.divideAndRemainder(over.multiply(BigInteger.valueOf(step.minor())));
        long whole = steps[0].longValueExact() + (steps[1].signum() > 0 ? 1 : 0);
        return Optional.of(step.times(whole));
    }

    /** What its parts are sold for, together. */
    record Parts() implements KitPrice {

        @Override
        public Optional<Money> of(Optional<Money> parts, Optional<Money> cost, Money step) {
            return parts.flatMap(all -> upTo(all.currency(), BigInteger.valueOf(all.minor()), BigInteger.ONE, step));
        }

        @Override
        public <R> R match(Function<Parts, R> parts, Function<ByMargin, R> margin, Function<ByHand, R> hand) {
            return parts.apply(this);
        }

        @Override
        public String code() {
            return "parts";
        }
    }

    /**
     * What leaves so much of the price beyond the cost: of a price p with the cost c the margin is m = (p − c) ÷ p, so p = c ÷ (1 − m). A
     * price with a tax of t in it is p(1 + t), which the same formula gives of c(1 + t).
     *
     * @param margin below 100 %
     */
    record ByMargin(Percent margin) implements KitPrice {

        private static final int ALL = 10_000;

        public ByMargin {
            if (margin.hundredths() >= ALL) {
                throw new IllegalArgumentException("Nothing costs so little that " + margin + " of its price are left.");
            }
        }

        @Override
        public Optional<Money> of(Optional<Money> parts, Optional<Money> cost, Money step) {
            return cost.flatMap(all -> upTo(
                    all.currency(), BigInteger.valueOf(all.minor()).multiply(BigInteger.valueOf(ALL)),
                    BigInteger.valueOf(ALL - margin.hundredths()), step));
        }

        @Override
        public <R> R match(Function<Parts, R> parts, Function<ByMargin, R> margin, Function<ByHand, R> hand) {
            return margin.apply(this);
        }

        @Override
        public String code() {
            return "margin " + margin.hundredths();
        }
    }

    /** What somebody said, as it is. */
    record ByHand(Money each) implements KitPrice {

        @Override
        public Optional<Money> of(Optional<Money> parts, Optional<Money> cost, Money step) {
            return Optional.of(each);
        }

        @Override
        public <R> R match(Function<Parts, R> parts, Function<ByMargin, R> margin, Function<ByHand, R> hand) {
            return hand.apply(this);
        }

        @Override
        public String code() {
            return "hand " + each.currency().getCurrencyCode() + " " + each.minor();
        }
    }
}
