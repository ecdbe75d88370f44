package retazo.core.cloth;

import java.util.Locale;
import java.util.regex.Pattern;

/**
 * A colour as a screen shows it, by its shares of red, green and blue.
 *
 * @param rgb 0 to 0xffffff
 */
public record Colour(int rgb) {

    private static final Pattern WRITTEN = Pattern.compile("#[0-9a-f]{6}");
    private static final int LIGHT = 140;

    public Colour {
        if (rgb < 0 || rgb > 0xffffff) {
            throw new IllegalArgumentException("No colour: " + rgb);
        }
    }

    /** Whether a text is a colour as {@link #toString()} writes it. */
    public static boolean isWritten(String text) {
        return WRITTEN.matcher(text).matches();
    }

    /**
     * Reads {@code #22384a}.
     *
     * @throws IllegalArgumentException if the text is not written so
     */
    public static Colour parse(String text) {
        if (!isWritten(text)) {
            throw new IllegalArgumentException("No colour: " + text);
        }
        return new Colour(Integer.parseInt(text.substring(1), 16));
    }

    /**
     * How bright the eye sees it, 0 for black to 255 for white: 0.299 red + 0.587 green + 0.114 blue, rounded down. Source: the weights
     * of the three colours in the luma of ITU-R BT.601; {@code #808080} gives 128.
     */
    public int lightness() {
        return (299 * (rgb >> 16) + 587 * (rgb >> 8 & 0xff) + 114 * (rgb & 0xff)) / 1000;
    }

    /** Whether letters on it must be dark to be read. */
    public boolean isLight() {
        return lightness() >= LIGHT;
    }

    @Override
    public String toString() {
        return String.format(Locale.ROOT, "#%06x", rgb);
    }
}
