package retazo.core.kit;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

import retazo.core.cloth.ShopPractice;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.design.QuiltSamples;
import retazo.core.quilt.plan.QuiltPlan;
import retazo.core.quilt.plan.QuiltPlanner;

/** Night is in the blocks and the binding, quay the border, back the back. */
class ContentsTest {

    private static final QuiltDesign DESIGN = QuiltSamples.ferryWake();
    private static final QuiltPlan PLAN = new QuiltPlanner(ShopPractice.customary()).plan(DESIGN, QuiltSamples.crib());

    @Test
    void a_kit_with_everything_needs_every_role() {
        assertThat(Contents.EVERYTHING.roles(DESIGN, PLAN)).containsExactlyInAnyOrder(
                QuiltSamples.NIGHT, QuiltSamples.LANTERN, QuiltSamples.FOG, QuiltSamples.QUAY, QuiltSamples.BACK);
    }

    @Test
    void a_kit_without_a_back_needs_no_fabric_for_it() {
        assertThat(new Contents(false, false).roles(DESIGN, PLAN)).containsExactlyInAnyOrder(
                QuiltSamples.NIGHT, QuiltSamples.LANTERN, QuiltSamples.FOG, QuiltSamples.QUAY);
    }
}
