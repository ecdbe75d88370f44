package retazo.app.stock.bulk;

import org.jspecify.annotations.Nullable;
import retazo.app.shared.FieldReader;
import retazo.app.stock.NewBolt;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.measure.Length;
import retazo.core.measure.LengthUnit;
import retazo.core.measure.Problem;

/**
 * What is typed of a bolt that comes in, in a form or in a line of a list. An empty usable width means the fabric's own. What stands on a
 * tag is an estimate until somebody measured it.
 */
public record TypedBolt(
        @Nullable String code, @Nullable String lot, @Nullable String place, @Nullable String length, @Nullable String usableWidth,
        boolean measured) {

    /** No bolt is longer. */
    public static final Length LONGEST = Length.ofYards(300, 1);

    /**
     * Reads the bolt; with problems in the reader, at the names of these fields, it must not be used.
     *
     * @param fabricWidth the usable width where none is typed
     * @param unit        of a length that names none
     */
    public NewBolt read(FieldReader reader, long fabricId, Length fabricWidth, LengthUnit unit) {
        String readCode = reader.text("code", code, 20);
        if (!readCode.isEmpty() && !readCode.matches("[A-Za-z0-9][A-Za-z0-9-]*")) {
            reader.add(Problem.at("code", "bolt.code"));
        }
        String readLot = reader.text("lot", lot, 30);
        String readPlace = reader.optionalText("place", place, 40);
        Length readLength = reader.lengthAboveZero("length", length, unit, LONGEST);
        return new NewBolt(readCode, fabricId, readLot, readPlace, width(reader, usableWidth, fabricWidth), readLength, measured);
    }

    /** A usable width, or the fabric's own for nothing typed. */
    public static Length width(FieldReader reader, @Nullable String typed, Length fabricWidth) {
        return typed == null || typed.isBlank()
                ? fabricWidth
                : reader.lengthAboveZero("usableWidth", typed, LengthUnit.INCH, PracticeMeasure.USABLE_WIDTH.most());
    }
}
