/**
 * The drawn quilt: each patch where it lies, in inches, for whoever paints it.
 *
 * <p>Entry: {@link retazo.core.quilt.picture.QuiltDrawing}. May use all before it, up to {@code quilt.design}.
 */
@NullMarked
package retazo.core.quilt.picture;

import org.jspecify.annotations.NullMarked;
