/**
 * A design worked out at one size: finished sides, blocks, pieces, long pieces, binding, backing; no cloth width yet.
 *
 * <p>Entry: {@link retazo.core.quilt.plan.QuiltPlanner}, which answers with a {@link retazo.core.quilt.plan.QuiltPlan}. May use all before
 * it, up to {@code quilt.design}.
 */
@NullMarked
package retazo.core.quilt.plan;

import org.jspecify.annotations.NullMarked;
