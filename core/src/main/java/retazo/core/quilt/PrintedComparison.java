package retazo.core.quilt;

import retazo.core.measure.Length;

/** A printed length beside the one that was worked out for the same role and size. */
public record PrintedComparison(Length printed, Length workedOut) {

    /** What the paper says of the length. */
    public enum Verdict {
        THE_SAME,
        TOO_LITTLE,
        MORE_THAN_NEEDED
    }

    public Verdict verdict() {
        if (printed.equals(workedOut)) {
            return Verdict.THE_SAME;
        }
        return printed.isShorterThan(workedOut) ? Verdict.TOO_LITTLE : Verdict.MORE_THAN_NEEDED;
    }

    /** How far they are apart; never below zero. */
    public Length difference() {
        return printed.isShorterThan(workedOut) ? workedOut.minus(printed) : printed.minus(workedOut);
    }
}
