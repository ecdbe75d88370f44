/**
 * What happened to runs and what became of them: which are to be planned again and why, and which bags have another bolt since, or none.
 *
 * <p>Entry: {@link retazo.app.runs.changes.ChangeBook}. May use {@code fabrics}, {@code stock}, {@code runs.book}, {@code practice} and
 * {@code shared}.
 */
@NamedInterface("changes")
@NullMarked
package retazo.app.runs.changes;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.NamedInterface;
