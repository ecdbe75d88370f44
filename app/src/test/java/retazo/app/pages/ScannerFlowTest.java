package retazo.app.pages;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.Set;

import com.microsoft.playwright.Page;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

import retazo.app.Client;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.fabrics.Fabric;
import retazo.app.runs.book.Bag;
import retazo.app.runs.book.RunBook;

/** A scanner is a keyboard: what it reads is typed on the page that is open, and Enter with it. */
@Tag("slow")
@ExtendWith(TestShop.class)
class ScannerFlowTest {

    private final TestShop.Shop shop;
    private final Samples samples;

    ScannerFlowTest(TestShop.Shop shop) {
        this.shop = shop;
        this.samples = new Samples(shop);
    }

    @AfterEach
    void allInOrder() {
        switchTo(Map.of());
    }

    /** A number read in one window opens the bag in the other; without Enter it stands in the field; a wrong digit is no bag's. */
    @Test
    void what_is_scanned_is_typed_in_the_other_window() {
        Bag bag = bag();
        try (Tab packer = Tab.of(shop, "marisol")) {
            switchTo(Map.of());
            packer.go("/packing");
            Page table = packer.page().context().newPage();
            scan(table, bag.code());
            packer.page().waitForURL("**/packing/bags/" + bag.id());

            switchTo(Map.of("fault", "SCANNER_NO_ENTER"));
            packer.go("/packing");
            scan(table, bag.code());
            packer.page().waitForFunction("code => document.getElementById('scan').value === code", bag.code());
            assertThat(packer.page().url()).endsWith("/packing");

            switchTo(Map.of("fault", "SCANNER_TWICE"));
            packer.go("/packing");
            scan(table, bag.code());
            packer.page().locator(".notice-stop").waitFor();
            assertThat(packer.page().locator(".notice-stop").textContent()).contains(bag.code() + bag.code());
        }
    }

    private void scan(Page table, String code) {
        table.navigate(shop.address() + "/standins");
        table.fill("[name=code]", code);
        table.keyboard().press("Enter");
    }

    private void switchTo(Map<String, String> faults) {
        Client owner = Client.of(shop, "marisol");
        owner.get("/standins");
        owner.post("/standins", faults);
    }

    private Bag bag() {
        Fabric fabric = samples.fabric();
        samples.bolt(fabric, "2 yd");
        long run = samples.run(samples.kit(fabric), 1);
        return samples.bean(RunBook.class).bags(Set.of(run)).get(run).get(0);
    }
}
