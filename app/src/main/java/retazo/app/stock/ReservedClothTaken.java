package retazo.app.stock;

/**
 * A bolt has less on hand than is reserved on it: whoever reserved must plan again.
 *
 * @param reason why cloth went
 */
public record ReservedClothTaken(long boltId, Reason reason) {
}
