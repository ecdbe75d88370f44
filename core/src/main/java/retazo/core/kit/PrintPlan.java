package retazo.core.kit;

import java.util.List;
import java.util.Optional;
import retazo.core.precut.SheetPlan;
import retazo.core.prints.Allotment;
import retazo.core.prints.PrintPart;

/**
 * How sheets of prints are cut for units: what one unit takes of one print, and which print goes into which unit.
 *
 * @param parts     in the order of the rule
 * @param allotment for all units, or for as many as can be made
 * @param free      how many sheets of whatever print the other pieces take
 * @param oneFewer  how many units one pack fewer makes
 */
public record PrintPlan(List<Part> parts, Allotment allotment, int free, int oneFewer) {

    /**
     * A part of a unit.
     *
     * @param letters of its roles
     * @param part    how many sheets are cut for it together and how many units they give it
     * @param sheets  how those sheets are cut; empty where the pattern's list says what each gives
     */
    public record Part(List<String> letters, PrintPart part, Optional<SheetPlan> sheets) {
        public Part {
            letters = List.copyOf(letters);
        }
    }

    public PrintPlan {
        parts = List.copyOf(parts);
    }
}
