/**
 * Tells open pages that something was booked, by whomever and by whichever copy of the application.
 *
 * <p>Entry: {@link retazo.app.live.LiveController}. Uses nothing.
 */
@NullMarked
package retazo.app.live;

import org.jspecify.annotations.NullMarked;
