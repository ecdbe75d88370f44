/**
 * Two ways in: a size table pasted from a paper, and a cut list typed like a worksheet.
 *
 * <p>Entry: the controllers; a draft reads a form and tells its faults by field. May use {@code patterns}, {@code patterns.rows} and
 * {@code patterns.file}.
 */
@NullMarked
package retazo.app.patterns.entry;

import org.jspecify.annotations.NullMarked;
