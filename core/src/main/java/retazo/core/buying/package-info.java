/**
 * When a fabric is ordered again, and how much of it: from what went of it week by week, how long a delivery takes, what is there, on its
 * way and wanted.
 *
 * <p>Entry: {@link retazo.core.buying.Reorder}. May use {@code measure} and {@code explain}.
 */
@NullMarked
package retazo.core.buying;

import org.jspecify.annotations.NullMarked;
