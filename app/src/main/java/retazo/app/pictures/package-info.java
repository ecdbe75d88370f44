/**
 * Drawn quilts for pages and papers: patches as paths, inks and hatches of roles, piles of folded cloth.
 *
 * <p>Entry: {@link retazo.app.pictures.QuiltPicture}. It knows the core's drawing and no pattern or kit. May use {@code shared}.
 */
@NullMarked
package retazo.app.pictures;

import org.jspecify.annotations.NullMarked;
