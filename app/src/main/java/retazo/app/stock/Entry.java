package retazo.app.stock;

import java.util.UUID;

/**
 * Who writes into the movement book.
 *
 * @param clientId made by the page that asks: the same entry sent twice counts once
 * @param note     up to 200 characters, may be empty
 * @param isPart   whether it is booked as a part of something that {@link Entries} lets through already
 */
public record Entry(long personId, UUID clientId, String note, boolean isPart) {

    public static Entry of(long personId, UUID clientId) {
        return new Entry(personId, clientId, "", false);
    }

    public Entry noted(String text) {
        return new Entry(personId, clientId, text, isPart);
    }

    Entry part() {
        return new Entry(personId, clientId, note, true);
    }

    /** An entry of its own that is booked together with this one and taken back without it. */
    public Entry apart(int step) {
        return new Entry(personId, clientIdOf(step), note, false);
    }

    /** The id of a further movement of the same entry. */
    public UUID clientIdOf(int step) {
        return step == 0 ? clientId : UUID.nameUUIDFromBytes((clientId + "/" + step).getBytes(java.nio.charset.StandardCharsets.UTF_8));
    }
}
