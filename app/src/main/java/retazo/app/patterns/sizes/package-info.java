/**
 * The leaves <em>Sizes</em> and <em>Cloth</em>: all sizes side by side with their lengths, verdicts and costs, and one cloth of a size.
 *
 * <p>Entry: the controllers; {@link retazo.app.patterns.sizes.SizesPage} is the page. May use {@code patterns}, {@code patterns.rows},
 * {@code patterns.file}, {@code cloth} and {@code pictures}.
 */
@NullMarked
package retazo.app.patterns.sizes;

import org.jspecify.annotations.NullMarked;
