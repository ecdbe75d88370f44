package retazo.core.prints;

import java.util.List;

/**
 * Which sheets are cut for which part, and which prints go into which unit.
 *
 * @param asked    how many units were asked for
 * @param cuttings what is cut
 * @param units    the names of the prints of each unit that can be made, in the order of its parts
 */
public record Allotment(int asked, List<Cutting> cuttings, List<List<String>> units) {

    /**
     * Sheets of one print cut for one part.
     *
     * @param times how often so many sheets as the part takes at a time
     */
    public record Cutting(String print, PrintPart part, int times) {

        public int sheets() {
            return times * part.sheets();
        }
    }

    public Allotment {
        cuttings = List.copyOf(cuttings);
        units = List.copyOf(units);
    }

    /** Whether every unit has its prints. */
    public boolean isComplete() {
        return units.size() == asked;
    }

    /** How many sheets are cut. */
    public int sheets() {
        return cuttings.stream().mapToInt(Cutting::sheets).sum();
    }
}
