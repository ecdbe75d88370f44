package retazo.app.shared;

/**
 * One of the answers that a form offers.
 *
 * @param code  what the form sends
 * @param words what the person reads
 */
public record Choice(String code, String words) {
}
