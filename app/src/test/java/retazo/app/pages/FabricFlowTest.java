package retazo.app.pages;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.app.kits.KitBook;
import retazo.app.kits.KitWorks;
import retazo.app.patterns.file.PatternAbout;
import retazo.core.cloth.ClothKind;
import retazo.core.measure.Length;

/** A fabric is changed after it was added. */
@Tag("slow")
@ExtendWith(TestShop.class)
class FabricFlowTest {

    private final TestShop.Shop shop;
    private final Samples samples;
    private final FabricService fabrics;

    FabricFlowTest(TestShop.Shop shop, FabricService fabrics) {
        this.shop = shop;
        this.samples = new Samples(shop);
        this.fabrics = fabrics;
    }

    @Test
    void kind_width_and_price_are_changed_on_one_page_and_kits_follow() {
        Fabric fabric = samples.fabric();
        long kit = samples.cutListKit(samples.cutListPattern(PatternAbout.OWN, "3 1/2 x 9 1/2", 24), fabric);
        try (Tab designer = Tab.of(shop, "idris")) {
            designer.go("/stock?words=" + fabric.code());
            designer.page().getByLabel("Change " + fabric.name()).click();
            designer.page().getByLabel("Usable width, if not the shop’s").fill("wide");
            designer.page().getByLabel("Kind of cloth").selectOption("FLANNEL");
            designer.page().getByLabel("Sold for, a yard").fill("11.50");
            designer.press("Save");
            designer.page().locator("#fault-usableWidth").waitFor();
            assertThat(designer.page().getByLabel("Sold for, a yard").inputValue()).isEqualTo("11.50");
            assertThat(designer.page().getByLabel("Kind of cloth").inputValue()).isEqualTo("FLANNEL");

            designer.page().getByLabel("Usable width, if not the shop’s").fill("37 in");
            designer.press("Save");
            designer.page().getByText("is changed, and kits in it are worked out anew").waitFor();
        }
        Fabric changed = fabrics.fabric(fabric.id());
        assertThat(changed.kind()).isEqualTo(ClothKind.FLANNEL);
        assertThat(changed.usableWidth()).contains(Length.ofInches(37));
        assertThat(changed.prices().price()).isPresent();
        assertThat(changed.code()).isEqualTo(fabric.code());
        assertThat(samples.bean(KitWorks.class).usableWidth(samples.bean(KitBook.class).kit(kit), changed))
                .isEqualTo(Length.ofInches(37));
    }
}
