package retazo.app.orders;

import retazo.core.measure.Length;

/**
 * A bolt that came, checked.
 *
 * @param lineId   of the order
 * @param code     its number in the shop
 * @param length   as it is on its tag, or as it was measured; above zero
 * @param place    where it is put; may be empty
 * @param measured whether somebody measured it
 * @param damaged  whether it goes back: it is written down and does not count as come
 * @param note     what is wrong with it; may be empty
 */
public record CameBolt(long lineId, String code, Length length, String lot, String place, boolean measured, boolean damaged, String note) {
}
