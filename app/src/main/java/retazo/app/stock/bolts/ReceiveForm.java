package retazo.app.stock.bolts;

import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import retazo.app.stock.bulk.TypedBolt;

/** A bolt to be received, as typed. An empty usable width means the fabric's own. */
record ReceiveForm(
        @Nullable String fabric,
        @Nullable String code,
        @Nullable String lot,
        @Nullable String place,
        @Nullable String length,
        @Nullable String usableWidth,
        @Nullable String measured,
        @Nullable UUID clientId) {

    static ReceiveForm empty(String fabric, String nextCode) {
        return new ReceiveForm(fabric, nextCode, "", "", "", "", null, UUID.randomUUID());
    }

    public boolean isMeasured() {
        return measured != null;
    }

    /** The next one after a bolt that was booked: same fabric, lot and place. */
    ReceiveForm following(String nextCode) {
        return new ReceiveForm(fabric, nextCode, lot, place, "", usableWidth, measured, UUID.randomUUID());
    }

    TypedBolt bolt() {
        return new TypedBolt(code, lot, place, length, usableWidth, isMeasured());
    }

    Optional<String> fabricText() {
        return Optional.ofNullable(fabric).map(String::strip).filter(text -> !text.isEmpty());
    }

    UUID entryId() {
        return clientId == null ? UUID.randomUUID() : clientId;
    }
}
