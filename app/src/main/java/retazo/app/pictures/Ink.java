package retazo.app.pictures;

/**
 * How a role is drawn: its own tint and hatch on a pattern, its fabric in a kit.
 *
 * @param fill    a colour, or {@code url(#…)} of a repeat
 * @param overlay {@code url(#…)} of a hatch laid over it, or empty
 * @param dot     the colour of the role's dot
 * @param light   whether the letter on the dot must be dark
 * @param upright whether its repeat stays upright in blocks that are turned; then there is one of it for each turn
 */
public record Ink(String fill, String overlay, String dot, boolean light, boolean upright) {

    /** One that turns with its block. */
    public Ink(String fill, String overlay, String dot, boolean light) {
        this(fill, overlay, dot, light, false);
    }

    /** The same where its repeat stays upright. */
    public Ink keptUpright() {
        return new Ink(fill, overlay, dot, light, true);
    }

    /** As it is drawn in a block that is turned so far, clockwise. */
    Ink inTurned(int degrees) {
        return upright && degrees != 0 && fill.endsWith(")")
                ? new Ink(fill.substring(0, fill.length() - 1) + "-" + degrees + ")", overlay, dot, light, true)
                : this;
    }

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
