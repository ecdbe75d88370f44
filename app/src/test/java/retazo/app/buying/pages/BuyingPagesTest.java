package retazo.app.buying.pages;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import retazo.app.Client;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.buying.FabricTerms;
import retazo.app.buying.FabricTermsBook;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.app.fabrics.Motif;
import retazo.app.fabrics.NewFabric;
import retazo.app.fabrics.Origin;
import retazo.app.orders.Supplier;
import retazo.app.orders.Suppliers;
import retazo.core.cloth.ClothKind;
import retazo.core.cloth.Colour;
import retazo.core.cloth.Prices;
import retazo.core.cloth.PrintKind;
import retazo.core.measure.Length;

/** The buyer's pages: what they propose, and what they say to what cannot be. */
@Tag("slow")
@ExtendWith(TestShop.class)
class BuyingPagesTest {

    private final Samples samples;
    private final FabricTermsBook terms;
    private final Suppliers suppliers;
    private final Client yara;
    private final String supplier = Samples.unique("Dye works ");
    private Fabric fabric;

    BuyingPagesTest(TestShop.Shop shop, FabricTermsBook terms, Suppliers suppliers) {
        this.samples = new Samples(shop);
        this.terms = terms;
        this.suppliers = suppliers;
        this.yara = Client.of(shop, "yara");
    }

    @BeforeEach
    void aFabricOfItsOwnSupplier() {
        String code = Samples.unique("DYE");
        fabric = Samples.done(samples.bean(FabricService.class).add(new NewFabric(
                code, "Indigo " + code, Colour.parse("#223355"), Colour.parse("#ddccaa"), Motif.DOTS, ClothKind.COTTON, PrintKind.ALL_OVER,
                Optional.empty(), Optional.empty(), new Prices<>(Optional.empty(), Optional.empty()),
                new Origin(Samples.unique("Vat "), supplier))));
    }

    private void orderBelow(String point, Optional<LocalDate> lastOrders) {
        terms.keep(new FabricTerms(fabric.id(), Optional.of(Length.parse(point)), Optional.empty(), lastOrders));
    }

    private String proposals() {
        return yara.get("/stock/buying?supplier=" + supplier.replace(' ', '+')).body();
    }

    /** A field of the fabric's line that has something in it. */
    private String field(String name, String has) {
        return "name=\"line" + fabric.id() + "\\." + name + "\"[^>]*" + has;
    }

    /** Below 25 yd of which nothing is there: three bolts of 10 yd; of 30 yd one. */
    @Test
    void a_length_that_the_buyer_typed_is_a_reason_and_the_supplier_s_bolt_counts() {
        orderBelow("25 yd", Optional.empty());

        assertThat(proposals()).contains("is to be ordered below 25 yd").containsPattern(field("bolts", "value=\"3\""));

        suppliers.keep(new Supplier(0, supplier, 14, 4, Length.ofYards(30, 1), "", ""));
        assertThat(proposals()).containsPattern(field("bolts", "value=\"1\""));
    }

    @Test
    void what_stands_on_the_order_already_is_said_and_not_ticked_again() {
        orderBelow("15 yd", Optional.empty());
        assertThat(proposals()).containsPattern(field("order", "checked"));
        String order = yara.post("/stock/buying/order", Map.of(
                "supplier", supplier, "line" + fabric.id() + ".order", "on", "line" + fabric.id() + ".bolts", "2")).uri().getPath();

        String page = proposals();

        assertThat(page).contains("2 on order " + order.replaceAll("\\D+", "") + " already")
                .doesNotContainPattern(field("order", "checked"));
        assertThat(yara.get(order).body()).contains("is to be ordered below 15 yd");
    }

    @Test
    void what_cannot_be_ordered_any_more_is_told_and_not_offered() {
        orderBelow("15 yd", Optional.of(LocalDate.now().minusDays(1)));

        assertThat(proposals()).contains("could be ordered until").containsPattern(field("order", "disabled"));
        assertThat(yara.get("/stock/buying/leaving").body()).contains(fabric.name(), "cannot be ordered any more");
    }

    @Test
    void nothing_ticked_writes_nothing() {
        assertThat(yara.post("/stock/buying/order", Map.of("supplier", supplier)).body()).contains("Nothing was ticked");
        assertThat(suppliers.named(supplier).id()).isZero();
    }

    @Test
    void what_is_typed_wrong_of_a_supplier_stands_at_its_field() {
        String page = yara.post("/stock/buying/supplier", Map.of(
                "name", supplier, "leadDays", "0", "cycleWeeks", "often", "bolt", "", "account", "", "address", "")).body();

        assertThat(page).contains("fault-leadDays", "fault-cycleWeeks", "fault-bolt", "often");
        assertThat(suppliers.named(supplier).id()).isZero();
        yara.post("/stock/buying/supplier", Map.of(
                "name", supplier, "leadDays", "9", "cycleWeeks", "6", "bolt", "15", "account", "A-1", "address", "desk"));
        assertThat(suppliers.named(supplier.toUpperCase(Locale.ROOT)))
                .returns(9, Supplier::leadDays).returns(2, Supplier::leadWeeks).returns(Length.ofYards(15, 1), Supplier::bolt);
    }

    @Test
    void what_is_typed_wrong_of_a_fabric_stands_at_its_field() {
        String path = "/stock/buying/fabrics/" + fabric.id();

        assertThat(yara.post(path, Map.of("point", "-3", "bolt", "long", "lastOrders", "someday")).body())
                .contains("fault-point", "fault-bolt", "fault-lastOrders");
        assertThat(yara.post(path + "/order", Map.of("bolts", "0")).body()).contains("aria-invalid");
        assertThat(terms.of(List.of(fabric.id())).get(fabric.id())).isEqualTo(FabricTerms.none(fabric.id()));
        assertThat(yara.post("/stock/buying/leaving", Map.of("range", "no such range", "day", "2026-12-24")).body())
                .contains("No fabric is of a range");
        assertThat(yara.post("/stock/buying/leaving", Map.of("range", fabric.origin().range(), "day", "")).body())
                .contains("Choose a day.");
    }
}
