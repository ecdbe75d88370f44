/**
 * Pieces from precuts and other single sheets: which cutting diagrams one sheet allows, how many sheets and packs a kit takes, and
 * which prints go together.
 *
 * <p>A sheet is a square, a quarter or a strip of fixed measure; it is cut by straight cuts from edge to edge. May use {@code measure},
 * {@code explain}, {@code cloth} and the packages up to {@code cutting}.
 */
@NullMarked
package retazo.core.precut;

import org.jspecify.annotations.NullMarked;
