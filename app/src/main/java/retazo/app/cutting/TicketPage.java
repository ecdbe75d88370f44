package retazo.app.cutting;

import java.util.List;
import retazo.app.fabrics.Fabric;

/**
 * A ticket as it is answered.
 *
 * @param asks what the cutter is asked before the step is booked
 * @param form the step as it was sent, empty before one was
 * @param unit the symbol of the unit of a length that names none
 */
record TicketPage(TicketPages.Ticket ticket, Asks asks, CutForm form, String unit) {

    /** What is to be answered before a step is booked. */
    enum Asks {
        NOTHING,
        /** What becomes of a length that is too short. */
        FATE,
        /** Whether the bolt was longer than the book says. */
        LONGER,
        /** Whether a length far from what was asked is right. */
        FAR
    }

    List<Fabric> prints() {
        return List.of(ticket.on().fabric());
    }

    public boolean asksFate() {
        return asks == Asks.FATE;
    }

    public boolean asksFar() {
        return asks == Asks.FAR;
    }

    public boolean asksLonger() {
        return asks == Asks.LONGER;
    }
}
