/**
 * Rectangles on a cloth: which strips, what from each, and the bound that no plan beats. It knows nothing of quilts.
 *
 * <p>Entry: {@link retazo.core.cutting.strip.CutPlanner} takes a {@link retazo.core.cutting.strip.CutRequest} and gives a
 * {@link retazo.core.cutting.strip.CutPlan}; {@link retazo.core.cutting.strip.CutPlanCheck} proves such a plan from its request alone. May
 * use {@code measure}, {@code explain} and {@code cloth}.
 */
@NullMarked
package retazo.core.cutting.strip;

import org.jspecify.annotations.NullMarked;
