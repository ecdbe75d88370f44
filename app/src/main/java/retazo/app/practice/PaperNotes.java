package retazo.app.practice;

import java.util.ArrayList;
import java.util.List;

/**
 * What the papers say where practitioners disagree and no figure changes.
 *
 * @param pressing  of seams
 * @param selvedges when they are cut off
 * @param partial   how blocks around a centre square are sewn
 */
public record PaperNotes(Pressing pressing, Selvedges selvedges, PartialSeams partial) {

    static final PaperNotes CUSTOMARY = new PaperNotes(Pressing.UNSAID, Selvedges.SUBCUT, PartialSeams.UNSAID);

    /** Which way seams are pressed. */
    public enum Pressing {
        UNSAID,
        TO_DARK,
        OPEN,
        ALTERNATE
    }

    /** When the woven edge goes. */
    public enum Selvedges {
        UNSAID,
        BEFORE,
        SUBCUT
    }

    /** How four parts turned around a centre square are sewn together. */
    public enum PartialSeams {
        UNSAID,
        SEAMS,
        ROWS
    }

    /** The codes of their sentences; none for what is left unsaid. */
    public List<String> codes() {
        List<String> codes = new ArrayList<>();
        if (pressing != Pressing.UNSAID) {
            codes.add("paper.pressing." + pressing);
        }
        if (selvedges != Selvedges.UNSAID) {
            codes.add("paper.selvedges." + selvedges);
        }
        if (partial != PartialSeams.UNSAID) {
            codes.add("paper.partialSeams." + partial);
        }
        return codes;
    }
}
