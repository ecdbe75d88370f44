/**
 * What a designer enters: roles, blocks, places, setting, finishing, sizes; with its checks.
 *
 * <p>Entry: {@link retazo.core.quilt.design.QuiltDesign}; {@link retazo.core.quilt.design.SizeTarget} finds sizes near a wanted one. May
 * use all before it, up to {@code quilt.piece}.
 */
@NullMarked
package retazo.core.quilt.design;

import org.jspecify.annotations.NullMarked;
