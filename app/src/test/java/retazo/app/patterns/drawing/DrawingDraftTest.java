package retazo.app.patterns.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import retazo.app.patterns.PatternVersion;
import retazo.app.patterns.file.PatternContent;
import retazo.app.patterns.rows.RoleRow;
import retazo.app.patterns.rows.SizeRow;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.size.Way;

public class DrawingDraftTest {

    @Test
    void a_typed_drawing_becomes_a_design() {
        QuiltDesign design = design(form("2 x 3", "3, 3, 3", List.of("A", "B", "A/B", "B", "A", "<")));

        assertThat(design.drawing().orElseThrow().first().finishedWidth()).isEqualTo(Length.ofInches(6));
        assertThat(design.roles()).extracting(role -> role.letter()).containsExactly("A", "B");
        assertThat(design.sizes()).hasSize(1);
        assertThat(design.plannedFrom()).isEqualTo(Way.DRAWING);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
            "4 x 3|3 3 3 3", "3, 4 1/2, 3|3 4 1/2 3", "2x 2½;1|2 1/2 2 1/2 1", "10 cm|3 119/127", "3,3,6|3 3 6"})
    void widths_are_typed_one_by_one_or_so_many_alike(String typed, String inches) {
        List<Length> widths = draft(form(typed, "3", List.of())).blocks().get(0).columnWidths();

        assertThat(String.join(" ", widths.stream().map(width -> width.toString().replace(" in", "")).toList())).isEqualTo(inches);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"''|length.missing", "0|length.above-zero", "13 x 2|block.lines", "61|length.above-zero",
            "3, x|length.unreadable"})
    void widths_that_cannot_be_are_told_at_their_field(String typed, String code) {
        assertThat(draft(form(typed, "3", List.of("A"))).problems())
                .extracting(Problem::place, Problem::code).contains(tuple("blocks.0.columns", code));
    }

    @Test
    void faults_of_roles_and_sizes_point_to_the_rows_of_the_form_with_its_empty_ones() {
        DrawingForm form = new DrawingForm(
                0, "Test", List.of(row("one"), row(""), row("unused")), List.of(block("3", "3", 1, List.of("A"))), "DIAGONALS", "", "", "A",
                "A",
                List.of(SizeRow.BLANK, SizeRow.plain("", "Big", "60", "60", "", "")));

        assertThat(draft(form).problems()).extracting(Problem::place, Problem::code)
                .containsExactly(tuple("roles.2.name", "role.unused"));
    }

    @Test
    void a_block_may_stand_in_the_next_one_by_its_name() {
        BlockRow small = new BlockRow("", "small star", "2 x 2", "2 x 2", 2, List.of("A/B", "A", "B", "A/B"), "", "");
        BlockRow large = new BlockRow("", "large", "4, 2", "4, 2", 2, List.of("block small-star @90", "A", "B", "A"), "", "");

        QuiltDesign design = design(new DrawingForm(
                0, "Test", List.of(row("one"), row("two")), List.of(small, large), "DIAGONALS", "", "", "A", "", sizes()));

        assertThat(design.drawing().orElseThrow().placed()).extracting(kind -> kind.name()).containsExactly("large");
        assertThat(design.drawing().orElseThrow().first().units()).hasSize(5);
    }

    @Test
    void blocks_in_turn_are_named_and_one_that_is_not_there_is_told() {
        BlockRow star = new BlockRow("", "star", "2 x 2", "2 x 2", 2, List.of("A/B", "A", "B", "A/B"), "", "");
        BlockRow plain = new BlockRow("", "plain", "4", "4", 1, List.of("A"), "", "");

        DrawingForm form = new DrawingForm(
                0, "Test", List.of(row("one"), row("two")), List.of(star, plain), "ROWS", "star, Plain", "", "A", "", sizes());
        DrawingForm wrong = new DrawingForm(
                0, "Test", List.of(row("one"), row("two")), List.of(star, plain), "ROWS", "star, moon", "", "A", "", sizes());

        assertThat(design(form).drawing().orElseThrow().places().kinds()).hasSize(2);
        assertThat(draft(wrong).problems()).extracting(Problem::place, Problem::code).contains(tuple("kinds", "cell.unknown-block"));
    }

    @Test
    void another_grid_keeps_what_is_typed_in_the_cells_that_stay() {
        BlockRow padded = block("2 x 3", "2 x 3", 2, List.of("A", "B", "A/B", "B")).padded(3, 2);

        assertThat(padded.grid()).containsExactly(List.of("A", "B", ""), List.of("A/B", "B", ""));
        assertThat(padded.padded(1, 1).grid()).containsExactly(List.of("A"));
    }

    /** What is done at the quilt stays as it is when a block is drawn anew. */
    @Test
    void a_pattern_opened_again_keeps_its_roles_sizes_and_places() {
        PatternContent first = draft(form("3", "3", List.of("A/B"))).content().orElseThrow();
        PatternVersion version = new PatternVersion(1, 1, 4, false, first);
        DrawingForm opened = DrawingForm.of(version);

        QuiltDesign second = DrawingDraft.of(opened, Optional.of(version)).content().orElseThrow().design();

        assertThat(second).isEqualTo(first.design());
    }

    public static PatternContent content() {
        return draft(form("3, 4 1/2, 1/3", "3, 3", List.of("A", "<", "B", "A/B", "B", "B"))).content().orElseThrow();
    }

    private static DrawingDraft draft(DrawingForm form) {
        return DrawingDraft.of(form, Optional.empty());
    }

    private static QuiltDesign design(DrawingForm form) {
        DrawingDraft draft = draft(form);
        return draft.content().orElseThrow(() -> new AssertionError(draft.problems().toString())).design();
    }

    private static DrawingForm form(String columns, String rows, List<String> cells) {
        return new DrawingForm(
                0, "Test", List.of(row("one"), row("two")), List.of(block(columns, rows, columns(columns), cells)), "", "", "B", "A", "B",
                sizes());
    }

    private static List<SizeRow> sizes() {
        return List.of(SizeRow.plain("", "Throw", "3", "4", "", ""));
    }

    private static BlockRow block(String columns, String rows, int across, List<String> cells) {
        return new BlockRow("", "block", columns, rows, across, cells, "", "");
    }

    private static int columns(String typed) {
        return typed.startsWith("2 x") ? 2 : typed.contains("4 1/2") ? 3 : 1;
    }

    private static RoleRow row(String name) {
        return new RoleRow("", name);
    }
}
