package retazo.app.pages;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
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
import retazo.app.fabrics.Motif;
import retazo.app.fabrics.NewFabric;
import retazo.app.fabrics.Origin;
import retazo.app.runs.RunDrafts;
import retazo.app.runs.book.Run;
import retazo.app.stock.Bolt;
import retazo.app.stock.StockService;
import retazo.core.cloth.ClothKind;
import retazo.core.cloth.Colour;
import retazo.core.cloth.Prices;
import retazo.core.cloth.PrintKind;
import retazo.core.measure.Length;

/** A week of buying: what a run lacks is ordered, comes short and in part, and the run can go on. */
@Tag("slow")
@ExtendWith(TestShop.class)
class BuyingFlowTest {

    private final TestShop.Shop shop;
    private final Samples samples;
    private final StockService stock;
    private final String supplier = Samples.unique("Loom house ");

    BuyingFlowTest(TestShop.Shop shop, StockService stock) {
        this.shop = shop;
        this.samples = new Samples(shop);
        this.stock = stock;
    }

    private Fabric fabric() {
        String code = Samples.unique("BUY");
        return Samples.done(samples.bean(FabricService.class).add(new NewFabric(
                code, "Weft " + code, Colour.parse("#335577"), Colour.parse("#ddccaa"), Motif.DOTS, ClothKind.COTTON, PrintKind.ALL_OVER,
                Optional.empty(), Optional.empty(), new Prices<>(Optional.empty(), Optional.empty()),
                new Origin(Samples.unique("Range "), supplier))));
    }

    private static String mark(Client buyer, String order) {
        return buyer.get(order).body().replaceAll("(?s).*name=\"seen\"\\s+value=\"([^\"]*)\".*", "$1");
    }

    /** Ten bags of 1 1/8 yd are asked for, stock gives one: nine lack 10 1/8 yd, two bolts of 10 yd. */
    @Test
    void what_a_run_lacks_is_ordered_comes_in_part_and_wakes_the_run() {
        Fabric fabric = fabric();
        samples.bolt(fabric, "41 in");
        long run = samples.openRun(samples.kit(fabric), 10);
        try (Tab tab = Tab.of(shop, "yara")) {
            Page page = tab.page();
            tab.go("/stock/buying?supplier=" + supplier);
            Locator row = page.locator("tbody tr").filter(new Locator.FilterOptions().setHasText(fabric.name()));
            assertThat(row.textContent()).contains("run " + run + " has 9 bags open: 10 1/8 yd");
            assertThat(row.locator("input[inputmode=numeric]")).hasValue("2");
            tab.press("Write the ticked ones to " + supplier);
            page.waitForURL("**/stock/buying/orders/*");
            page.getByLabel(fabric.name() + ": cost").fill("6.40");
            tab.press("Send it to " + supplier);
            assertThat(tab.text()).contains("The order is written down as sent", "$128.00");

            tab.go("/stock/buying?supplier=" + supplier);
            assertThat(tab.text()).contains("Nothing is to be ordered now").doesNotContain(fabric.name());
            tab.go("/stock/buying/orders");
            page.locator("tr").filter(new Locator.FilterOptions().setHasText(supplier)).getByText("Take in").click();
            page.waitForURL("**/delivery");
            page.getByLabel(fabric.name() + ", 1: lot").fill("Z4");
            page.getByLabel(fabric.name() + ", 1: length").fill("9 7/8");
            page.getByLabel(fabric.name() + ", 2: goes back").check();
            page.getByLabel(fabric.name() + ", 2: what is wrong").fill("stained");
            tab.press("Book what came");
            page.waitForURL("**/stock/buying/orders/*");
            assertThat(tab.text()).contains(
                    "One bolt is booked; one is written down as damaged", "9 7/8 yd; one bolt is still to come", "stained");
        }
        Bolt came = stock.boltsOf(List.of(fabric.id())).stream().filter(bolt -> bolt.lot().equals("Z4")).findFirst().orElseThrow();
        assertThat(came.onHand()).isEqualTo(Length.ofYards(79, 8));
        samples.plannedAgain();
        assertThat(Client.of(shop, "idris").get("/runs/" + run).body()).contains("8 bags");
    }

    @Test
    void what_is_typed_wrong_in_a_delivery_stands_at_its_field_and_nothing_is_lost() {
        Fabric fabric = fabric();
        samples.bean(RunDrafts.class).draft(List.of(new Run.Asked(samples.kit(fabric), 1)), 1);
        Client buyer = Client.of(shop, "yara");
        String order = buyer.post("/stock/buying/fabrics/" + fabric.id() + "/order", Map.of("bolts", "1")).uri().getPath();
        buyer.post(order, Map.of(
                "line0.fabric", fabric.code(), "line0.bolts", "1", "line0.bolt", "", "seen", mark(buyer, order), "send", "on"));

        String line = buyer.get(order + "/delivery").body().replaceAll("(?s).*name=\"line0.line\"\\s+value=\"(\\d+)\".*", "$1");

        String wrong = buyer.post(order + "/delivery", Map.of(
                "clientId", java.util.UUID.randomUUID().toString(), "line0.line", line, "line0.lot", "Q1", "line0.length", "wide",
                "line0.code", "no good", "line0.place", "attic")).body();

        assertThat(wrong).contains("fault-line0.length", "fault-line0.code");
        assertThat(stock.boltsOf(List.of(fabric.id()))).isEmpty();
        assertThat(buyer.post(order + "/delivery", Map.of("clientId", java.util.UUID.randomUUID().toString(), "line0.line", line)).body())
                .contains("No bolt has a lot yet");
    }

    @Test
    void an_order_goes_out_as_a_paper_and_a_table() {
        Fabric fabric = fabric();
        Client buyer = Client.of(shop, "yara");
        String order = buyer.post("/stock/buying/fabrics/" + fabric.id() + "/order", Map.of("bolts", "3")).uri().getPath();

        assertThat(buyer.get(order + "/order.pdf").headers().firstValue("content-type")).contains("application/pdf");
        assertThat(buyer.get(order + "/order.csv").body().lines().toList().get(1))
                .contains(supplier, fabric.code(), fabric.name(), ",3,10,yd,");
    }

    /** One bag takes 1 1/8 yd and nothing is there: seven more take 7 7/8 yd, one bolt. */
    @Test
    void before_a_fabric_goes_out_of_print_its_kits_are_added_up() {
        Fabric fabric = fabric();
        long kit = samples.kit(fabric);
        try (Tab tab = Tab.of(shop, "yara")) {
            Page page = tab.page();
            tab.go("/stock/buying/leaving");
            page.getByLabel("A range is leaving").fill(fabric.origin().range());
            page.getByLabel("Last day to order it").fill(java.time.LocalDate.now().plusDays(9).toString());
            tab.press("Mark its fabrics");
            page.getByText(fabric.name()).click();
            page.waitForURL("**/fabrics/" + fabric.id());
            page.locator("[name='line" + kit + ".more']").fill("7");
            tab.press("Add it up");
            page.waitForURL("**more=7*");
            assertThat(tab.text()).contains("7 7/8 yd is missing: one bolt more");
        }
    }

    @Test
    void who_takes_deliveries_in_sees_no_costs_and_does_not_buy() {
        Fabric fabric = fabric();
        Client buyer = Client.of(shop, "yara");
        String order = buyer.post("/stock/buying/fabrics/" + fabric.id() + "/order", Map.of("bolts", "1")).uri().getPath();
        buyer.post(order, Map.of(
                "line0.fabric", fabric.code(), "line0.bolts", "1", "line0.cost", "6.66", "seen", mark(buyer, order), "send", "on"));
        Client ada = Client.of(shop, "ada");

        assertThat(buyer.get(order).body()).contains("$6.66");
        assertThat(ada.get(order).body()).contains(fabric.name()).doesNotContain("6.66");
        assertThat(ada.get(order + "/delivery").statusCode()).isEqualTo(200);
        assertThat(ada.get("/stock/buying").statusCode()).isEqualTo(403);
        assertThat(ada.get(order + "/order.csv").statusCode()).isEqualTo(403);
        assertThat(Client.of(shop, "nele").get(order).statusCode()).isEqualTo(403);
    }
}
