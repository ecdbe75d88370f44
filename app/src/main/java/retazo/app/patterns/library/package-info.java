/**
 * The list of patterns, and what one looks at first: its pieces, its versions, what is said about it.
 *
 * <p>Entry: the controllers. May use {@code patterns} with all its rooms but the ways in, {@code cloth} and {@code pictures}.
 */
@NullMarked
package retazo.app.patterns.library;

import org.jspecify.annotations.NullMarked;
