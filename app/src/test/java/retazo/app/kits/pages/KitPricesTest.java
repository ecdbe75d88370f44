package retazo.app.kits.pages;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Currency;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import retazo.app.Client;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.app.kits.Kit;
import retazo.app.kits.KitBook;
import retazo.app.kits.possible.KitPrices;
import retazo.core.cloth.ClothPrice;
import retazo.core.measure.LengthUnit;
import retazo.core.measure.Money;

/** A mat of 1 1/8 yd of a fabric that costs the shop 6.40 a yard, 7.20 for a mat. */
@Tag("slow")
@ExtendWith(TestShop.class)
class KitPricesTest {

    private final TestShop.Shop shop;
    private final Samples samples;
    private final KitBook kits;
    private final KitPrices prices;

    KitPricesTest(TestShop.Shop shop, KitBook kits, KitPrices prices) {
        this.shop = shop;
        this.samples = new Samples(shop);
        this.kits = kits;
        this.prices = prices;
    }

    private long kit() {
        Fabric fabric = samples.fabric();
        samples.bean(FabricService.class).costs(fabric.id(), new ClothPrice(dollars(640), LengthUnit.YARD));
        return samples.kit(fabric);
    }

    private static Money dollars(long minor) {
        return new Money(Currency.getInstance("USD"), minor);
    }

    private Optional<Money> price(long kit) {
        Kit now = kits.kit(kit);
        return prices.of(List.of(now)).amount(now);
    }

    private String post(long kit, String way, String share, String amount) {
        Map<String, String> form = new HashMap<>();
        form.put("way", way);
        form.put("share", share);
        form.put("amount", amount);
        form.put("seen", kits.kit(kit).settings().mark());
        return Client.of(shop, "idris").post("/kits/" + kit + "/price", form).body();
    }

    /** 7.20 are 60 % of 12. */
    @Test
    void a_kit_is_priced_by_its_margin_by_hand_and_by_its_parts_again() {
        long kit = kit();
        Optional<Money> parts = price(kit);

        assertThat(post(kit, "margin", "40", "")).contains("$12.00", "40 % of that");
        assertThat(price(kit)).contains(dollars(1200));
        assertThat(post(kit, "hand", "", "14.40")).contains("$14.40", "50 % of that");
        assertThat(price(kit)).contains(dollars(1440));
        post(kit, "parts", "", "");
        assertThat(price(kit)).isEqualTo(parts);
    }

    @Test
    void a_price_by_hand_stays_when_its_cloth_is_planned_otherwise() {
        long kit = kit();
        post(kit, "hand", "", "14.40");

        Client.of(shop, "idris").post("/kits/" + kit + "/settings/none", Map.of("seen", kits.kit(kit).settings().mark()));

        assertThat(price(kit)).contains(dollars(1440));
    }

    @Test
    void a_margin_of_all_and_a_price_without_an_amount_are_refused_and_stay_typed() {
        long kit = kit();
        Optional<Money> before = price(kit);

        assertThat(post(kit, "margin", "100", "")).contains("Type a margin from 0 to 99 percent", "value=\"100\"");
        assertThat(post(kit, "hand", "", "")).contains("notice-stop");
        assertThat(price(kit)).isEqualTo(before);
    }

    @Test
    void nobody_overwrites_settings_that_somebody_else_kept_meanwhile() {
        long kit = kit();
        String seen = kits.kit(kit).settings().mark();
        post(kit, "hand", "", "14.40");

        String answer = Client.of(shop, "idris").post(
                "/kits/" + kit + "/price", Map.of("way", "hand", "amount", "9", "seen", seen)).body();

        assertThat(answer).contains("notice-stop");
        assertThat(price(kit)).contains(dollars(1440));
    }
}
