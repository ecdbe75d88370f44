package retazo.app.stock.places;

import java.util.Locale;

/**
 * A place where stock stands.
 *
 * @param number by which it is scanned
 */
public record Place(String name, int number) {

    private static final String PREFIX = "P-";

    /** What stands on its label. */
    public String code() {
        return PREFIX + number;
    }

    /** The bay of {@code bay 3, shelf B}: what stands before the first comma. */
    public String bay() {
        return name.split(",", 2)[0].strip();
    }

    /** The number in a code that was scanned or typed, or 0 for any other text. */
    static int numberIn(String code) {
        String text = code.strip().toUpperCase(Locale.ROOT);
        return text.matches(PREFIX + "\\d{1,9}") ? Integer.parseInt(text.substring(PREFIX.length())) : 0;
    }
}
