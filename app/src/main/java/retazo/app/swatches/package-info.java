/**
 * Photographs of cloth: read and cleaned, laid straight and to scale, and cut to the piece that drawings repeat. One enters by
 * {@link retazo.app.swatches.Swatches}.
 */
@NullMarked
package retazo.app.swatches;

import org.jspecify.annotations.NullMarked;
