package retazo.app.stock.changes;

import java.util.UUID;
import org.jspecify.annotations.Nullable;
import retazo.app.shared.FieldReader;
import retazo.app.stock.Bolt;
import retazo.app.stock.bulk.TypedBolt;
import retazo.core.measure.LengthParts;
import retazo.core.measure.LengthUnit;

/** Lot, place and width of a bolt as typed, and why they are put right. */
record BoltForm(
        @Nullable String lot, @Nullable String place, @Nullable String usableWidth, @Nullable String why, @Nullable UUID clientId) {

    static BoltForm of(Bolt bolt) {
        return new BoltForm(
                bolt.lot(), bolt.place(), LengthParts.exactText(bolt.usableWidth(), LengthUnit.INCH), "", UUID.randomUUID());
    }

    /** Reads them; with problems in the reader they must not be used. */
    Bolt.Facts read(FieldReader reader, Bolt bolt) {
        return new Bolt.Facts(
                reader.text("lot", lot, 30), reader.optionalText("place", place, 40),
                TypedBolt.width(reader, usableWidth, bolt.usableWidth()));
    }

    String readWhy(FieldReader reader) {
        return reader.optionalText("why", why, 200);
    }

    UUID entryId() {
        return clientId == null ? UUID.randomUUID() : clientId;
    }
}
