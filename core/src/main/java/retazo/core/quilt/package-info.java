/**
 * From blocks to quilts: settings, sizes, borders, binding, backing, and the drawn quilt.
 *
 * <p>A {@link retazo.core.quilt.QuiltDesign} is what a designer enters; a {@link retazo.core.quilt.QuiltPlan} is one of
 * its sizes worked out: finished sizes, blocks, pieces, and the long pieces of its finishing. How wide the cloth is
 * enters only where strips are counted. May use {@code measure}, {@code explain}, {@code cloth} and {@code block}.
 */
@NullMarked
package retazo.core.quilt;

import org.jspecify.annotations.NullMarked;
