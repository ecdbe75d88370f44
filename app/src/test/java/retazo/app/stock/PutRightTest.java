package retazo.app.stock;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import retazo.app.Client;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.fabrics.Fabric;
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

    private static Map<String, String> scanned(String code) {
        return Map.of("bolt", code, "clientId", UUID.randomUUID().toString());
    }

    private static Map<String, String> facts(String lot, String place, String width, String why) {
        return Map.of("lot", lot, "place", place, "usableWidth", width, "why", why, "clientId", UUID.randomUUID().toString());
    }
}
