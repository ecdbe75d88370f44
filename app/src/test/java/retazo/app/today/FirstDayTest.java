package retazo.app.today;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import retazo.app.App;
import retazo.app.Client;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.fabrics.Fabric;
import retazo.app.staff.Job;
import retazo.app.staff.StaffService;

/** A shop that was just opened, with a database of its own. */
@Tag("slow")
@ExtendWith(TestShop.class)
class FirstDayTest {

    private final TestShop.Shop other;

    FirstDayTest(TestShop.Shop other) {
        this.other = other;
    }

    @Test
    void today_leads_an_empty_shop_to_its_first_run_and_says_what_is_done() {
        String url = System.getenv("RETAZO_DB_URL").replaceAll("_\\d+$", "_first");
        try (ConfigurableApplicationContext context = SpringApplication.run(
                App.class, "--server.port=0", "--retazo.demo=false", "--retazo.standins=false", "--retazo.passwords.strength=4",
                "--spring.main.banner-mode=off", "--spring.datasource.url=" + url)) {
            TestShop.Shop shop = new TestShop.Shop(context, other.playwright(), other.browser());
            Samples samples = new Samples(shop);
            samples.bean(StaffService.class).addFirst("marisol", "Marisol", "ferry", Set.of(Job.OWNER));
            samples.bean(StaffService.class).addFirst("tomas", "Tomas", "ferry", Set.of(Job.PACKER));
            Client owner = Client.of(shop, "marisol");

            assertThat(done(owner)).isEmpty();
            assertThat(owner.get("/").body()).contains("The first day", "The fabrics of the shop", "A run").doesNotContain("Nothing waits");
            assertThat(Client.of(shop, "tomas").get("/").body()).doesNotContain("The first day");
            Fabric fabric = samples.fabric();
            assertThat(done(owner)).containsExactly("The fabrics of the shop");
            samples.bolt(fabric, "4 yd");
            assertThat(done(owner)).containsExactly("The fabrics of the shop", "Their bolts");
            long kit = samples.kit(fabric);
            assertThat(done(owner)).containsExactly("The fabrics of the shop", "Their bolts", "A pattern", "A kit of it");
            samples.run(kit, 1);
            assertThat(owner.get("/").body()).doesNotContain("The first day");
        }
    }

    /** The steps that are marked as done. */
    private static List<String> done(Client owner) {
        return Pattern.compile("class=\"is-done\">.*?<p class=\"strong\">([^<]*)</p>", Pattern.DOTALL)
                .matcher(owner.get("/").body()).results().map(found -> found.group(1)).toList();
    }
}
