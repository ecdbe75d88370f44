package retazo.app.stock;

/** There is more cloth on a bolt than before: it was received, measured longer, or came back. */
public record ClothCame(long boltId, long fabricId) {
}
