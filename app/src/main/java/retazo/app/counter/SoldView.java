package retazo.app.counter;

import retazo.app.shared.FractionText;

/**
 * A line of a sale as it is shown.
 *
 * @param what      such as {@code 1 3/8 yd Heron blue}
 * @param from      the bolt or the bag
 * @param price     of all of it; empty where nobody said
 * @param at        when, as one reads it
 * @param takenBack whether it is crossed out
 */
record SoldView(long id, FractionText what, String from, String price, String at, boolean takenBack) {
}
