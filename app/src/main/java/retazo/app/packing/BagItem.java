package retazo.app.packing;

/**
 * Something that goes into a bag and is ticked there.
 *
 * @param id of the line, the pick or the packets
 */
public record BagItem(Kind kind, long id) {

    /** Where of the bill it stands. */
    public enum Kind {
        /** A length of cloth. */
        LINE,
        /** Something counted. */
        PICK,
        /** Packets of pieces. */
        PACKET
    }

    public static BagItem line(long id) {
        return new BagItem(Kind.LINE, id);
    }

    public static BagItem packet(long id) {
        return new BagItem(Kind.PACKET, id);
    }

    public static BagItem pick(long id) {
        return new BagItem(Kind.PICK, id);
    }
}
