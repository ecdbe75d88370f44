package retazo.core.precut;

import retazo.core.cloth.SheetSize;
import retazo.core.measure.Length;

/** How many sheets of one measure come out of one of another, as a single that takes the place of a print is cut up. */
public final class SheetYield {

    private SheetYield() {
    }

    /**
     * All of them one way round, in rows and columns, the better way: the greater of ⌊L ÷ l⌋·⌊W ÷ w⌋ and ⌊L ÷ w⌋·⌊W ÷ l⌋. A
     * quarter of 20 × 18
     * gives two 10 in squares, three by four of 5 in, and itself once.
     */
    public static int of(SheetSize from, SheetSize wanted) {
        return Math.toIntExact(Math.max(
                fits(from.length(), wanted.length()) * fits(from.width(), wanted.width()),
                fits(from.length(), wanted.width()) * fits(from.width(), wanted.length())));
    }

    private static long fits(Length along, Length one) {
        return along.ticks() / one.ticks();
    }
}
