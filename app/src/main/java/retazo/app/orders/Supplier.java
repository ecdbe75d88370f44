package retazo.app.orders;

import retazo.core.measure.Length;

/**
 * Whom the shop buys cloth from.
 *
 * @param id         0 for one of whom nothing is kept but the name
 * @param leadDays   from an order until the cloth is there, 1 to 365
 * @param cycleWeeks between two orders, 1 to 26
 * @param bolt       how long its bolts usually are
 * @param account    the shop's number with it; may be empty
 * @param address    where orders go; may be empty
 */
public record Supplier(long id, String name, int leadDays, int cycleWeeks, Length bolt, String account, String address) {

    private static final int DAYS_OF_A_WEEK = 7;

    /** One of whom only the name is known: two weeks to deliver, an order every four, bolts of ten yards. */
    static Supplier named(String name) {
        return new Supplier(0, name, 14, 4, Length.ofYards(10, 1), "", "");
    }

    /** Whole weeks that a delivery takes. */
    public int leadWeeks() {
        return (leadDays + DAYS_OF_A_WEEK - 1) / DAYS_OF_A_WEEK;
    }
}
