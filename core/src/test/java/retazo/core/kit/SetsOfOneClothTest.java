package retazo.core.kit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import retazo.core.block.BlockKey;
import retazo.core.block.unit.UnitSamples;
import retazo.core.cloth.PrintKind;
import retazo.core.cloth.Role;
import retazo.core.cloth.RoleKey;
import retazo.core.cloth.ShopPractice;
import retazo.core.measure.Length;
import retazo.core.quilt.design.BlockKind;
import retazo.core.quilt.design.Composition;
import retazo.core.quilt.design.Drawing;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.finish.Finishing;
import retazo.core.quilt.place.PlaceRule;
import retazo.core.quilt.plan.QuiltPlanner;
import retazo.core.quilt.size.QuiltSize;
import retazo.core.quilt.size.SizeKey;

class SetsOfOneClothTest {

    /**
     * Ten segments of 4 1/2 in of a set of A and B, eight to a strip of 40 in, so two sets. Both roles in one cloth are two strips of A and
     * two of B, 4 · 2 1/2 + 1 = 11 in; three strips for twenty segments would leave the second set without one.
     */
    @ParameterizedTest
    @EnumSource(Instructions.class)
    void two_strips_of_a_set_in_one_cloth_are_counted_each(Instructions instructions) {
        BlockKey key = new BlockKey("rail");
        QuiltDesign design = QuiltDesign.drawn(
                List.of(Role.of(new RoleKey("A"), "A", "upper"), Role.of(new RoleKey("B"), "B", "lower")),
                List.of(QuiltSize.Grid.of(new SizeKey("lap"), "Lap", 2, 5, List.of())),
                Drawing.of(
                        List.of(new BlockKind(key, "rail", UnitSamples.blockOf("strip-set A 2, B 2", UnitSamples.size("4", "4")))),
                        Composition.straight(PlaceRule.uniform(key), Finishing.NONE)));
        KitChoice one = new KitChoice.Fabric(KitFabric.measured("one", Length.parse("40"), PrintKind.ALL_OVER));

        Need need = new Needs(ShopPractice.customary(), instructions)
                .of(design, new QuiltPlanner(ShopPractice.customary()).plan(design, design.sizes().get(0)), role -> one,
                        Contents.EVERYTHING)
                .byFabric().get("one");

        assertThat(Optional.ofNullable(need).flatMap(Need::cloth).orElseThrow().plan().exact().value()).isEqualTo(Length.parse("11"));
    }
}
