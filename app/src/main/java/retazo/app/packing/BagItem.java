package retazo.app.packing;

/**
 * Something that goes into a bag and is ticked there.
 *
 * @param id of the line, or of the pick
 */
public record BagItem(Kind kind, long id) {

    /** Where of the bill it stands. */
    public enum Kind {
        /** A length of cloth. */
        LINE,
        /** Something counted. */
        PICK
    }

    public static BagItem line(long id) {
        return new BagItem(Kind.LINE, id);
    }

    public static BagItem pick(long id) {
        return new BagItem(Kind.PICK, id);
    }
}
