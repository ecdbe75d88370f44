package retazo.app.pages;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import retazo.app.Client;
import retazo.app.TestShop;

/** Who sees which page, over real HTTP. */
@Tag("slow")
@ExtendWith(TestShop.class)
class RightsTest {

    private static final List<String> PAGES = List.of(
            "/patterns", "/kits", "/kits/heap", "/catalogue", "/catalogue/guest", "/runs", "/cutting", "/packing", "/shelf", "/stock",
            "/counter", "/stock/receive",
            "/stock/fabrics/new", "/stock/goods", "/stock/goods/new", "/practice", "/practice/people", "/practice/keys", "/practice/prices",
            "/stock/fabrics/1", "/stock/goods/1/prints", "/stock/lists", "/stock/lists/save/bolts.csv", "/stock/lists/save/fabrics.csv",
            "/stock/buying", "/stock/buying/orders");

    private final TestShop.Shop shop;

    RightsTest(TestShop.Shop shop) {
        this.shop = shop;
    }

    @ParameterizedTest
    @ValueSource(strings = {"/", "/patterns", "/stock", "/practice/people", "/cutting/1/1", "/no/such/page"})
    void every_page_needs_a_sign_in(String path) {
        HttpResponse<String> answer = Client.nobody(shop).get(path);

        assertThat(answer.uri().getPath()).isEqualTo("/sign-in");
    }

    @ParameterizedTest
    @CsvSource({
            "marisol, /patterns /kits /kits/heap /catalogue /catalogue/guest "
                    + "/runs /cutting /packing /shelf /stock /counter /stock/receive "
                    + "/stock/fabrics/new /stock/goods /stock/goods/new "
                    + "/practice /practice/prices /practice/people /practice/keys /stock/fabrics/1 /stock/goods/1/prints "
                    + "/stock/lists /stock/lists/save/bolts.csv /stock/lists/save/fabrics.csv /stock/buying /stock/buying/orders",
            "idris, /patterns /kits /kits/heap /catalogue /catalogue/guest "
                    + "/runs /stock /stock/fabrics/new /stock/goods /stock/goods/new /stock/fabrics/1 /stock/goods/1/prints "
                    + "/stock/lists /stock/lists/save/fabrics.csv",
            "nele, /cutting /stock /stock/goods",
            "tomas, /packing",
            "ada, /catalogue /catalogue/guest "
                    + "/shelf /stock /stock/goods /counter /stock/receive /stock/lists /stock/lists/save/bolts.csv /stock/buying/orders",
            "yara, /stock /stock/fabrics/new /stock/fabrics/1 /stock/goods /stock/goods/new /stock/goods/1/prints /stock/receive "
                    + "/stock/lists /stock/lists/save/bolts.csv /stock/lists/save/fabrics.csv /stock/buying /stock/buying/orders"})
    void a_person_sees_their_stations_and_no_other(String person, String allowed) {
        Client client = Client.of(shop, person);
        List<String> open = List.of(allowed.split(" "));

        for (String page : PAGES) {
            assertThat(client.get(page).statusCode()).as(person + " at " + page).isEqualTo(open.contains(page) ? 200 : 403);
        }
        String today = client.get("/").body();
        for (String station : List.of("/patterns", "/kits", "/runs", "/cutting", "/packing", "/shelf", "/practice")) {
            assertThat(today.contains("href=\"" + station + "\"")).as(person + " at " + station).isEqualTo(open.contains(station));
        }
    }

    @ParameterizedTest
    @CsvSource({"tomas, /patterns/new/table", "tomas, /runs/1/leave-out", "ada, /stock/bolts/1/count", "nele, /practice",
            "idris, /stock/goods/1/receive", "ada, /stock/goods/1/count", "idris, /practice/keys", "idris, /packing/bags/1/done",
            "idris, /stock/bolts/1/undo", "idris, /stock/bolts/1/quarters", "ada, /kits/1/source", "nele, /kits/1/pairing/singles",
            "idris, /practice/prices", "ada, /stock/fabrics/1", "ada, /stock/goods/1/prints", "nele, /kits/1/left-overs",
            "tomas, /kits/1/instructions", "nele, /stock/goods/1/measured"})
    void a_form_sent_without_the_right_is_refused_with_our_page(String person, String path) {
        HttpResponse<String> answer = Client.of(shop, person).post(path, Map.of("counted", "1"));

        assertThat(answer.statusCode()).isEqualTo(403);
        assertThat(answer.body()).contains("not one of your stations");
    }

    @Test
    void a_form_without_its_token_is_refused() {
        Client owner = Client.of(shop, "marisol");

        assertThat(owner.postRaw("/practice", "margin=none").statusCode()).isEqualTo(403);
    }

    @Test
    void a_wrong_password_is_told_and_says_nothing_about_the_name() {
        Client client = Client.nobody(shop);
        client.get("/sign-in");

        String known = client.post("/sign-in", Map.of("username", "marisol", "password", "wrong")).body();
        String unknown = client.post("/sign-in", Map.of("username", "nobody", "password", "wrong")).body();

        assertThat(known).contains("go together");
        assertThat(unknown).contains("go together");
    }

    @Test
    void no_page_loads_anything_from_elsewhere_or_inline() {
        HttpResponse<String> answer = Client.of(shop, "marisol").get("/patterns");

        assertThat(answer.headers().firstValue("Content-Security-Policy").orElse(""))
                .contains("default-src 'none'", "script-src 'self'", "style-src 'self'").doesNotContain("unsafe");
        assertThat(answer.body()).doesNotContain(" style=", "onclick=", "http://www.thymeleaf");
    }

    @Test
    void what_an_owner_changes_of_a_person_ends_their_sign_in() {
        Client owner = Client.of(shop, "marisol");
        owner.get("/practice/people/new");
        owner.postRaw("/practice/people/new", "");
        owner.get("/practice/people/new");
        owner.post("/practice/people/new", Map.of(
                "signInName", "juno", "name", "Juno", "password", "green tide mark", "jobs", "PACKER", "active", "on"));
        long id = shop.database().sql("SELECT id FROM person WHERE sign_in_name = 'juno'").query(Long.class).single();
        Client juno = Client.nobody(shop);
        juno.get("/sign-in");
        juno.post("/sign-in", Map.of("username", "juno", "password", "green tide mark"));
        assertThat(juno.get("/packing").statusCode()).isEqualTo(200);

        String seen = seen(owner.get("/practice/people/" + id).body());
        owner.post("/practice/people/" + id, Map.of(
                "name", "Juno", "signInName", "juno", "password", "", "jobs", "PACKER", "seen", seen));

        assertThat(juno.get("/packing").uri().getPath()).isEqualTo("/sign-in");
    }

    private static String seen(String page) {
        java.util.regex.Matcher mark = java.util.regex.Pattern.compile("name=\"seen\"[^>]*value=\"([^\"]*)\"").matcher(page);
        assertThat(mark.find()).isTrue();
        return mark.group(1);
    }

    @Test
    void the_last_owner_stays_one() {
        Client owner = Client.of(shop, "marisol");
        owner.get("/practice/people/1");

        String answer = owner.post("/practice/people/1", Map.of("name", "Marisol", "jobs", "PACKER", "active", "on")).body();

        assertThat(answer).contains("This is the only owner");
        assertThat(owner.get("/practice").statusCode()).isEqualTo(200);
    }
}
