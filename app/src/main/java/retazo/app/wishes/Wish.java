package retazo.app.wishes;

import java.time.Instant;

/**
 * Bags of a kit that somebody asked for.
 *
 * @param name of who waits for them
 */
public record Wish(long id, long kitId, int bags, String name, Instant at) {
}
