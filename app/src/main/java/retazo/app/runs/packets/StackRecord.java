package retazo.app.runs.packets;

import java.time.Instant;

/**
 * A stack that somebody cut.
 *
 * @param step   which strips or sheets lay in it
 * @param good   how many of them came out well, 0 or more
 * @param spoilt how many did not, 0 or more; one of both is above zero
 */
public record StackRecord(String step, int good, int spoilt, long personId, Instant at) {
}
