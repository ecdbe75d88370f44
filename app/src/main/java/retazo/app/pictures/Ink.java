package retazo.app.pictures;

/**
 * How a role is drawn: its own tint and hatch on a pattern, its fabric in a kit.
 *
 * @param fill    a colour, or {@code url(#…)} of a repeat
 * @param overlay {@code url(#…)} of a hatch laid over it, or empty
 * @param dot     the colour of the role's dot
 * @param light   whether the letter on the dot must be dark
 */
public record Ink(String fill, String overlay, String dot, boolean light) {

    private static final String[] TINTS = {
            "#2f4858", "#c4572f", "#e0d2ab", "#6c8a5e", "#8a6f9e", "#d2a03f", "#4f8f8b", "#9c3f4f", "#a9b8c4", "#7a5a3a", "#b9c68a",
            "#5a5f66"
    };
    private static final String LIGHT_TINTS = "2,5,8,10";

    /** The tint and hatch of the role at this place in a pattern, from 0. */
    public static Ink ofRole(int place) {
        int index = place % TINTS.length;
        boolean light = java.util.Arrays.asList(LIGHT_TINTS.split(",")).contains(Integer.toString(index));
        return new Ink(TINTS[index], "url(#hatch-" + index + ")", TINTS[index], light);
    }
}
