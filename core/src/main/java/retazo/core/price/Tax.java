package retazo.core.price;

import retazo.core.measure.Money;
import retazo.core.measure.Percent;

/**
 * The tax on what is sold.
 *
 * @param rate     of the amount without tax
 * @param included whether prices have it in them
 */
public record Tax(Percent rate, boolean included) {

    /** A shop whose prices are what is paid, and that counts no tax. */
    public static final Tax NONE = new Tax(Percent.ZERO, true);

    private static final int WHOLE = 10_000;

    /** The tax on an amount, to the nearest coin: r of a price without it, r ÷ (1 + r) of one that has it in it. */
    public Money on(Money amount) {
        return amount.share(rate.hundredths(), included ? WHOLE + rate.hundredths() : WHOLE);
    }

    /** What is paid for things at these prices. */
    public Money toPay(Money amount) {
        return included ? amount : amount.plus(on(amount));
    }

    /** What of it is the shop's. */
    public Money net(Money amount) {
        return included ? new Money(amount.currency(), amount.minor() - on(amount).minor()) : amount;
    }

    /** A price of which so much is the shop's, as prices are said: with the tax in it, to the nearest coin, where they have it in them. */
    public Money said(Money net) {
        return included ? net.plus(net.share(rate.hundredths(), WHOLE)) : net;
    }

    public boolean isNone() {
        return rate.equals(Percent.ZERO);
    }
}
