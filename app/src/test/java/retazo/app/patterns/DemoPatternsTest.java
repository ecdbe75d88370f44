package retazo.app.patterns;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import retazo.app.patterns.file.PatternContent;
import retazo.app.patterns.file.PatternFileReader;
import retazo.core.block.spec.UnitKind;
import retazo.core.cloth.PrintKind;
import retazo.core.cloth.ShopPractice;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.plan.QuiltPlan;
import retazo.core.quilt.plan.QuiltPlanner;
import retazo.core.quilt.size.Way;
import tools.jackson.databind.json.JsonMapper;

/** The pieces of the demo patterns, worked by hand with √2 = 1.4142, a seam of ¼ in and the customary oversizes. */
public class DemoPatternsTest {

    private static final JsonMapper JSON = JsonMapper.builder().build();

    /**
     * 30 blocks. Hourglasses of 3 in, two ways: 3⅛ + 1.2071 = 4.332, so 4⅜; 30 + 30 units, 15 + 15 squares of each. 60 geese of
     * 6 × 3 four at a time: C 6 + 1.2071, so 7¼, 15; B 3 + 0.8536, so 3⅞, 60. 60 flipped: A 6½ × 3½; B 3½, 120. Squares in
     * squares: C 4.2426 + ½, so 4¾, 30; A 3 + 0.8536, so 3⅞, 60. 60 triangles: 3⅛ + 0.8536, so 4, 30 of D and B.
     */
    @Test
    void sluice_gate_throw() throws IOException {
        assertThat(pieces("02-sluice-gate", 1)).containsExactly(
                "A1 4 3/8 x 4 3/8 · 30", "A2 3 7/8 x 3 7/8 · 60", "A3 6 1/2 x 3 1/2 · 60",
                "B1 4 3/8 x 4 3/8 · 30", "B2 4 x 4 · 30", "B3 3 7/8 x 3 7/8 · 60", "B4 3 1/2 x 3 1/2 · 120",
                "C1 7 1/4 x 7 1/4 · 15", "C2 4 3/4 x 4 3/4 · 30", "D1 4 x 4 · 30");
    }

    /**
     * 6 × 7 blocks, 21 of each kind. Sheaf: 21 segments of 4½ from strips A 1½, B 2, A 2; 42 segments of 2½ from A and C; 42
     * patches of 2½ of A and of C; 21 segments of 4½ from B and D. Pool: frames of D, 42 segments BCB and 21 segments CAC.
     */
    @Test
    void reed_cutters_throw() throws IOException {
        assertThat(pieces("03-reed-cutters", 1)).containsExactlyInAnyOrder(
                "A1 2 1/2 x 2 1/2 · 42", "A2 2 1/2 x 2 1/2 · 42", "A3 2 1/2 x 2 1/2 · 21", "A4 4 1/2 x 2 · 21", "A5 4 1/2 x 1 1/2 · 21",
                "B1 4 1/2 x 2 1/2 · 21", "B2 2 1/2 x 2 1/2 · 42", "B3 4 1/2 x 2 · 21",
                "C1 2 1/2 x 2 1/2 · 42", "C2 2 1/2 x 2 1/2 · 42", "C3 2 1/2 x 2 1/2 · 42", "C4 2 1/2 x 2 1/2 · 21",
                "D1 1 1/2 x 6 1/2 · 42", "D2 4 1/2 x 2 1/2 · 21", "D3 6 1/2 x 1 1/2 · 42", "D4 1 1/2 x 1 1/2 · 84");
    }

    /**
     * Nine blocks. Ring of 12 in: wedges 6.903 high, so 7, base 5.719, so 5¾, 36 of A and of B; corners 4.368, so 4⅜, 18. Wedges
     * 12 to 5 over 3 in, lean 3½, c = 4.6098: base 12 + ½ · 8.1098 ÷ 3 = 13.352, so 13⅜; sides 3½ + ¼ · 11.1098 ÷ 3 = 4.426, so 4½,
     * and 3 + ¼ · 11.1098 ÷ 3½ = 3.794, so 3⅞; 9 of each hand. Half rectangles 6⅛ × 3⅛, c = 6.8761: 7.415, so 7½, by 3.783, so
     * 3⅞; 18 of each hand, 9 rectangles. 36 triangles of 3 in: 4, 18 squares of each.
     */
    @Test
    void harbour_compass_wall_hanging() throws IOException {
        assertThat(pieces("04-harbour-compass", 1)).containsExactlyInAnyOrder(
                "A1 5 3/4 x 7 · 36", "A2 13 3/8 x 3 1/2 · 18", "B1 5 3/4 x 7 · 36",
                "C1 4 3/8 x 4 3/8 · 18", "C2 4 x 4 · 18", "C3 7 1/2 x 3 7/8 · 9", "C4 7 1/2 x 3 7/8 · 9",
                "C5 4 1/2 x 3 7/8 · 9", "C6 4 1/2 x 3 7/8 · 9",
                "D1 4 x 4 · 18", "D2 7 1/2 x 3 7/8 · 9", "D3 7 1/2 x 3 7/8 · 9");
    }

    /**
     * 5 × 6 blocks, 15 of each kind. Slashed, two cuts that lean 1 over 5: 5½ + 2 · ½ · 5.099 ÷ 5 = 6.5198, so 6⅝, by 5½; 15 stacks
     * of each hand. 30 three-patch triangles of 5 in: D 5⅛ + 0.8536, so 6, 15; A and C 5⅛ + 1.2071, so 6⅜, 8. Portholes: D 10½, 15;
     * B 3½ and C 2½, two in each.
     */
    @Test
    void slipway_throw() throws IOException {
        assertThat(pieces("05-slipway", 0)).containsExactly(
                "A1 6 3/8 x 6 3/8 · 8", "A2 6 5/8 x 5 1/2 · 30", "B1 6 5/8 x 5 1/2 · 30", "B2 3 1/2 x 3 1/2 · 30",
                "C1 6 3/8 x 6 3/8 · 8", "C2 6 5/8 x 5 1/2 · 30", "C3 2 1/2 x 2 1/2 · 30",
                "D1 10 1/2 x 10 1/2 · 15", "D2 6 x 6 · 15");
    }

    /**
     * 4 × 5 blocks, each trimmed to 6 in: sail with legs of 3: 3.854 in, so a strip of 3⅞; hull 2 high, so 2½; corners of the hull
     * with legs 1 and 2: 2 + ¼ · 5.236 = 3.309, so 3⅜; the sky beside the sail 3½. A quilt of 24 × 30 in.
     */
    @Test
    void regatta_crib() throws IOException {
        QuiltPlan plan = plan("06-regatta", 0);

        assertThat(plan.finished().orElseThrow().width().value()).hasToString("24 in");
        assertThat(plan.pieces()).extracting(piece -> piece.label() + " " + piece.shape().code() + " "
                + piece.shape().stripHeight().value() + " · " + piece.count().value())
                .contains("A1 template-left 3 7/8 in · 20", "B1 template 2 1/2 in · 20", "C2 template 3 1/2 in · 20",
                        "D3 template 1 1/2 in · 20")
                .anyMatch(piece -> piece.endsWith("template-left 3 3/8 in · 20"))
                .anyMatch(piece -> piece.endsWith("template-right 3 3/8 in · 20"));
    }

    /**
     * 30 blocks, sewn exact. 120 triangles of 3 in four at a time: 1.4142 · 3½ + ½ = 5.4497, so 5½, 30 squares. 30 of 6 in eight at a
     * time: 2 · 6.8536 = 13.707, so 13¾, 4 squares. C lies both ways and is one size: 120 of 6½ × 3½.
     */
    @Test
    void night_watch_throw() throws IOException {
        assertThat(pieces("07-night-watch", 0)).containsExactly(
                "A1 13 3/4 x 13 3/4 · 4", "A2 5 1/2 x 5 1/2 · 30", "B1 13 3/4 x 13 3/4 · 4", "B2 5 1/2 x 5 1/2 · 30",
                "C1 6 1/2 x 3 1/2 · 120");
    }

    /** Posts: 4 in each of 4 corners and 2 in each of 20 edges, 56; triangles 2 · 20 and 24; three strips. */
    @Test
    void mooring_posts_throw() throws IOException {
        assertThat(pieces("09-mooring-posts", 1)).containsExactly(
                "A1 2 1/2 x 8 1/2 · 56", "B1 2 1/2 x 2 1/2 · 96",
                "C1 5 1/4 x 5 1/4 · 24", "C2 4 7/8 x 4 7/8 · 40", "C3 2 1/2 x 2 1/2 · 96", "C4 2 x 2 · 3");
    }

    @Test
    void together_they_use_every_unit_and_every_way_in() throws IOException {
        Set<UnitKind> kinds = new HashSet<>();
        Set<Way> ways = new HashSet<>();
        Resource[] files = new PathMatchingResourcePatternResolver().getResources("classpath:demo/*.json");
        for (Resource file : files) {
            QuiltDesign design = read(file).design();
            kinds.addAll(PatternTraits.unitKinds(design));
            ways.addAll(design.ways());
        }

        assertThat(files.length).isGreaterThanOrEqualTo(8);
        assertThat(kinds).containsExactlyInAnyOrder(UnitKind.values());
        assertThat(ways).containsExactlyInAnyOrder(Way.values());
    }

    public static PatternContent read(Resource file) throws IOException {
        return PatternFileReader.read(JSON.readTree(file.getContentAsString(StandardCharsets.UTF_8)))
                .match(content -> content, problems -> {
                    throw new AssertionError(file.getFilename() + ": " + problems);
                });
    }

    private static QuiltPlan plan(String file, int size) throws IOException {
        QuiltDesign design = read(new ClassPathResource("demo/" + file + ".json")).design();
        return new QuiltPlanner(ShopPractice.customary()).plan(design, design.sizes().get(size));
    }

    /**
     * On point, 4 × 5: 20 lanterns and 12 plain blocks between, 14 side and 4 corner triangles. 80 triangle units of A and C: 40 squares
     * of 4. Squares in squares: B 2.1213 + ½, so 2⅝; C 1½ + 0.8536, so 2⅜, 40. Sides 12.7279 + 1.2071, so 14, 4; corners
     * 6.3640 + 0.8536, so 7¼, 2.
     */
    @Test
    void weir_lanterns_sofa() throws IOException {
        assertThat(pieces("10-weir-lanterns", 1)).containsExactly(
                "A1 4 x 4 · 40", "B1 3 1/2 x 3 1/2 · 80", "B2 2 5/8 x 2 5/8 · 20", "C1 4 x 4 · 40", "C2 2 3/8 x 2 3/8 · 40",
                "D1 14 x 14 · 4", "D2 9 1/2 x 9 1/2 · 12", "D3 7 1/4 x 7 1/4 · 2");
    }

    /**
     * 7 × 8 framed: 8 · 8 upright and 9 · 7 level sashes of 2½ in of its own, 127 in all, cut 3 × 8½; 8 · 9 cornerstones of 3 in.
     */
    @Test
    void towpath_double_has_sashes_of_its_own() throws IOException {
        assertThat(pieces("11-towpath", 2)).contains("D1 8 1/2 x 3 · 127", "E1 3 x 3 · 72");
    }

    /**
     * 8 × 10 piers of 6 in are 48 × 60; inside the pieced border 51 × 63, so 2 · 17 + 2 · 21 = 76 teeth, 38 squares of foam and quay,
     * beside 40 of stone and foam for the piers. Four posts take 8 patches of each. Of 80 waves 40 stand and 40 lie.
     */
    @Test
    void breakwater_throw_has_a_border_of_teeth() throws IOException {
        assertThat(pieces("20-breakwater", 1)).containsExactlyInAnyOrder(
                "A1 3 1/2 x 6 1/2 · 80", "B1 4 x 4 · 40", "B2 3 1/2 x 3 1/2 · 80", "C1 4 x 4 · 78", "C2 2 x 2 · 8", "D1 4 x 4 · 38",
                "D2 2 x 2 · 8");
        QuiltPlan upright = plan("20-breakwater", 1).upright(role -> PrintKind.ONE_WAY);
        assertThat(upright.pieces()).filteredOn(piece -> piece.role().value().equals("wave"))
                .extracting(piece -> piece.count().value().value()).containsExactly(40L, 40L);
    }

    /**
     * 5 × 8 flags and 4 · 4 + 4 beside them, 60: 30 dealt 20 red, 10 + 10 blue; mats and cushion red. 120 triangle units, half of
     * them each way.
     */
    @Test
    void signal_flags_throw_with_its_mats() throws IOException {
        assertThat(pieces("16-signal-flags", 1)).contains("A1 4 x 4 · 40", "C1 4 x 4 · 20", "D1 4 x 4 · 10");
    }

    private static List<String> pieces(String file, int size) throws IOException {
        return plan(file, size).pieces().stream()
                .map(piece -> piece.label() + " "
                        + (piece.shape().across().value() + " x " + piece.shape().stripHeight().value()).replace(" in", "")
                        + " · " + piece.count().value())
                .toList();
    }
}
