/**
 * From pieces to cuts: which strips are cut from a length of cloth, and how long that length is.
 *
 * <p>A {@link retazo.core.cutting.ClothRequest} names everything that one fabric serves. The
 * {@link retazo.core.cutting.WorksheetPlanner} answers with each size alone, as by hand; the
 * {@link retazo.core.cutting.ClothPlanner} beside it with everything laid together. It asks a
 * {@link retazo.core.cutting.CutPlanner}, which knows only rectangles (a {@link retazo.core.cutting.CutRequest}) and answers with a
 * {@link retazo.core.cutting.CutPlan} and a bound; {@link retazo.core.cutting.CutPlanCheck} proves such a plan from its request
 * alone. May use {@code measure}, {@code explain}, {@code cloth}, {@code block} and {@code quilt}.
 */
@NullMarked
package retazo.core.cutting;

import org.jspecify.annotations.NullMarked;
