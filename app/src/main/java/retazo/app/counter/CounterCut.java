package retazo.app.counter;

import retazo.app.shared.LengthView;
import retazo.app.stock.Bolt;

/**
 * A cut as it is proposed, before anything is booked.
 *
 * @param typed       the length as it is sent
 * @param perhaps     the fraction that a typed decimal may have meant, or an empty text
 * @param price       of the length; empty where nobody said
 * @param restState   what the rest is: nothing, can be sold, or too short to sell
 * @param eatsReserved how much reserved cloth it would take; shown only where {@code warns}
 */
record CounterCut(
        Bolt bolt, LengthView length, String typed, String perhaps, String price, LengthView rest, String restState, boolean warns,
        LengthView eatsReserved) {
}
