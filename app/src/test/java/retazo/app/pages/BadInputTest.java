package retazo.app.pages;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import retazo.app.Client;
import retazo.app.Samples;
import retazo.app.TestShop;

/** Nonsense at fields and addresses: a clear answer, nothing half saved, what was typed still there. */
@Tag("slow")
@ExtendWith(TestShop.class)
class BadInputTest {

    private final TestShop.Shop shop;
    private final Client owner;

    BadInputTest(TestShop.Shop shop) {
        this.shop = shop;
        this.owner = Client.of(shop, "marisol");
    }

    @ParameterizedTest
    @ValueSource(strings = {
            "/patterns/999999", "/patterns/abc", "/patterns/-1/sizes", "/kits/999999", "/kits/99999999999999999999", "/kits/new?pattern=0",
            "/runs/999999", "/cutting/999999/1", "/cutting/1/999999", "/packing/bags/999999", "/shelf/999999", "/stock/bolts/999999",
            "/practice/people/999999", "/stock/goods/999999", "/patterns/1/versions?from=0&to=99", "/patterns/999999/file",
            "/kits/x/cutting-page", "/nowhere"})
    void an_address_of_nothing_is_a_page_of_ours(String path) {
        HttpResponse<String> answer = owner.get(path);

        assertThat(answer.statusCode()).isEqualTo(404);
        assertThat(answer.body()).contains("There is nothing here", "Today").doesNotContain("Exception", "\tat ");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
            "abc|is not a length", "-3|below zero", "0|more than 0", "1/0|divides by zero", "99999999999|longer than", "٣|is not a length",
            "1/7|cannot be measured", "''|Type a length", "400 yd|more than 0 and at most"})
    void a_bolt_with_a_nonsense_length_is_not_received_and_keeps_what_was_typed(String length, String message) {
        long before = bolts();
        owner.get("/stock/receive");

        HttpResponse<String> answer = owner.post("/stock/receive", Map.of(
                "fabric", "HERON", "code", "B-bad", "lot", "Lot Ω7", "length", length, "clientId", "not-a-uuid-at-all".substring(0, 0)));

        assertThat(answer.statusCode()).isEqualTo(200);
        assertThat(answer.body()).contains(message, "Lot Ω7", "B-bad");
        assertThat(bolts()).isEqualTo(before);
    }

    /** "Our own" is a claim that decides what may be printed, so nobody makes it by leaving a field alone. */
    @Test
    void whose_design_a_new_pattern_is_has_to_be_said() {
        owner.get("/patterns/new/table");
        String name = Samples.unique("Somebody else ");
        Map<String, String> form = new HashMap<>(Map.of(
                "version", "0", "name", name, "sizes[0].name", "Lap", "rows[0].role", "Ground", "rows[0].cells[0]", "1 yd"));
        long before = patterns();

        assertThat(owner.post("/patterns/new/table", form).body()).contains("Say whose design it is", name);
        form.put("whose", "other");
        assertThat(owner.post("/patterns/new/table", form).body()).contains("fault-designer");
        assertThat(patterns()).isEqualTo(before);
        form.put("designer", "Wren Alder");
        assertThat(owner.post("/patterns/new/table", form).body()).contains("Wren Alder");
        assertThat(patterns()).isEqualTo(before + 1);
    }

    @Test
    void a_pattern_with_faults_tells_each_at_its_place_and_keeps_all_that_was_typed() {
        long before = patterns();
        owner.get("/patterns/new/drawing");
        Map<String, String> form = new HashMap<>(Map.of(
                "version", "0", "whose", "ours", "blocks[0].cellColumns", "2", "name", "", "roles[0].name", "one", "roles[1].name", "two",
                "blocks[0].columns", "2 x 3", "blocks[0].rows", "3, abc", "blocks[0].cells[0]", "A"));
        form.put("sizes[0].name", "Big");
        form.put("sizes[0].columns", "0");
        form.put("sizes[0].rows", "61");
        form.put("sizes[0].border", "<b>");

        HttpResponse<String> answer = owner.post("/patterns/new/drawing", form);

        assertThat(answer.statusCode()).isEqualTo(200);
        assertThat(answer.body())
                .contains("This has to be filled in", "&#39;abc&#39; is not a length", "Type a whole number from 1 to 60",
                        "&#39;&lt;b&gt;&#39; is not a length")
                .contains("value=\"3, abc\"", "value=\"Big\"", "value=\"&lt;b&gt;\"");
        assertThat(patterns()).isEqualTo(before);
    }

    /** The next page's address would be longer than a header may be. */
    @Test
    void a_place_to_go_back_to_that_is_none_is_left_out() {
        Samples samples = new Samples(shop);
        long kit = samples.kit(samples.fabric());
        owner.get("/kits/" + kit + "/cloth");

        HttpResponse<String> answer = owner.post(
                "/kits/" + kit + "/settings/none", Map.of("fabric", "A".repeat(20_000), "seen", ""));

        assertThat(answer.statusCode()).isEqualTo(200);
        assertThat(answer.uri().getPath()).isEqualTo("/kits/" + kit + "/cloth");
        assertThat(answer.uri().getQuery()).isNull();
    }

    @Test
    void ten_thousand_pasted_cells_are_told_at_the_spot_and_kept_in_their_field() {
        owner.get("/patterns/new/table");
        String pasted = (("1 yd\t".repeat(100)).strip() + "\n").repeat(100);

        HttpResponse<String> answer = owner.post("/patterns/table-fill", Map.of("version", "0", "name", "Much", "pasted", pasted));

        assertThat(answer.statusCode()).isEqualTo(200);
        assertThat(answer.body()).contains("id=\"fault-pasted\"", "value=\"Much\"").contains("1 yd\t1 yd");
    }

    @Test
    void twelve_thousand_fields_are_no_fault_of_ours() {
        owner.get("/patterns/new/list");
        Map<String, String> form = new HashMap<>();
        for (int i = 0; i < 12_000; i++) {
            form.put("lines[" + i + "].role", "r" + i);
        }

        assertThat(owner.post("/patterns/new/list", form).statusCode()).isBetween(200, 499);
    }

    /** A role that nobody defined, an oblong cell for triangles, a cell that goes on from nothing: each where it is. */
    @Test
    void an_impossible_block_is_told_cell_by_cell() {
        long before = patterns();
        owner.get("/patterns/new/drawing");
        Map<String, String> form = new HashMap<>(Map.of(
                "version", "0", "blocks[0].cellColumns", "2", "name", "Impossible", "roles[0].name", "one", "blocks[0].name", "block",
                "blocks[0].columns", "2, 3", "blocks[0].rows", "2, 2", "sizes[0].name", "Big", "sizes[0].columns", "2"));
        form.putAll(Map.of("sizes[0].rows", "2", "blocks[0].cells[0]", "<", "blocks[0].cells[1]", "A/A", "blocks[0].cells[2]", "Q",
                "blocks[0].cells[3]", "A 9"));

        HttpResponse<String> answer = owner.post("/patterns/new/drawing", form);

        assertThat(answer.statusCode()).isEqualTo(200);
        assertThat(answer.body()).contains("Row 1, column 1: ", "Row 1, column 2: ", "Row 2, column 1: There is no role Q",
                "Row 2, column 2: ");
        assertThat(patterns()).isEqualTo(before);
    }

    @Test
    void a_practice_out_of_its_limits_is_not_saved() {
        owner.get("/practice");

        HttpResponse<String> answer = owner.post("/practice", Map.of(
                "measures[seamAllowance]", "9 in", "measures[usableWidth]", "forty", "margin", "900 %", "sellingUnit", "YARD"));

        assertThat(answer.body()).contains("9 in will not do", "&#39;forty&#39; is not a length", "at most 50 %", "value=\"forty\"");
        assertThat(owner.get("/practice").body()).contains("value=\"1/4 in\"", "value=\"40 in\"");
    }

    @Test
    void texts_that_are_too_long_or_have_odd_signs_are_told() {
        owner.get("/stock/fabrics/new");

        String answer = owner.post("/stock/fabrics/new", Map.of(
                "name", "x".repeat(400), "code", "né!", "groundColour", "red", "printColour", "#12345", "motif", "CATS")).body();

        assertThat(answer).contains("This has 400 characters", "Use letters, digits and hyphens", "Choose a colour", "Choose one");
    }

    @Test
    void a_counter_cut_that_no_bolt_has_is_told_with_the_longest() {
        assertThat(owner.get("/counter?words=HERON+90").body()).contains("No bolt has 90 yd in one piece");
        assertThat(owner.get("/counter?words=no+such+thing+1").body()).contains("Nothing here is called", "no such thing 1");
        assertThat(owner.get("/counter?words=back+1").body()).contains("words=CHALK%201", "words=HULL%201").doesNotContain("Cut and book");
        assertThat(owner.post("/counter/cut", Map.of("length", "1")).body()).contains("Choose fabric and length first");
    }

    @Test
    void a_run_of_nothing_or_of_too_much_is_told() {
        owner.get("/runs/new");

        assertThat(owner.post("/runs/new", Map.of("bags[1]", "")).body()).contains("how many bags of at least one kit");
        assertThat(owner.post("/runs/new", Map.of("bags[1]", "5000")).body()).contains("from 1 to 200", "value=\"5000\"");
        assertThat(owner.post("/runs/new", Map.of("bags[1]", "-2")).body()).contains("from 1 to 200");
    }

    @Test
    void forms_with_fields_of_the_wrong_kind_or_none_at_all_are_never_a_fault_of_ours() {
        owner.get("/practice");
        for (String path : new String[] {
                "/patterns/new/drawing", "/patterns/draw", "/patterns/blocks", "/patterns/cell", "/patterns/new/table",
                "/patterns/table-fill",
                "/patterns/new/list", "/patterns/list-fill", "/patterns/1/about", "/patterns/1/copy", "/patterns/import", "/kits/new",
                "/kits/draw", "/runs/new", "/runs/1/confirm", "/stock/receive",
                "/counter/cut", "/counter/paid", "/counter/wishes", "/counter/goods/1/sell", "/stock/bolts/1/count", "/stock/bolts/1/undo",
                "/cutting/1/1/cut",
                "/cutting/1/1/flaw", "/cutting/1/1/undo", "/packing/bags/1/tick", "/packing/bags/1/done", "/shelf/1/sell", "/practice",
                "/practice/people/new"}) {
            assertThat(owner.post(path, Map.of()).statusCode()).as(path).isLessThan(500);
            assertThat(owner.post(path, Map.of(
                    "plannedCutId", "x", "planVersion", "x", "clientId", "x", "version", "x", "cellColumns", "-9", "pattern", "x",
                    "kind", "x", "movement", "x", "boltId", "x", "roles[900].name", "x")).statusCode()).as(path + " with nonsense")
                    .isLessThan(500);
        }
    }

    private long bolts() {
        return shop.database().sql("SELECT count(*) FROM stock_item").query(Long.class).single();
    }

    private long patterns() {
        return shop.database().sql("SELECT count(*) FROM pattern").query(Long.class).single();
    }
}
