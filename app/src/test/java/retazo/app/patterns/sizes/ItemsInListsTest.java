package retazo.app.patterns.sizes;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;

import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

import retazo.app.Client;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.patterns.PatternService;

/** A pattern with place mats and a cushion beside its quilt: the cushion has a border of 1 in, cut 1 1/2. */
@Tag("slow")
@ExtendWith(TestShop.class)
class ItemsInListsTest {

    private final TestShop.Shop shop;
    private final PatternService patterns;

    ItemsInListsTest(TestShop.Shop shop, PatternService patterns) {
        this.shop = shop;
        this.patterns = patterns;
    }

    @Test
    void strips_of_what_is_made_beside_the_quilt_stand_in_the_lists_under_their_names() throws IOException {
        String file;
        try (var in = getClass().getResourceAsStream("/demo/16-signal-flags.json")) {
            file = new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
        long pattern = Samples.done(patterns.add(Samples.done(patterns.read(
                file.replaceFirst("\"Signal Flags\"", "\"" + Samples.unique("Signal mats ") + "\""))), 1)).patternId();
        Client designer = Client.of(shop, "idris");

        assertThat(designer.get("/patterns/" + pattern + "/sizes").body()).contains("border of the cushion", "binding of the place mat");
        assertThat(designer.get("/patterns/" + pattern + "/quilt").body()).contains("border of the cushion", "binding of the place mat");
    }
}
