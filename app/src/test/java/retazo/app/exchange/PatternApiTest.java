package retazo.app.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import retazo.app.Client;
import retazo.app.Program;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.patterns.file.PatternAbout;
import retazo.core.measure.Length;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** The API over real HTTP, with keys made on the owner's page. */
@Tag("slow")
@ExtendWith(TestShop.class)
class PatternApiTest {

    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final TestShop.Shop shop;
    private Program writer;

    PatternApiTest(TestShop.Shop shop) {
        this.shop = shop;
    }

    @BeforeEach
    void aKeyThatMayWrite() {
        writer = new Program(shop, key(true));
    }

    private String key(boolean mayWrite) {
        Client owner = Client.of(shop, "marisol");
        owner.get("/practice/keys");
        Map<String, String> form = mayWrite
                ? Map.of("name", Samples.unique("Key "), "mayWrite", "true")
                : Map.of("name", Samples.unique("Key "));
        Matcher shown = Pattern.compile("data-token[^>]*>(rtz_[^<]+)<").matcher(owner.post("/practice/keys", form).body());
        assertThat(shown.find()).isTrue();
        assertThat(owner.get("/practice/keys").body()).doesNotContain(shown.group(1));
        return shown.group(1);
    }

    @Test
    void a_pattern_is_added_read_back_equal_and_changed() throws IOException {
        ObjectNode file = demo();

        HttpResponse<String> added = writer.send("POST", "/api/patterns", file.toString());

        assertThat(added.statusCode()).isEqualTo(201);
        long id = json(added).path("id").asLong();
        assertThat(added.headers().firstValue("Location")).contains("/api/patterns/" + id);
        HttpResponse<String> read = writer.get("/api/patterns/" + id);
        assertThat(json(read)).isEqualTo(file);
        assertThat(read.headers().firstValue("ETag")).contains("\"1\"");

        file.put("notes", "dyed twice");
        assertThat(writer.send("PUT", "/api/patterns/" + id + "?version=1", file.toString()).statusCode()).isEqualTo(200);
        assertThat(json(writer.get("/api/patterns/" + id)).path("notes").asString()).isEqualTo("dyed twice");
        HttpResponse<String> late = writer.send("PUT", "/api/patterns/" + id + "?version=1", file.toString());
        assertThat(late.statusCode()).isEqualTo(409);
        assertThat(json(late).path("problems").path(0).path("code").asString()).isEqualTo("pattern.changed-meanwhile");
    }

    @Test
    void the_list_is_searched_like_the_library() {
        JsonNode found = json(writer.get("/api/patterns?way=size-table&name=tide"));

        assertThat(found).hasSize(1);
        assertThat(found.path(0).path("name").asString()).isEqualTo("Tide Table");
        assertThat(found.path(0).path("sizes").path(0).asString()).isEqualTo("Crib");
    }

    /** 51 by that name: fifty, and one more; each once. */
    @Test
    void the_list_comes_page_by_page_each_with_the_address_of_the_next() {
        Samples samples = new Samples(shop);
        List<Long> made = IntStream.range(0, 51).mapToObj(i -> samples.cutListPattern(PatternAbout.OWN, "2 x 3", 1).patternId()).toList();
        List<Long> ids = new ArrayList<>();
        String next = "/api/patterns?name=long%20reeds";
        while (!next.isEmpty()) {
            HttpResponse<String> page = writer.get(next);
            assertThat(json(page).size()).isLessThanOrEqualTo(50);
            json(page).forEach(pattern -> ids.add(pattern.path("id").asLong()));
            next = page.headers().firstValue("Link").map(link -> link.replaceFirst(".*(/api/patterns[^>]*)>.*", "$1")).orElse("");
        }

        assertThat(ids).doesNotHaveDuplicates().containsAll(made);
    }

    /**
     * Ferry Wake as a crib has 3 × 4 blocks. In each, four of the triangle units have A: 48 units, two from a pair of squares, so 24
     * squares of 3 + 1 in; and five patches of A: 60 of 3 1/2 in.
     */
    @Test
    void the_pieces_of_every_size_are_told() {
        JsonNode crib = json(writer.get("/api/patterns/1/pieces")).path(0);

        assertThat(crib.path("name").asString()).isEqualTo("Crib");
        assertThat(crib.path("pieces").valueStream()
                .filter(piece -> piece.path("label").asString().startsWith("A"))
                .map(piece -> piece.path("label").asString() + ", " + piece.path("sizes").path(0).asString() + ", "
                        + piece.path("count").asLong()))
                .containsExactly("A1, 4 in, 24", "A2, 3 1/2 in, 60");
    }

    /** The night river of a crib: 24 of A1 and 60 of A2, and the strips add up to 43 in, with 1 in of squaring 44. */
    @Test
    void the_plan_of_a_size_holds_every_piece_and_adds_up() {
        JsonNode night = json(writer.get("/api/patterns/1/sizes/crib/plan")).path("cloths").path(0);

        assertThat(night.path("exact").asString()).isEqualTo("44 in");
        assertThat(night.path("eachSizeAlone").asString()).isEqualTo("47 1/2 in");
        Map<String, Long> counts = new HashMap<>();
        Length length = Length.parse(night.path("squaring").asString());
        for (JsonNode strip : night.path("strips")) {
            long times = strip.path("times").asLong();
            length = length.plus(Length.parse(strip.path("height").asString()).times(times));
            strip.path("pieces").forEach(piece -> counts.merge(piece.path("part").asString(), times, Long::sum));
        }
        assertThat(counts).containsEntry("A1", 24L).containsEntry("A2", 60L);
        assertThat(length).isEqualTo(Length.ofInches(44));
    }

    /** 24 of 3 1/2 × 9 1/2 take three quarters of 20 × 18, a yard; of 10 in squares twelve, one pack; nothing is laid on whole cloth. */
    @Test
    void roles_from_quarters_and_precuts_have_their_sheets_in_the_plan() throws IOException {
        long pattern = new Samples(shop).cutListPattern(PatternAbout.OWN, "3 1/2 x 9 1/2", 24).patternId();
        Client designer = Client.of(shop, "idris");
        String plan = "/api/patterns/" + pattern + "/sizes/lap/plan";

        designer.post("/patterns/" + pattern + "/cloth/source", Map.of("size", "lap", "role", "reed", "source", "fat-quarter-cut"));
        JsonNode quarters = json(writer.get(plan));
        designer.post("/patterns/" + pattern + "/cloth/source", Map.of("size", "lap", "role", "reed", "source", "squares-10"));
        JsonNode squares = json(writer.get(plan));

        assertThat(quarters.path("cloths")).isEmpty();
        assertThat(quarters.path("sheets").path(0).path("count").asInt()).isEqualTo(3);
        assertThat(quarters.path("sheets").path(0).path("sell").asString()).isEqualTo("36 in");
        assertThat(pieces(quarters.path("sheets").path(0))).isGreaterThanOrEqualTo(24);
        assertThat(squares.path("sheets").path(0).path("take").asInt()).isEqualTo(1);
        assertThat(squares.path("sheets").path(0).path("count").asInt()).isEqualTo(12);
        assertThat(planSchema().validate(quarters.toString(), InputFormat.JSON)).isEmpty();
        assertThat(planSchema().validate(squares.toString(), InputFormat.JSON)).isEmpty();
    }

    private static int pieces(JsonNode sheets) {
        int pieces = 0;
        for (JsonNode cut : sheets.path("cuts")) {
            pieces += cut.path("times").asInt() * cut.path("pieces").size();
        }
        return pieces;
    }

    private static Schema planSchema() throws IOException {
        return SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(Files.readString(Path.of("../docs/formats/plan.schema.json")), InputFormat.JSON);
    }

    @Test
    void every_plan_of_the_demo_is_written_by_its_schema() throws IOException {
        Schema schema = planSchema();
        for (JsonNode pattern : json(writer.get("/api/patterns"))) {
            JsonNode pieces = json(writer.get("/api/patterns/" + pattern.path("id").asLong() + "/pieces"));
            for (JsonNode size : pieces) {
                HttpResponse<String> plan = writer
                        .get("/api/patterns/" + pattern.path("id").asLong() + "/sizes/" + size.path("size").asString() + "/plan");

                assertThat(plan.statusCode()).isEqualTo(200);
                assertThat(schema.validate(plan.body(), InputFormat.JSON)).as(pattern.path("name").asString()).isEmpty();
            }
        }
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
            "{\"format\": 2, \"name\": | file.not-json", "[[[[[[[]]]]]]] | file.not-an-object",
            "{\"format\": 99999999999999999999999999} | file.one-number",
            "'' | file.not-an-object"})
    void a_file_with_faults_keeps_nothing_and_tells_each(String body, String code) {
        long before = patterns();

        HttpResponse<String> answer = writer.send("POST", "/api/patterns", body);

        assertThat(answer.statusCode()).isEqualTo(422);
        assertThat(json(answer).path("problems").findValuesAsString("code")).contains(code);
        assertThat(json(answer).path("problems").findValuesAsString("message")).noneMatch(String::isBlank);
        assertThat(patterns()).isEqualTo(before);
    }

    @Test
    void nesting_without_end_a_huge_body_and_a_name_that_is_taken_are_refused() throws IOException {
        assertThat(writer.send("POST", "/api/patterns", "[".repeat(200_000)).statusCode()).isEqualTo(422);
        assertThat(codes(writer.send("POST", "/api/patterns", " ".repeat(1_100_000)))).contains("file.too-large");
        ObjectNode taken = demo();
        taken.put("name", "Ferry Wake");
        assertThat(codes(writer.send("POST", "/api/patterns", taken.toString()))).contains("pattern.name-taken");
    }

    @ParameterizedTest
    @ValueSource(strings = {"/api/patterns/999999", "/api/patterns/abc", "/api/patterns/999999/pieces",
            "/api/patterns/1/sizes/mammoth/plan", "/api/nowhere"})
    void an_address_of_nothing_is_told_without_a_page(String path) {
        HttpResponse<String> answer = writer.get(path);

        assertThat(answer.statusCode()).isEqualTo(404);
        assertThat(answer.body()).doesNotContain("<html", "Exception");
    }

    @Test
    void a_change_without_its_version_is_told() throws IOException {
        HttpResponse<String> answer = writer.send("PUT", "/api/patterns/1", demo().toString());

        assertThat(answer.statusCode()).isEqualTo(400);
        assertThat(answer.body()).contains("'version' is missing");
    }

    @Test
    void a_key_that_only_reads_changes_nothing_and_a_revoked_one_opens_nothing() throws IOException {
        String key = key(false);
        Program reader = new Program(shop, key);
        assertThat(reader.get("/api/patterns").statusCode()).isEqualTo(200);
        assertThat(reader.send("POST", "/api/patterns", demo().toString()).statusCode()).isEqualTo(403);
        assertThat(reader.get("/stock").statusCode()).isNotEqualTo(200);

        long id = shop.database().sql("SELECT max(id) FROM api_token").query(Long.class).single();
        Client owner = Client.of(shop, "marisol");
        owner.get("/practice/keys");
        owner.post("/practice/keys/" + id + "/revoke", Map.of());

        assertThat(reader.get("/api/patterns").statusCode()).isEqualTo(401);
        assertThat(shop.database().sql("SELECT count(*) FROM api_token WHERE token_hash LIKE '%' || ? || '%'").param(key)
                .query(Long.class).single()).isZero();
    }

    @Test
    void without_a_key_a_person_has_the_rights_of_their_job_and_nobody_has_none() {
        assertThat(new Program(shop, "").get("/api/patterns").statusCode()).isEqualTo(401);
        assertThat(new Program(shop, "rtz_made-up").get("/api/patterns").statusCode()).isEqualTo(401);
        assertThat(Client.of(shop, "idris").get("/api/patterns").statusCode()).isEqualTo(200);
        assertThat(Client.of(shop, "tomas").get("/api/patterns").statusCode()).isEqualTo(403);
        // A browser's session alone may not write: another site could send it.
        assertThat(Client.of(shop, "idris").postRaw("/api/patterns", "{}").statusCode()).isEqualTo(403);
    }

    @Test
    void the_description_names_every_address() {
        JsonNode paths = json(writer.get("/api/description")).path("paths");

        assertThat(paths.path("/api/patterns").propertyNames()).containsExactlyInAnyOrder("get", "post");
        assertThat(paths.path("/api/patterns/{id}").propertyNames()).containsExactlyInAnyOrder("get", "put");
        assertThat(paths.path("/api/patterns/{id}/pieces").propertyNames()).containsExactly("get");
    }

    private static JsonNode json(HttpResponse<String> answer) {
        return JSON.readTree(answer.body());
    }

    private static java.util.List<String> codes(HttpResponse<String> answer) {
        assertThat(answer.statusCode()).isEqualTo(422);
        return json(answer).path("problems").findValuesAsString("code");
    }

    private long patterns() {
        return shop.database().sql("SELECT count(*) FROM pattern").query(Long.class).single();
    }

    private static ObjectNode demo() throws IOException {
        ObjectNode file = (ObjectNode) JSON.readTree(Files.readString(Path.of("src/main/resources/demo/07-night-watch.json")));
        return file.put("name", Samples.unique("Night Watch "));
    }
}
