/**
 * What of a run is kept: its lines, bags with their frozen bills, planned cuts.
 *
 * <p>Entry: {@link retazo.app.runs.book.RunBook}, which reads {@link retazo.app.runs.book.Run}, {@link retazo.app.runs.book.Bag} and
 * {@link retazo.app.runs.book.PlannedCut}. May use {@code stock} and {@code shared}.
 */
@NamedInterface("book")
@NullMarked
package retazo.app.runs.book;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.NamedInterface;
