package retazo.app.patterns;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;
import retazo.core.quilt.QuiltDesign;
import tools.jackson.databind.json.JsonMapper;

class PatternDraftTest {

    @Test
    void a_typed_pattern_becomes_a_design() {
        PatternDraft draft = PatternDraft.of(form("2 x 3", "3, 3, 3", List.of("A", "B", "A/B", "B", "A", "<")));

        QuiltDesign design = draft.design().orElseThrow(() -> new AssertionError(draft.problems().toString()));

        assertThat(design.block().finishedWidth()).isEqualTo(Length.ofInches(6));
        assertThat(design.roles()).extracting(role -> role.letter()).containsExactly("A", "B");
        assertThat(design.sizes()).hasSize(1);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "4 x 3|3 3 3 3", "3, 4 1/2, 3|3 4 1/2 3", "2x 2½;1|2 1/2 2 1/2 1", "10 cm|3 119/127", "3,3,6|3 3 6"})
    void widths_are_typed_one_by_one_or_so_many_alike(String typed, String inches) {
        List<Length> widths = PatternDraft.of(form(typed, "3", List.of())).columnWidths();

        assertThat(String.join(" ", widths.stream().map(width -> width.toString().replace(" in", "")).toList())).isEqualTo(inches);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"''|length.missing", "0|length.above-zero", "13 x 2|block.lines", "61|length.above-zero", "3, x|length.unreadable"})
    void widths_that_cannot_be_are_told_at_their_field(String typed, String code) {
        assertThat(PatternDraft.of(form(typed, "3", List.of("A"))).problems())
                .extracting(Problem::place, Problem::code).contains(tuple("columns", code));
    }

    @Test
    void faults_of_roles_and_sizes_point_to_the_rows_of_the_form_with_its_empty_ones() {
        PatternForm form = new PatternForm(
                0, "Test", List.of(row("one"), row(""), row("unused")), "3", "3", 1, List.of("A"), "", "A", "A",
                List.of(new PatternForm.SizeRow("", "", "", "", ""), new PatternForm.SizeRow("", "Big", "60", "60", "")));

        assertThat(PatternDraft.of(form).problems()).extracting(Problem::place, Problem::code)
                .containsExactly(tuple("roles.2.name", "role.unused"));
    }

    @Test
    void another_grid_keeps_what_is_typed_in_the_cells_that_stay() {
        PatternForm padded = form("2 x 3", "2 x 3", List.of("A", "B", "A/B", "B")).padded(3, 2);

        assertThat(padded.grid()).containsExactly(List.of("A", "B", ""), List.of("A/B", "B", ""));
        assertThat(padded.padded(1, 1).grid()).containsExactly(List.of("A"));
    }

    @Test
    void a_pattern_opened_again_keeps_its_keys_and_new_rows_get_new_ones() {
        QuiltDesign first = PatternDraft.of(form("3", "3", List.of("A/B"))).design().orElseThrow();
        PatternForm opened = PatternForm.of(new PatternVersion(1, 1, "Test", 4, first));
        List<PatternForm.SizeRow> sizes = new ArrayList<>(opened.sizes());
        sizes.set(0, new PatternForm.SizeRow("s1", "Renamed", "2", "2", ""));
        sizes.set(1, new PatternForm.SizeRow("", "New", "3", "3", ""));

        QuiltDesign second = PatternDraft.of(new PatternForm(
                4, "Test", opened.roles(), opened.columns(), opened.rows(), opened.cellColumns(), opened.cells(), opened.border(),
                opened.binding(), opened.backing(), sizes)).design().orElseThrow();

        assertThat(second.roles()).isEqualTo(first.roles());
        assertThat(second.sizes()).extracting(size -> size.key().value(), size -> size.name())
                .containsExactly(tuple("s1", "Renamed"), tuple("s2", "New"));
    }

    @Test
    void a_document_written_and_read_back_is_the_same_design() {
        QuiltDesign design = PatternDraft.of(form("3, 4 1/2, 1/3", "3, 3", List.of("A", "<", "B", "A/B", "B", "B"))).design().orElseThrow();
        JsonMapper json = JsonMapper.builder().build();

        String written = json.writeValueAsString(PatternDocument.of(design));

        assertThat(json.readValue(written, PatternDocument.class).toDesign()).isEqualTo(design);
        assertThat(written).contains("4 1/2 in", "half-square", "straight");
    }

    private static PatternForm form(String columns, String rows, List<String> cells) {
        int across = PatternDraftTest.columns(columns);
        return new PatternForm(
                0, "Test", List.of(row("one"), row("two")), columns, rows, across, cells, "B", "A", "B",
                List.of(new PatternForm.SizeRow("", "Throw", "3", "4", "2")));
    }

    private static int columns(String typed) {
        return typed.startsWith("2 x") ? 2 : typed.contains("4 1/2") ? 3 : 1;
    }

    private static PatternForm.RoleRow row(String name) {
        return new PatternForm.RoleRow("", name);
    }
}
