package retazo.app.patterns.file;

import java.util.List;

/**
 * What is known of a pattern beside what is cut for it.
 *
 * @param designer whose pattern it is, where it is not the shop's own; else empty
 * @param tools    what a maker needs beside cutter, mat and ruler, in the words of the shop
 * @param notes    for the shop, or empty
 */
public record PatternAbout(String designer, List<String> tools, String notes) {

    public static final PatternAbout OWN = new PatternAbout("", List.of(), "");
    public static final int MOST_TOOLS = 12;
    public static final int LONGEST_DESIGNER = 60;
    public static final int LONGEST_TOOL = 60;
    public static final int LONGEST_NOTES = 2_000;

    public PatternAbout {
        tools = List.copyOf(tools);
    }

    /** Whether the shop may print its cut sizes: they are its own. */
    public boolean ownDesign() {
        return designer.isEmpty();
    }
}
