package retazo.app.stock;

/** A bolt has less on hand than is reserved on it: whoever reserved must plan again. */
public record ReservedClothTaken(long boltId) {
}
