package retazo.app.stock.bolts;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import retazo.app.shared.Typed;
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

    public boolean isMeasured() {
        return measured != null;
    }

    /** A form for the next bolt: the same but for number and length. */
    ReceiveForm following(String nextCode) {
        return new ReceiveForm(fabric, nextCode, lot, place, "", usableWidth, measured, UUID.randomUUID());
    }

    /** What the next one has too, by the names of the fields. */
    Map<String, String> staying() {
        Map<String, String> staying = new LinkedHashMap<>();
        staying.put("fabric", Typed.text(fabric));
        staying.put("lot", Typed.text(lot));
        staying.put("place", Typed.text(place));
        staying.put("usableWidth", Typed.text(usableWidth));
        if (isMeasured()) {
            staying.put("measured", "on");
        }
        return staying;
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
