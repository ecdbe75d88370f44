package retazo.app.stock;

import retazo.core.measure.Length;

/**
 * Cloth to be reserved.
 *
 * @param owner whom it is for, unique; stock does not look into it
 */
public record Promise(long boltId, Length length, String owner) {
}
