/**
 * The sizes in which a quilt is made, and the table in which a paper prints their lengths.
 *
 * <p>Entry: {@link retazo.core.quilt.size.QuiltSize}, a grid or printed only. May use all before it, up to {@code quilt.finish}.
 */
@NullMarked
package retazo.core.quilt.size;

import org.jspecify.annotations.NullMarked;
