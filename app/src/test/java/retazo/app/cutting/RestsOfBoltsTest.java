package retazo.app.cutting;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

import retazo.app.Client;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.fabrics.Fabric;

/** A bolt of 4 yd for two runs: 81 in for the first and 40 1/2 for the second, so 22 1/2 in, 5/8 yd, are nobody's. */
@Tag("slow")
@ExtendWith(TestShop.class)
class RestsOfBoltsTest {

    private final TestShop.Shop shop;
    private final Samples samples;

    RestsOfBoltsTest(TestShop.Shop shop) {
        this.shop = shop;
        this.samples = new Samples(shop);
    }

    private static String text(String html) {
        return html.replaceAll("(?s)<svg.*?</svg>", " ").replaceAll("<[^>]+>", " ").replaceAll("\\s+", " ");
    }

    @Test
    void what_stays_on_a_bolt_counts_what_other_runs_have_reserved() {
        Fabric fabric = samples.fabric();
        long bolt = samples.bolt(fabric, "4 yd");
        long kit = samples.kit(fabric);
        long run = samples.run(kit, 2);
        long other = samples.run(kit, 1);

        assertThat(text(Client.of(shop, "nele").get("/cutting/" + run + "/" + bolt).body()))
                .contains("left on the bolt, 1 1/8 yd of it for other runs");
        assertThat(text(Client.of(shop, "nele").get("/cutting/" + other + "/" + bolt).body()))
                .contains("left on the bolt, 2 1/4 yd of it for other runs");
        String page = text(Client.of(shop, "idris").get("/runs/" + run).body());
        assertThat(page).contains("5/8 yd").doesNotContain("1 3/4 yd");
    }
}
