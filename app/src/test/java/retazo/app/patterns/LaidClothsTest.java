package retazo.app.patterns;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.Currency;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import retazo.app.cloth.ClothQuestion;
import retazo.app.cloth.ClothView;
import retazo.app.cloth.PrecutView;
import retazo.app.cloth.SheetsView;
import retazo.app.shared.Words;
import retazo.app.shared.WordsSamples;
import retazo.core.cloth.ClothKind;
import retazo.core.cloth.PrecutKind;
import retazo.core.cloth.PrintKind;
import retazo.core.cloth.Role;
import retazo.core.cloth.ShopPractice;
import retazo.core.cloth.UsualPrices;
import retazo.core.cutting.LaidCloth;
import retazo.core.cutting.strip.CutPlan;
import retazo.core.cutting.strip.CutPlanCheck;
import retazo.core.kit.Contents;
import retazo.core.kit.Instructions;
import retazo.core.kit.KitChoice;
import retazo.core.kit.KitFabric;
import retazo.core.kit.Need;
import retazo.core.kit.Needs;
import retazo.core.kit.Planners;
import retazo.core.measure.Length;
import retazo.core.precut.RoleFromPrecuts;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.plan.QuiltPlan;
import retazo.core.quilt.plan.QuiltPlanner;
import retazo.core.quilt.size.QuiltSize;
import retazo.core.quilt.size.Way;

/**
 * Every cloth of every demo pattern, laid together and proved: wedges, templates, strip sets, borders, bias binding and backs
 * among them.
 */
class LaidClothsTest {

    private static final ShopPractice PRACTICE = ShopPractice.customary();
    private static final Words WORDS = WordsSamples.words();

    @ParameterizedTest
    @EnumSource(value = PrintKind.class, names = {"ALL_OVER", "ONE_WAY"})
    void each_stands_the_check_and_takes_no_more_than_each_size_alone(PrintKind print) throws IOException {
        int cloths = 0;
        for (Resource file : new PathMatchingResourcePatternResolver().getResources("classpath:demo/*.json")) {
            QuiltDesign design = DemoPatternsTest.read(file).design();
            for (QuiltSize size : design.sizes()) {
                QuiltPlan plan = new QuiltPlanner(PRACTICE).plan(design, size);
                if (plan.way() != Way.SIZE_TABLE) {
                    Needs.Result alone = needs(design, plan, print, Instructions.PRINTED);
                    needs(design, plan, print, Instructions.OURS).byFabric().forEach(
                            (role, need) -> check(file + " " + size.name() + " " + role, need, alone.byFabric().get(role)));
                    cloths += alone.byFabric().size();
                }
            }
        }
        assertThat(cloths).isGreaterThan(100);
    }

    private static Needs.Result needs(QuiltDesign design, QuiltPlan plan, PrintKind print, Instructions instructions) {
        return new Needs(PRACTICE, instructions).of(
                design, plan, role -> new KitChoice.Fabric(KitFabric.measured(role.value(), Length.ofInches(40), print)),
                Contents.EVERYTHING);
    }

    private static void check(String what, Need need, Need alone) {
        need.cloth().ifPresent(cloth -> {
            LaidCloth laid = cloth.plan().laid().orElseThrow(() -> new AssertionError("Nothing is laid for " + what));
            CutPlan cuts = new CutPlan(laid.strips().stream().map(LaidCloth.Strip::cut).toList(), Length.ZERO);
            assertThat(CutPlanCheck.faults(laid.request(), cuts)).as(what).isEmpty();
            assertThat(cuts.length().plus(cloth.plan().squaring().value())).as(what).isEqualTo(laid.length().value());
            assertThat(laid.length().value()).as(what).isLessThanOrEqualTo(exact(alone));
            assertThat(laid.bound()).as(what).isLessThanOrEqualTo(laid.length().value());
        });
    }

    private static Length exact(Need alone) {
        return alone.exact().orElseThrow().value();
    }

    @Test
    void every_page_of_a_cloth_and_of_precuts_can_be_written() throws IOException {
        for (Resource file : new PathMatchingResourcePatternResolver().getResources("classpath:demo/*.json")) {
            QuiltDesign design = DemoPatternsTest.read(file).design();
            QuiltSize size = design.sizes().get(0);
            QuiltPlan plan = new QuiltPlanner(PRACTICE).plan(design, size);
            if (plan.way() == Way.SIZE_TABLE) {
                continue;
            }
            for (Role role : design.roles()) {
                Optional<ClothView> view = ClothView.of(
                        new ClothQuestion(
                                (practice, instructions, width) -> Optional.ofNullable(
                                        needs(design, plan, PrintKind.ALL_OVER, instructions).byFabric().get(role.key().value())),
                                Length.ofInches(40), Instructions.OURS, PRACTICE, new ClothQuestion.Compared(
                                        new ClothQuestion.Batch(3, List.of("reed", "fog")), ClothKind.COTTON, Optional.empty(),
                                        UsualPrices.none(Currency.getInstance("USD")), List.of(), ClothQuestion.MayChoose.NOTHING,
                                        new ClothQuestion.Lies(PrintKind.ALL_OVER, true, true, List.of(), Optional.empty())),
                                Planners.ANEW),
                        WORDS);
                view.ifPresent(one -> assertThat(one.laid().steps()).as(file + role.name()).isNotEmpty());
                for (PrecutKind kind : List.of(PrecutKind.STRIP_ROLL, PrecutKind.SQUARES_10, PrecutKind.FAT_QUARTER)) {
                    PrecutView precuts = PrecutView.ofBundle(RoleFromPrecuts.of(plan, role.key(), kind, Planners.ANEW.sheets()), Map.of(),
                            Planners.ANEW.sheets(), WORDS);
                    precuts.sheets().ifPresent(sheets -> assertThat(sheets.diagrams().stream().mapToInt(SheetsView.Diagram::times).sum())
                            .as(file + role.name()).isEqualTo(sheets.sheets()));
                    assertThat(precuts.sheets().isPresent() || !precuts.refusals().isEmpty()
                            || plan.pieces().stream().noneMatch(piece -> piece.role().equals(role.key())))
                            .as(file + role.name()).isTrue();
                }
            }
        }
    }
}
