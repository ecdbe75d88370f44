package retazo.app.kits;

import java.time.Instant;

/** That a kit is sold by other instructions than its pattern's paper: why, who decided it, and when. */
public record Decision(String reason, long personId, Instant at) {
}
