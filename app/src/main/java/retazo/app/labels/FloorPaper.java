package retazo.app.labels;

import java.util.List;

/**
 * A list that is worked through with a pen: what is fetched, cut or packed.
 *
 * @param code  that a scanner reads, to come to its page; empty for none
 * @param title the largest words on it
 * @param under what stands under the title; may be empty
 */
public record FloorPaper(String code, String title, String under, List<Part> parts) {

    public FloorPaper {
        parts = List.copyOf(parts);
    }

    /** Lines that belong together, such as those of one place. */
    public record Part(String heading, List<Line> lines) {

        public Part {
            lines = List.copyOf(lines);
        }
    }

    /**
     * A line with a box to tick.
     *
     * @param done   whether it is ticked already
     * @param lead   by which it is found: a bolt's number, a letter
     * @param amount what is taken of it
     * @param note   in small letters below; may be empty
     */
    public record Line(boolean done, String lead, String what, String amount, String note) {
    }
}
