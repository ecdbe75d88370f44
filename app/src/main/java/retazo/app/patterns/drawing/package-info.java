/**
 * The fullest way in: blocks drawn from units on a grid.
 *
 * <p>Entry: {@code DrawingController}; {@link retazo.app.patterns.drawing.DrawingDraft} reads its form. May use {@code patterns},
 * {@code patterns.rows}, {@code patterns.file}, {@code cloth} and {@code pictures}.
 */
@NullMarked
package retazo.app.patterns.drawing;

import org.jspecify.annotations.NullMarked;
