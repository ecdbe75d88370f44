package retazo.core.measure;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.RoundingMode;
import java.util.Currency;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * An amount of one currency, which may be negative: a whole number of its smallest coins, of which a hundred make a dollar.
 *
 * @param minor in smallest coins
 */
public record Money(Currency currency, long minor) {

    private static final Pattern TYPED = Pattern.compile("(\\d{1,9})(?:[.,](\\d{1,3}))?");

    public static Money zero(Currency currency) {
        return new Money(currency, 0);
    }

    /**
     * An amount of zero or more as people type it: {@code 12.90}, {@code 12,9}, {@code 13}; empty for anything else, or for parts
     * of a coin.
     */
    public static Optional<Money> read(String typed, Currency currency) {
        Matcher matcher = TYPED.matcher(typed.strip());
        if (!matcher.matches()) {
            return Optional.empty();
        }
        String part = matcher.group(2) == null ? "" : matcher.group(2);
        int digits = currency.getDefaultFractionDigits();
        return part.length() > digits
                ? Optional.empty()
                : Optional.of(
                        new Money(currency, new BigDecimal(matcher.group(1) + "." + part + "0").movePointRight(digits).longValueExact()));
    }

    /**
     * @throws IllegalArgumentException if the other amount is of another currency
     */
    public Money plus(Money other) {
        if (!currency.equals(other.currency)) {
            throw new IllegalArgumentException(this + " and " + other + " have no sum.");
        }
        return new Money(currency, Math.addExact(minor, other.minor));
    }

    public Money times(long factor) {
        return new Money(currency, Math.multiplyExact(minor, factor));
    }

    /**
     * This much of it: {@code part ÷ whole}, to the nearest coin, halves up.
     *
     * @param whole above zero
     */
    public Money share(long part, long whole) {
        BigDecimal all = new BigDecimal(BigInteger.valueOf(minor).multiply(BigInteger.valueOf(part)));
        return new Money(currency, all.divide(BigDecimal.valueOf(whole), 0, RoundingMode.HALF_UP).longValueExact());
    }

    /** Without the currency, as it is read: {@code 12.90}. */
    public String plainAmount() {
        return BigDecimal.valueOf(minor, currency.getDefaultFractionDigits()).toPlainString();
    }

    /** Such as {@code 12.90 USD}. */
    @Override
    public String toString() {
        return plainAmount() + " " + currency.getCurrencyCode();
    }
}
