package retazo.app.cutting;

import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import retazo.app.shared.FieldReader;
import retazo.core.measure.Length;
import retazo.core.measure.LengthUnit;

/**
 * A step of a ticket as sent.
 *
 * @param real   the real length, empty for the one on the ticket
 * @param fate   REMNANT or WASTE for a length that is too short
 * @param longer set in the second confirmation, where the book has less
 * @param sure   likewise, where the length is far from what was asked
 * @param good   the good length before a flaw
 * @param flaw   the length of the flaw
 * @param left   what a bolt that is short or long really has left
 * @param front  what is put aside, so that the cut lies behind it
 */
record CutForm(
        long plannedCutId,
        int planVersion,
        @Nullable UUID clientId,
        @Nullable String real,
        @Nullable String fate,
        @Nullable String longer,
        @Nullable String sure,
        @Nullable String good,
        @Nullable String flaw,
        @Nullable String left,
        @Nullable String front) {

    static final CutForm EMPTY = new CutForm(0, 0, null, "", null, null, null, "", "", "", "");
    private static final Length LONGEST = Length.ofYards(300, 1);

    CutStep step(long runId, long boltId, Optional<Length> realLength) {
        Optional<CutStep.Fate> readFate = java.util.Arrays.stream(CutStep.Fate.values())
                .filter(kind -> kind.name().equals(fate))
                .findFirst();
        return new CutStep(
                runId, boltId, plannedCutId, planVersion, clientId == null ? UUID.randomUUID() : clientId, realLength, readFate,
                longer != null, sure != null);
    }

    /** The real length where one was typed. */
    Optional<Length> readReal(FieldReader reader, LengthUnit unit) {
        return real == null || real.isBlank()
                ? Optional.empty()
                : Optional.of(reader.lengthAboveZero("real", real, unit, LONGEST));
    }

    Length readGood(FieldReader reader, LengthUnit unit) {
        return good == null || good.isBlank() ? Length.ZERO : reader.length("good", good, unit);
    }

    Length readFlaw(FieldReader reader, LengthUnit unit) {
        return reader.lengthAboveZero("flaw", flaw, unit, LONGEST);
    }

    Length readFront(FieldReader reader, LengthUnit unit) {
        return reader.lengthAboveZero("front", front, unit, LONGEST);
    }

    Length readLeft(FieldReader reader, LengthUnit unit) {
        return reader.length("left", left, unit);
    }
}
