/**
 * The leaf <em>Quilt</em>: places, setting, finishing, and what is made beside the quilt.
 *
 * <p>Entry: {@code QuiltController}; {@code QuiltDraft} reads its form. May use {@code patterns}, {@code patterns.rows},
 * {@code patterns.file}, {@code cloth} and {@code pictures}.
 */
@NullMarked
package retazo.app.patterns.quilt;

import org.jspecify.annotations.NullMarked;
