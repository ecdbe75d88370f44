/**
 * From pieces to cuts: which strips are cut from a length of cloth, and how long that length is.
 *
 * <p>A {@link retazo.core.cutting.ClothRequest} names everything that one fabric serves; the planner of this package
 * answers with a {@link retazo.core.cutting.ClothPlan} or with problems. May use {@code measure}, {@code explain},
 * {@code cloth}, {@code block} and {@code quilt}.
 */
@NullMarked
package retazo.core.cutting;

import org.jspecify.annotations.NullMarked;
