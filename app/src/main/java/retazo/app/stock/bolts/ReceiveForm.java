package retazo.app.stock.bolts;

import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import retazo.app.shared.FieldReader;
import retazo.app.stock.NewBolt;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.measure.Length;
import retazo.core.measure.LengthUnit;
import retazo.core.measure.Problem;

/** A bolt to be received, as typed. An empty usable width means the fabric's own. */
record ReceiveForm(
        @Nullable String fabric,
        @Nullable String code,
        @Nullable String lot,
        @Nullable String place,
        @Nullable String length,
        @Nullable String usableWidth,
        @Nullable String estimate,
        @Nullable UUID clientId) {

    private static final Length LONGEST_BOLT = Length.ofYards(300, 1);

    static ReceiveForm empty(String fabric, String nextCode) {
        return new ReceiveForm(fabric, nextCode, "", "", "", "", null, UUID.randomUUID());
    }

    public boolean isEstimate() {
        return estimate != null;
    }

    /**
     * Reads the bolt; with problems in the reader it must not be used.
     *
     * @param fabricWidth the usable width where none is typed
     */
    NewBolt read(FieldReader reader, long fabricId, Length fabricWidth, LengthUnit unit) {
        String readCode = reader.text("code", code, 20);
        if (!readCode.isEmpty() && !readCode.matches("[A-Za-z0-9][A-Za-z0-9-]*")) {
            reader.add(Problem.at("code", "bolt.code"));
        }
        String readLot = reader.text("lot", lot, 30);
        String readPlace = reader.optionalText("place", place, 40);
        Length readLength = reader.lengthAboveZero("length", length, unit, LONGEST_BOLT);
        Length width = usableWidth == null || usableWidth.isBlank()
                ? fabricWidth
                : reader.lengthAboveZero("usableWidth", usableWidth, LengthUnit.INCH, PracticeMeasure.USABLE_WIDTH.most());
        return new NewBolt(readCode, fabricId, readLot, readPlace, width, readLength, !isEstimate());
    }

    Optional<String> fabricText() {
        return Optional.ofNullable(fabric).map(String::strip).filter(text -> !text.isEmpty());
    }

    UUID entryId() {
        return clientId == null ? UUID.randomUUID() : clientId;
    }
}
