package retazo.app.cutting.stacks;

import java.util.Optional;
import java.util.UUID;

import org.jspecify.annotations.Nullable;

import retazo.app.shared.FieldReader;
import retazo.core.measure.Length;
import retazo.core.measure.LengthUnit;

/**
 * A stack as sent.
 *
 * @param step   which
 * @param good   how many came out well
 * @param spoilt how many did not; none where nothing was typed
 * @param bolt   from which bolt cloth is cut again
 * @param length of that cloth
 */
record StackForm(
        @Nullable String step, @Nullable String good, @Nullable String spoilt, @Nullable Long bolt, @Nullable String length,
        @Nullable UUID clientId) {

    static final StackForm EMPTY = new StackForm("", "", "", null, "", null);

    /** More than anybody stacks. */
    private static final int MOST = 500;
    private static final Length LONGEST = Length.ofYards(20, 1);

    UUID entryId() {
        return clientId == null ? UUID.randomUUID() : clientId;
    }

    String stepId() {
        return step == null ? "" : step;
    }

    int readGood(FieldReader reader) {
        return reader.number("good", good, 0, MOST);
    }

    int readSpoilt(FieldReader reader) {
        return spoilt == null || spoilt.isBlank() ? 0 : reader.number("spoilt", spoilt, 0, MOST);
    }

    Optional<Length> readLength(FieldReader reader, LengthUnit unit) {
        int before = reader.problems().size();
        Length read = reader.lengthAboveZero("length", length, unit, LONGEST);
        return reader.problems().size() == before ? Optional.of(read) : Optional.empty();
    }
}
