/**
 * Where cloth went: from a lot to the bags that were cut from it, and what became of the cloth of a run.
 *
 * <p>Entry: {@link retazo.app.runs.trace.Traces}. May use {@code runs.book}, {@code stock}, {@code fabrics} and {@code kits.index}.
 */
@NullMarked
package retazo.app.runs.trace;

import org.jspecify.annotations.NullMarked;
