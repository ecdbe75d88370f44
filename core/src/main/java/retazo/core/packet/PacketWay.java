package retazo.core.packet;

/** What a packet, a small bag of pieces inside a bag, holds. */
public enum PacketWay {
    /** All pieces of one kind. */
    PIECE,
    /** The pieces of one block; what serves several blocks at once lies by itself. */
    BLOCK,
    /** The pieces of one kind of unit, which are the fabrics that are sewn together; all else lies by itself. */
    PAIR
}
