package retazo.app.kits;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import retazo.core.cloth.LongLay;
import retazo.core.cloth.Margin;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.cloth.ShopPractice;
import retazo.core.measure.Length;
import retazo.core.measure.Percent;

class KitSettingsTest {

    private static final ShopPractice SHOP = ShopPractice.customary();

    @Test
    void what_is_as_the_shop_has_it_is_no_setting_of_its_own() {
        assertThat(KitSettings.between(SHOP, SHOP)).isEqualTo(KitSettings.NONE);
        assertThat(KitSettings.between(SHOP, SHOP.with(PracticeMeasure.USABLE_WIDTH, Length.ofInches(42))).any()).isFalse();
    }

    @Test
    void settings_found_between_two_practices_make_one_the_other() {
        ShopPractice wanted = SHOP.with(PracticeMeasure.SQUARING, Length.ZERO).with(PracticeMeasure.SELLING_STEP, Length.ofYards(1, 4))
                .with(new Margin.None());

        KitSettings settings = KitSettings.between(SHOP, wanted);

        assertThat(settings.measures())
                .isEqualTo(Map.of(PracticeMeasure.SQUARING, Length.ZERO, PracticeMeasure.SELLING_STEP, Length.ofYards(1, 4)));
        assertThat(settings.on(SHOP)).isEqualTo(wanted);
    }

    @Test
    void long_strips_laid_otherwise_leave_the_rest_of_the_laying_alone() {
        ShopPractice own = KitSettings.NONE.with(LongLay.ALONG).on(SHOP);

        assertThat(own.lay()).isEqualTo(SHOP.lay().with(LongLay.ALONG));
        assertThat(KitSettings.between(SHOP, own)).isEqualTo(KitSettings.NONE.with(LongLay.ALONG));
    }

    @Test
    void a_margin_of_its_own_stands_in_place_of_any_other() {
        KitSettings settings = new KitSettings(
                Map.of(), Optional.of(new Margin.Share(Percent.of(10))), Optional.empty(), Optional.empty(), KitDirections.CUSTOMARY,
                Optional.empty());

        assertThat(settings.on(SHOP.with(new Margin.Extra(Length.ofInches(9)))).margin()).isEqualTo(new Margin.Share(Percent.of(10)));
    }
}
