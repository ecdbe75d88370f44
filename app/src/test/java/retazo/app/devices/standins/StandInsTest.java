package retazo.app.devices.standins;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
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
import retazo.core.measure.Length;

/** The devices that are played, as the people of the shop meet them. */
@Tag("slow")
@ExtendWith(TestShop.class)
class StandInsTest {

    private final TestShop.Shop shop;
    private final Samples samples;
    private final StandIns standIns;
    private final StandInPrinter printer;
    private final StandInMachine machine;

    StandInsTest(TestShop.Shop shop, StandIns standIns, StandInPrinter printer, StandInMachine machine) {
        this.shop = shop;
        this.samples = new Samples(shop);
        this.standIns = standIns;
        this.printer = printer;
        this.machine = machine;
    }

    @AfterEach
    void allInOrder() {
        standIns.switchTo(List.of());
    }

    /** 5 3/4 yd are 207 in. A slip loses 18 in of them; the worn wheel 5/8 in, an eighth of each of five whole yards. */
    @Test
    void the_machine_finds_what_is_there_unless_it_slips_or_drifts() {
        standIns.switchTo(List.of());
        assertThat(machine.measure(Length.ofInches(207))).isEqualTo(Length.ofInches(207));
        standIns.switchTo(List.of(Fault.MACHINE_SLIPS));
        assertThat(machine.measure(Length.ofInches(207))).isEqualTo(Length.ofInches(189));
        standIns.switchTo(List.of(Fault.MACHINE_DRIFTS));
        assertThat(machine.measure(Length.ofInches(207))).isEqualTo(Length.ofInches(1651, 8));
        standIns.switchTo(List.of(Fault.MACHINE_SLIPS));
        assertThat(machine.measure(Length.ofInches(12))).isEqualTo(Length.ZERO);
    }

    /** What the machine shows stands in the field of the count; booked is nothing before somebody presses. */
    @Test
    void a_length_from_the_machine_is_booked_by_a_person() {
        standIns.switchTo(List.of(Fault.MACHINE_SLIPS));
        long bolt = samples.bolt(samples.fabric(), "3 yd");
        Client owner = Client.of(shop, "marisol");
        owner.get("/stock/bolts/" + bolt);

        String page = owner.post("/stock/bolts/" + bolt + "/measure", Map.of()).body();

        assertThat(page).contains("value=\"2 1/2 yd\"");
        assertThat(samples.bean(retazo.app.stock.StockService.class).bolt(bolt).onHand()).isEqualTo(Length.ofYards(3, 1));
    }

    /** A label lies in the tray; from an empty printer nothing comes, and the page says so. */
    @Test
    void a_label_comes_out_or_it_is_said_that_none_did() throws Exception {
        standIns.switchTo(List.of());
        Bag bag = bag();
        Client packer = Client.of(shop, "tomas");
        packer.get("/packing/bags/" + bag.id());

        assertThat(packer.post("/packing/bags/" + bag.id() + "/label", Map.of()).body()).contains("The label is printed");
        assertThat(new PDFTextStripper().getText(Loader.loadPDF(printer.tray().get(0).pdf()))).contains(bag.code());
        int before = printer.tray().size();
        standIns.switchTo(List.of(Fault.PRINTER_EMPTY));
        assertThat(packer.post("/packing/bags/" + bag.id() + "/label", Map.of()).body()).contains("the printer has no labels left");
        assertThat(printer.tray()).hasSize(before);
    }

    private Bag bag() {
        Fabric fabric = samples.fabric();
        samples.bolt(fabric, "2 yd");
        long run = samples.run(samples.kit(fabric), 1);
        return samples.bean(RunBook.class).bags(Set.of(run)).get(run).get(0);
    }
}
