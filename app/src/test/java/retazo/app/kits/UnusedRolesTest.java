package retazo.app.kits;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

import retazo.app.Client;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.fabrics.Fabric;
import retazo.app.patterns.PatternService;
import retazo.app.patterns.PatternVersion;
import retazo.core.cloth.RoleKey;
import retazo.core.kit.Contents;

/** A kit without a back, of a pattern whose back is a role of its own. */
@Tag("slow")
@ExtendWith(TestShop.class)
class UnusedRolesTest {

    private final TestShop.Shop shop;
    private final Samples samples;

    UnusedRolesTest(TestShop.Shop shop) {
        this.shop = shop;
        this.samples = new Samples(shop);
    }

    @Test
    void a_role_that_nothing_uses_is_not_asked_for_a_fabric_and_its_kit_works() throws IOException {
        PatternService patterns = samples.bean(PatternService.class);
        String file;
        try (var in = getClass().getResourceAsStream("/demo/01-ferry-wake.json")) {
            file = new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
        PatternVersion pattern = Samples.done(patterns.add(Samples.done(patterns.read(
                file.replaceFirst("\"Ferry Wake\"", "\"" + Samples.unique("Bare back ") + "\""))), 1));
        Map<RoleKey, Fabric> chosen = new LinkedHashMap<>();
        for (String role : List.of("night", "lantern", "fog", "quay")) {
            Fabric fabric = samples.fabric();
            samples.bolt(fabric, "9 yd");
            chosen.put(new RoleKey(role), fabric);
        }

        long kit = Samples.done(samples.bean(KitService.class).add(
                new NewKits(pattern, List.of("crib"), "bare", chosen, Map.of(), new Contents(true, false)))).get(0);

        Client designer = Client.of(shop, "idris");
        for (String path : List.of("", "/cloth", "/cutting-page", "/contents")) {
            int status = designer.get("/kits/" + kit + path).statusCode();
            assertThat(status).as(path).isIn(200, 404);
        }
        assertThat(designer.get("/kits/" + kit).statusCode()).isEqualTo(200);
        assertThat(samples.run(kit, 1)).isPositive();
    }
}
