package retazo.app.cloth;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.springframework.core.io.ClassPathResource;
import retazo.app.patterns.DemoPatternsTest;
import retazo.app.shared.WordsSamples;
import retazo.core.cloth.ShopPractice;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.plan.QuiltPlanner;

class PieceListViewTest {

    private static Map<String, String> perBlock(String file) throws IOException {
        QuiltDesign design = DemoPatternsTest.read(new ClassPathResource("demo/" + file + ".json")).design();
        return PieceListView
                .of(design, new QuiltPlanner(ShopPractice.customary()).plan(design, design.sizes().get(1)), WordsSamples.words())
                .lines().stream().collect(Collectors.toMap(PieceListView.ListedPiece::label, line -> line.perBlock().plain()));
    }

    /**
     * Of a flag with two patches and two triangle units each of red and white, the second colouring has blue for red, and the third blue
     * and yellow: white stands in the first two, blue in the last two.
     */
    @Test
    void colour_sets_are_told_apart() throws IOException {
        assertThat(perBlock("16-signal-flags"))
                .containsEntry("A2", "2 in each flag").containsEntry("B2", "2 in each flag, 2 in each flag-2")
                .containsEntry("C2", "2 in each flag-2, 2 in each flag-3").containsEntry("D2", "2 in each flag-3");
    }

    /** Half a pair of squares gives a triangle unit: 1 square for 2 blocks. Teeth and posts of the border have shares as the piers do. */
    @Test
    void blocks_of_borders_have_their_share() throws IOException {
        assertThat(perBlock("20-breakwater"))
                .containsEntry("A1", "1 in each pier").containsEntry("B1", "1 for 2 pier blocks")
                .containsEntry("C1", "1 for 2 pier blocks, 1 for 2 tooth blocks").containsEntry("D2", "2 in each post");
    }

    @Test
    void one_block_needs_no_name() throws IOException {
        assertThat(perBlock("01-ferry-wake").get("A1")).matches("[0-9]+");
    }
}
