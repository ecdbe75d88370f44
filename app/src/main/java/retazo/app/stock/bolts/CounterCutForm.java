package retazo.app.stock.bolts;

import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A counter cut as typed.
 *
 * @param what    a bolt's number, or a fabric's code or name
 * @param boltId  the bolt that was shown, when the cut is booked
 * @param despite set when reserved cloth is sold knowingly
 */
record CounterCutForm(
        @Nullable String what, @Nullable String length, @Nullable Long boltId, @Nullable String despite, @Nullable UUID clientId) {

    static CounterCutForm empty(@Nullable String what) {
        return new CounterCutForm(what, "", null, null, UUID.randomUUID());
    }

    /** The length as typed; empty for nothing. */
    String typedLength() {
        return length == null ? "" : length;
    }

    boolean sellsReserved() {
        return despite != null;
    }

    UUID entryId() {
        return clientId == null ? UUID.randomUUID() : clientId;
    }
}
