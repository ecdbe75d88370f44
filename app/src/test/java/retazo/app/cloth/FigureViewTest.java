package retazo.app.cloth;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.Currency;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import retazo.app.patterns.DemoPatternsTest;
import retazo.app.patterns.quilt.QuiltPage;
import retazo.app.patterns.sizes.SizesPage;
import retazo.app.shared.Words;
import retazo.app.shared.WordsSamples;
import retazo.core.cloth.ShopPractice;
import retazo.core.cloth.UsualPrices;
import retazo.core.explain.Figure;
import retazo.core.explain.Operation;
import retazo.core.kit.Instructions;
import retazo.core.kit.Planners;
import retazo.core.measure.LengthUnit;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.size.QuiltSize;

/** Every figure can be opened: no label, sign or origin is without its words. */
class FigureViewTest {

    private static final Words WORDS = WordsSamples.words();

    @Test
    void every_sign_has_its_words() {
        assertThat(Operation.values()).filteredOn(operation -> !operation.isFormula())
                .allSatisfy(operation -> assertThat(WORDS.text("sign." + operation, operation.sign())).isNotBlank());
    }

    @Test
    void every_figure_of_every_demo_pattern_opens() throws IOException {
        int opened = 0;
        for (Resource file : new PathMatchingResourcePatternResolver().getResources("classpath:demo/*.json")) {
            QuiltDesign design = DemoPatternsTest.read(file).design();
            for (QuiltSize size : design.sizes()) {
                for (Figure<?> figure : SizeWork
                        .of(design, size, new SizeWork.Planned(ShopPractice.customary(), Instructions.OURS, Map.of(), Planners.ANEW))
                        .figures().values()) {
                    FigureView view = FigureView.of(figure, WORDS, LengthUnit.YARD);

                    assertThat(view.label()).as(figure.key()).isNotBlank();
                    opened++;
                }
            }
            SizesPage page = SizesPage.of(
                    new SizesPage.Asked(design, design, Instructions.OURS, List.of(), Map.of(),
                            UsualPrices.none(Currency.getInstance("USD")), Optional.empty()),
                    ShopPractice.customary(), Planners.ANEW, WORDS);
            assertThat(page.roles()).as(file.getFilename()).hasSameSizeAs(design.roles());
            design.grids().stream().filter(size -> design.drawing().isPresent())
                    .forEach(size -> assertThat(QuiltPage.of(design, size, ShopPractice.customary(), WORDS).counts()).isNotEmpty());
        }
        assertThat(opened).isGreaterThan(3_000);
    }

    @Test
    void every_sign_between_operands_has_its_words() {
        for (Operation operation : Operation.values()) {
            if (!operation.isFormula()) {
                assertThat(WORDS.text("sign." + operation, operation.sign())).isNotBlank();
            }
        }
    }
}
