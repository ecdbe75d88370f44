/**
 * Which bag of a run is cut from which bolt, first and again.
 *
 * <p>Entry: {@link retazo.app.runs.plan.RunPlanning}. May use {@code runs.book}, {@code kits}, {@code stock} and {@code fabrics}.
 */
@NullMarked
package retazo.app.runs.plan;

import org.jspecify.annotations.NullMarked;
