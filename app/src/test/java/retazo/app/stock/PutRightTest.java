package retazo.app.stock;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import retazo.app.Client;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricForm;
import retazo.app.fabrics.FabricService;
import retazo.app.shared.Seen;
import retazo.app.stock.places.Place;
import retazo.app.stock.places.Places;
import retazo.core.measure.Length;

/** What was typed wrong is put right, by whom and why stays written; and the book of the whole shop tells it. */
@Tag("slow")
@ExtendWith(TestShop.class)
class PutRightTest {

    private final TestShop.Shop shop;
    private final Samples samples;
    private final StockService stock;

    PutRightTest(TestShop.Shop shop, StockService stock) {
        this.shop = shop;
        this.samples = new Samples(shop);
        this.stock = stock;
    }

    @Test
    void lot_place_and_width_of_a_bolt_are_put_right_and_it_is_told_who_did_and_why() {
        long bolt = samples.bolt(samples.fabric(), "4 yd");
        Client counter = Client.of(shop, "ada");

        HttpResponse<String> answer = counter.post("/stock/bolts/" + bolt + "/facts",
                facts("B7", "bay 2, shelf A", "41 1/2", "tag misread"));

        assertThat(answer.body()).contains("is put right");
        assertThat(stock.bolt(bolt).facts()).isEqualTo(new Bolt.Facts("B7", "bay 2, shelf A", Length.ofInches(83, 2)));
        assertThat(counter.get("/stock/bolts/" + bolt + "/facts").body())
                .contains("lot L1, bay 9, 40 in usable", "lot B7, bay 2, shelf A, 41 1/2 in usable", "tag misread", "Ada");
        assertThat(Client.of(shop, "tomas").get("/stock/bolts/" + bolt + "/facts").statusCode()).isEqualTo(403);
    }

    @Test
    void what_is_typed_wrong_is_told_at_its_field_and_nothing_changes() {
        long bolt = samples.bolt(samples.fabric(), "4 yd");

        HttpResponse<String> answer = Client.of(shop, "ada").post("/stock/bolts/" + bolt + "/facts", facts("", "bay 2", "wide", ""));

        assertThat(answer.body()).contains("fault-lot", "fault-usableWidth", "bay 2");
        assertThat(stock.bolt(bolt).facts()).isEqualTo(new Bolt.Facts("L1", "bay 9", Length.ofInches(40)));
    }

    @Test
    void a_bolt_that_is_promised_keeps_its_lot_and_width_and_may_move() {
        Fabric fabric = samples.fabric();
        long bolt = samples.bolt(fabric, "4 yd");
        samples.run(samples.kit(fabric), 1);
        assertThat(stock.bolt(bolt).reserved().isPositive()).isTrue();
        Client counter = Client.of(shop, "ada");

        String refused = counter.post("/stock/bolts/" + bolt + "/facts", facts("B7", "bay 2", "40", "")).body();
        String moved = counter.post("/stock/bolts/" + bolt + "/facts", facts("L1", "bay 2", "40", "")).body();

        assertThat(refused).contains("is promised to runs", "Nothing was changed");
        assertThat(moved).contains("is put right");
        assertThat(stock.bolt(bolt).facts()).isEqualTo(new Bolt.Facts("L1", "bay 2", Length.ofInches(40)));
    }

    @Test
    void a_wrong_receipt_is_taken_back_and_its_number_is_free_again() {
        Fabric fabric = samples.fabric();
        long bolt = samples.bolt(fabric, "4 yd");
        String code = stock.bolt(bolt).code();
        long received = stock.linesOf(bolt, 1).get(0).id();

        String page = Client.of(shop, "ada")
                .post("/stock/bolts/" + bolt + "/undo", Map.of("movement", "" + received, "clientId", UUID.randomUUID().toString())).body();

        assertThat(page).contains("was bolt " + code);
        assertThat(stock.bolt(bolt).onHand()).isEqualTo(Length.ZERO);
        assertThat(stock.boltByCode(code)).isEmpty();
        assertThat(stock.correct(bolt, Length.ofYards(4, 1), Samples.entry()).<String>match(one -> "", problems -> problems.get(0).code()))
                .isEqualTo("stock.never-came");
        long again = Samples.done(stock.receive(
                new NewBolt(code, fabric.id(), "L1", "", Length.ofInches(40), Length.ofYards(5, 1), true), Samples.entry()));
        assertThat(stock.boltByCode(code)).get().extracting(Bolt::id).isEqualTo(again);
    }

    @Test
    void a_receipt_after_which_something_was_booked_stays() {
        long bolt = samples.bolt(samples.fabric(), "4 yd");
        long received = stock.linesOf(bolt, 1).get(0).id();
        Samples.done(stock.take(bolt, Length.ofInches(9), Reason.SOLD_BY_LENGTH, Samples.entry()));

        assertThat(stock.reverseLine(received, Samples.entry()).<String>match(done -> "done", problems -> problems.get(0).code()))
                .isEqualTo("stock.not-the-newest");
    }

    @Test
    void the_book_of_the_shop_is_asked_by_thing_person_reason_and_day_and_saved_as_a_file() {
        Fabric fabric = samples.fabric();
        long bolt = samples.bolt(fabric, "4 yd");
        String code = stock.bolt(bolt).code();
        Samples.done(stock.take(bolt, Length.ofInches(9), Reason.SOLD_BY_LENGTH, Samples.entry()));
        Client owner = Client.of(shop, "marisol");

        assertThat(owner.get("/stock/book?words=" + fabric.code()).body()).contains("bolt " + code, "+4 yd", "−1/4 yd", "Marisol");
        assertThat(owner.get("/stock/book?words=" + fabric.code() + "&reason=RECEIVED").body()).contains("+4 yd").doesNotContain("−1/4 yd");
        assertThat(owner.get("/stock/book?words=" + fabric.code() + "&until=2001-01-01").body())
                .contains("No line of the book is like that");
        assertThat(owner.get("/stock/book?words=" + fabric.code() + "&person=999999").body()).contains("No line of the book is like that");
        assertThat(owner.get("/stock/book?since=someday").body()).contains("is no day");
        List<String> file = owner.get("/stock/book/lines.csv?words=" + fabric.code()).body().lines().toList();
        assertThat(file.get(0)).isEqualTo("\uFEFFline,time,what,thing,amount,who,note");
        assertThat(file).hasSize(3);
        assertThat(file.get(1)).contains("sold at the counter", "\"bolt " + code + ", " + fabric.name() + "\"", "−1/4 yd");
    }

    /** The place's label is scanned, then the bolt's; then the label of the next place. */
    @Test
    void a_bolt_is_moved_by_two_scans_and_found_where_it_stands() {
        long bolt = samples.bolt(samples.fabric(), "4 yd");
        String code = stock.bolt(bolt).code();
        String name = Samples.unique("attic ") + ", shelf A";
        long there = Samples.done(stock.receive(
                new NewBolt(Samples.unique("B"), samples.fabric().id(), "L1", name, Length.ofInches(40), Length.ofYards(1, 1), true),
                Samples.entry()));
        Places places = samples.bean(Places.class);
        Place place = places.named(name).orElseThrow();
        Client cutter = Client.of(shop, "nele");

        assertThat(cutter.get("/search?find=" + place.code()).uri().getPath()).isEqualTo("/stock/places/" + place.code());
        String moved = cutter.post("/stock/places/" + place.code(), scanned(code)).body();
        String again = cutter.post("/stock/places/" + place.code(), scanned(code)).body();
        String unknown = cutter.post("/stock/places/" + place.code(), scanned("NOPE")).body();

        assertThat(moved).contains("Bolt " + code + " stands here now; it stood at bay 9", "/stock/bolts/" + there, "/stock/bolts/" + bolt);
        assertThat(again).contains("stood here already");
        assertThat(unknown).contains("No bolt has the number");
        assertThat(stock.bolt(bolt).place()).isEqualTo(name);
        String bay = places.named("bay 9").orElseThrow().code();
        assertThat(cutter.post("/stock/places/" + place.code(), scanned(bay)).uri().getPath()).isEqualTo("/stock/places/" + bay);
        assertThat(cutter.get("/stock/places").body()).contains(name, place.code());
        assertThat(cutter.get("/stock/places/labels").headers().firstValue("Content-Type")).contains("application/pdf");
        assertThat(cutter.get("/stock/places/P-999999").statusCode()).isEqualTo(404);
    }

    @Test
    void the_code_of_a_fabric_is_put_right_unless_another_has_it() {
        Fabric fabric = samples.fabric();
        Fabric other = samples.fabric();
        samples.bolt(fabric, "4 yd");
        String code = Samples.unique("FC");
        Map<String, String> form = new HashMap<>(FabricForm.of(fabric).texts());
        form.put("seen", Seen.mark(FabricForm.of(fabric).texts()));
        Client owner = Client.of(shop, "marisol");

        form.put("code", other.code());
        String refused = owner.post("/stock/fabrics/" + fabric.id(), form).body();
        form.put("code", code.toLowerCase(Locale.ROOT));
        String done = owner.post("/stock/fabrics/" + fabric.id(), form).body();

        assertThat(refused).contains("Another fabric has the code " + other.code(), "fault-code");
        assertThat(done).contains(code, fabric.name());
        FabricService fabrics = samples.bean(FabricService.class);
        assertThat(fabrics.byCode(code).map(Fabric::id)).contains(fabric.id());
        assertThat(fabrics.byCode(fabric.code())).isEmpty();
    }

    @Test
    void a_place_that_is_called_otherwise_takes_its_bolts_along_and_keeps_its_code() {
        String was = Samples.unique("loft ");
        String now = Samples.unique("attic ");
        long full = at(was, 2);
        long empty = at(was, 1);
        Samples.done(stock.take(empty, Length.ofYards(1, 1), Reason.SOLD_BY_LENGTH, Samples.entry()));
        Places places = samples.bean(Places.class);
        Place place = places.named(was).orElseThrow();

        HttpResponse<String> answer = Client.of(shop, "marisol").post("/stock/places/" + place.code() + "/name", called(now));

        assertThat(answer.uri().getPath()).isEqualTo("/stock/places/" + place.code());
        assertThat(answer.body()).contains(was + " is called " + now + " now", stock.bolt(full).code());
        assertThat(List.of(stock.bolt(full).place(), stock.bolt(empty).place())).containsOnly(now);
        assertThat(places.named(was)).isEmpty();
        assertThat(Client.of(shop, "ada").get("/stock/bolts/" + full + "/facts").body())
                .contains("lot L1, " + was, "lot L1, " + now, "its place is called otherwise now", "Marisol");
        assertThat(Client.of(shop, "ada").post("/stock/places/" + place.code() + "/name", called(was)).statusCode()).isEqualTo(403);
    }

    @Test
    void two_places_are_put_together_only_when_that_is_said() {
        String wrong = Samples.unique("Lofft ");
        String right = Samples.unique("loft ");
        long bolt = at(wrong, 2);
        at(right, 2);
        Places places = samples.bean(Places.class);
        Place place = places.named(wrong).orElseThrow();
        Place other = places.named(right).orElseThrow();
        Client owner = Client.of(shop, "marisol");

        String asked = owner.post("/stock/places/" + place.code() + "/name", called(right)).body();
        String before = stock.bolt(bolt).place();
        Map<String, String> said = new HashMap<>(called(right));
        said.put("joined", "yes");
        HttpResponse<String> answer = owner.post("/stock/places/" + place.code() + "/name", said);

        assertThat(asked).contains(right + " is there already (" + other.code() + ")", "fault-name", "put both together");
        assertThat(before).isEqualTo(wrong);
        assertThat(answer.uri().getPath()).isEqualTo("/stock/places/" + other.code());
        assertThat(stock.bolt(bolt).place()).isEqualTo(right);
        assertThat(places.named(wrong)).isEmpty();
    }

    @Test
    void a_place_at_which_a_stocktake_counts_keeps_its_name() {
        String name = Samples.unique("cellar ");
        long bolt = at(name, 2);
        Place place = samples.bean(Places.class).named(name).orElseThrow();
        Client owner = Client.of(shop, "marisol");
        owner.post("/stock/stocktake", Map.of("place", name));

        String asked = owner.post("/stock/places/" + place.code() + "/name", called(Samples.unique("vault "))).body();

        assertThat(asked).contains("A stocktake is open there");
        assertThat(stock.bolt(bolt).place()).isEqualTo(name);
    }

    private long at(String place, int yards) {
        return Samples.done(stock.receive(
                new NewBolt(
                        Samples.unique("B"), samples.fabric().id(), "L1", place, Length.ofInches(40), Length.ofYards(yards, 1), true),
                Samples.entry()));
    }

    private static Map<String, String> called(String name) {
        return Map.of("name", name, "clientId", UUID.randomUUID().toString());
    }

    private static Map<String, String> scanned(String code) {
        return Map.of("bolt", code, "clientId", UUID.randomUUID().toString());
    }

    private static Map<String, String> facts(String lot, String place, String width, String why) {
        return Map.of("lot", lot, "place", place, "usableWidth", width, "why", why, "clientId", UUID.randomUUID().toString());
    }
}
