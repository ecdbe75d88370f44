/**
 * From pieces to cuts: which strips are cut from a length of cloth, and how long that length is.
 *
 * <p>A {@link retazo.core.cutting.ClothRequest} names everything that one fabric serves. The
 * {@link retazo.core.cutting.WorksheetPlanner} answers with each size alone, as by hand; the
 * {@link retazo.core.cutting.ClothPlanner} beside it with everything laid together, which it asks of {@code cutting.strip}. May use all
 * before it, up to {@code quilt.plan} and {@code cutting.strip}.
 */
@NullMarked
package retazo.core.cutting;

import org.jspecify.annotations.NullMarked;
