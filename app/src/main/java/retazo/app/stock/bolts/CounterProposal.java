package retazo.app.stock.bolts;

import java.util.UUID;
import retazo.app.fabrics.Fabric;
import retazo.app.shared.LengthView;

/**
 * The bolt from which a counter cut is proposed, before anything is booked.
 *
 * @param perhaps      the fraction that a typed decimal may have meant, or an empty text
 * @param restState    what the rest is: nothing, can be sold, or too short to sell
 * @param eatsReserved how much reserved cloth the cut would take; shown only where {@code warns}
 */
record CounterProposal(
        UUID clientId,
        From from,
        LengthView length,
        String lengthText,
        String perhaps,
        LengthView rest,
        String restState,
        boolean warns,
        LengthView eatsReserved) {

    /** The bolt, and where it is. */
    record From(long boltId, String boltCode, Fabric fabric, String lot, String place) {
    }
}
