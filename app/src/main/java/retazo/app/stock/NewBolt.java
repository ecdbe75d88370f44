package retazo.app.stock;

import retazo.core.measure.Length;

/**
 * A bolt to be received, checked.
 *
 * @param length   above zero
 * @param measured false when the length is only an estimate
 */
public record NewBolt(
        String code, long fabricId, String lot, String place, Length usableWidth, Length length, boolean measured) {
}
