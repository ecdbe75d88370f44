package retazo.core.explain;

/**
 * Where a figure that was not worked out comes from.
 *
 * @param kind  who gave it
 * @param place which entry: a path in the pattern such as {@code sizes.throw.columns}, a setting's name, a fabric's code
 */
public record Origin(Kind kind, String place) {

    /** Who can have given a figure. */
    public enum Kind {
        /** Typed by the designer of the pattern. */
        PATTERN,
        /** A setting of the shop. */
        PRACTICE,
        /** Measured or stated of a fabric in stock. */
        FABRIC,
        /** A fixed rule of the craft, such as two units from a pair of squares. */
        CRAFT,
        /** What the shop's book says, or what somebody keeps beside it. */
        BOOK
    }

    public static Origin pattern(String place) {
        return new Origin(Kind.PATTERN, place);
    }

    public static Origin practice(String setting) {
        return new Origin(Kind.PRACTICE, setting);
    }

    public static Origin fabric(String code) {
        return new Origin(Kind.FABRIC, code);
    }

    public static Origin craft(String rule) {
        return new Origin(Kind.CRAFT, rule);
    }

    public static Origin book(String entry) {
        return new Origin(Kind.BOOK, entry);
    }
}
