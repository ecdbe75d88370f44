package retazo.core.quilt.setting;

import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import retazo.core.quilt.place.Place;

/**
 * Where a role is used.
 *
 * @param number which border, from 1 at the inside; 0 for all else
 */
public record Use(Place place, int number) {

    /** The parts of a quilt that cloth is cut for. */
    public enum Place {
        BLOCKS,
        SASH,
        /** Squares where sashes cross. */
        CORNERSTONE,
        /** Triangles along the edges of a quilt on point. */
        SETTING,
        FLANGE,
        BORDER,
        BINDING,
        BACKING
    }

    public static final int MOST_BORDERS = 5;
    public static final Use BLOCKS = new Use(Place.BLOCKS, 0);
    public static final Use SASH = new Use(Place.SASH, 0);
    public static final Use CORNERSTONE = new Use(Place.CORNERSTONE, 0);
    public static final Use SETTING = new Use(Place.SETTING, 0);
    public static final Use FLANGE = new Use(Place.FLANGE, 0);
    public static final Use BINDING = new Use(Place.BINDING, 0);
    public static final Use BACKING = new Use(Place.BACKING, 0);

    private static final Pattern BORDER = Pattern.compile("borders?\\s*(\\d{1,2})?");

    /** What a name on a pattern's paper says of its use: {@code inner border}, {@code Binding}; blocks where it says nothing. */
    public static Use named(String name) {
        String lower = name.toLowerCase(Locale.ROOT);
        Matcher border = BORDER.matcher(lower);
        if (lower.contains("binding")) {
            return BINDING;
        }
        if (lower.contains("backing")) {
            return BACKING;
        }
        if (lower.contains("cornerstone")) {
            return CORNERSTONE;
        }
        if (lower.contains("sash") || lower.contains("lattice")) {
            return SASH;
        }
        if (lower.contains("setting")) {
            return SETTING;
        }
        if (lower.contains("flange")) {
            return FLANGE;
        }
        if (!border.find()) {
            return BLOCKS;
        }
        int number = border.group(1) == null ? lower.contains("outer") ? 2 : 1 : Integer.parseInt(border.group(1));
        return border(Math.max(1, Math.min(number, MOST_BORDERS)));
    }

    public static Use border(int number) {
        return new Use(Place.BORDER, number);
    }
}
