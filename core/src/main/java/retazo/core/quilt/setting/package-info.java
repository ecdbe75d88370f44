/**
 * How blocks are laid out, straight or on point, with sashes, and the long strips that are sewn from several.
 *
 * <p>Entry: {@link retazo.core.quilt.setting.Setting}; at a size it is a {@link retazo.core.quilt.setting.Layout}. May use all before it,
 * up to {@code quilt.place}.
 */
@NullMarked
package retazo.core.quilt.setting;

import org.jspecify.annotations.NullMarked;
