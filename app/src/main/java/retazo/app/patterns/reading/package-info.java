/**
 * Opens a PDF of a pattern and finds the tables in it, so that nobody types them: what was found is shown, put into the grid of a size
 * table or a cut list, and looked over there before it counts.
 *
 * <p>Entry: {@link retazo.app.patterns.reading.PdfController}. May use {@code shared} and {@code patterns}.
 */
@NullMarked
package retazo.app.patterns.reading;

import org.jspecify.annotations.NullMarked;
