package retazo.app.patterns.entry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.util.Collections;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import retazo.app.patterns.PatternVersion;
import retazo.app.patterns.file.PatternContent;
import retazo.app.patterns.rows.SizeRow;
import retazo.app.shared.FieldReader;
import retazo.core.cloth.ShopPractice;
import retazo.core.measure.Problem;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.piece.PieceNeed;
import retazo.core.quilt.plan.QuiltPlanner;
import retazo.core.quilt.size.Way;

class CutListDraftTest {

    private static final List<SizeRow> SIZES = List.of(SizeRow.plain("", "Crib", "", "", "", "36 x 48"),
            SizeRow.plain("", "Throw", "", "", "", "48 x 60"));

    /** Throw: 12 stars with 4 pieces, 20 squares cut twice, 3 strips in every quilt. */
    @Test
    void a_typed_list_is_counted_for_every_size() {
        QuiltDesign design = content(form(List.of(
                line("reed", "2 1/2 x 4 1/2", "4", "star", List.of()),
                line("mud", "4 1/4 cut twice", "", "", List.of("10", "20")),
                line("reed", "strip 3", "3", "", List.of()))), Optional.empty()).design();

        assertThat(design.plannedFrom()).isEqualTo(Way.CUT_LIST);
        assertThat(new QuiltPlanner(ShopPractice.customary()).plan(design, design.sizes().get(1)).pieces())
                .extracting(PieceNeed::label, piece -> piece.count().value().value())
                .containsExactly(tuple("A1", 48L), tuple("A2", 3L), tuple("B1", 20L));
    }

    @Test
    void each_fault_is_told_at_its_cell() {
        CutListDraft draft = CutListDraft.of(form(List.of(
                line("reed", "some", "1", "", List.of()), line("", "2 x 3", "x", "", List.of()), line("mud", "2 x 3", "", "", List.of()),
                new CutListForm.LineRow("", "mud", "", "2 x 3", "1", "", List.of(), "roll", ""))), Optional.empty());

        assertThat(draft.problems()).extracting(Problem::place, Problem::code).containsExactly(
                tuple("lines.0.piece", "cutList.piece"), tuple("lines.1.role", "text.missing"),
                tuple("lines.1.each", "number.out-of-limits"),
                tuple("lines.2.each", "cutList.no-count"), tuple("lines.3.precut", "cutList.precut"));
    }

    @Test
    void a_label_that_counts_no_blocks_is_told_at_its_row_with_the_empty_ones_counted() {
        CutListDraft draft = CutListDraft.of(form(List.of(
                CutListForm.LineRow.BLANK, line("reed", "2 x 3", "1", "moon", List.of()))), Optional.empty());

        assertThat(draft.problems()).extracting(Problem::place, Problem::code)
                .containsExactly(tuple("lines.1.per", "cutList.unknown-place"));
    }

    @Test
    void lines_are_pasted_from_a_text() {
        FieldReader reader = new FieldReader();
        CutListForm filled = CutListDraft.filled(pasting("reed  2½ x 4½  4  star\nmud  strip 2½  3"), reader);

        assertThat(reader.problems()).isEmpty();
        assertThat(filled.lines())
                .extracting(CutListForm.LineRow::role, CutListForm.LineRow::piece, CutListForm.LineRow::each, CutListForm.LineRow::per)
                .startsWith(tuple("reed", "2½ x 4½", "4", "star"), tuple("mud", "strip 2½", "3", ""));
    }

    @Test
    void too_many_pasted_lines_are_told_and_not_taken() {
        FieldReader reader = new FieldReader();

        CutListDraft.filled(pasting(String.join("\n", Collections.nCopies(10_000, "reed  2 x 2  1"))), reader);

        assertThat(reader.problems()).extracting(Problem::code).containsExactly("cutList.paste");
    }

    @Test
    void a_list_opened_again_is_the_same() {
        PatternContent first = content(form(List.of(
                line("reed", "set S: 2 strips 2 1/2, segment 2 1/2", "4", "star", List.of()),
                new CutListForm.LineRow("", "mud", "border 1", "strip 3", "", "", List.of("3", "4"), "strip-roll 2", "mind the nap"))),
                Optional.empty());
        PatternVersion version = new PatternVersion(1, 1, 1, false, first);

        assertThat(content(CutListForm.of(version), Optional.of(version))).isEqualTo(first);
    }

    /** 6 and 12 blocks without a label: "block" is enough in a line, and 4 in each are 24 and 48. */
    @Test
    void blocks_of_one_kind_need_no_label() {
        for (String label : List.of("", "star")) {
            CutListForm form = new CutListForm(
                    0, "Test", SIZES, List.of(new CutListForm.PlaceRow(label, List.of("6", "12"))),
                    List.of(line("reed", "2 1/2 x 4 1/2", "4", "block", List.of())), "", "", "");

            QuiltDesign design = content(form, Optional.empty()).design();

            assertThat(design.cutList().orElseThrow().count(0, design.sizes().get(1)).value()).isEqualTo(48);
        }
    }

    @Test
    void a_set_that_is_typed_in_two_ways_is_told_at_its_line() {
        CutListDraft draft = CutListDraft.of(form(List.of(
                line("reed", "set S: strip 2 1/2, segment 5 1/2", "72", "", List.of()))), Optional.empty());

        assertThat(draft.problems()).extracting(Problem::place, Problem::code).containsExactly(
                tuple("lines.0.piece", "cutList.set-of-one"));
    }

    private static PatternContent content(CutListForm form, Optional<PatternVersion> before) {
        CutListDraft draft = CutListDraft.of(form, before);
        return draft.content().orElseThrow(() -> new AssertionError(draft.problems().toString()));
    }

    private static CutListForm form(List<CutListForm.LineRow> lines) {
        return new CutListForm(
                0, "Test", SIZES, List.of(new CutListForm.PlaceRow("star", List.of("6", "12"))), lines, "reed", "", "");
    }

    private static CutListForm pasting(String text) {
        return new CutListForm(0, "Test", SIZES, List.of(), List.of(), "", "", text);
    }

    private static CutListForm.LineRow line(String role, String piece, String each, String per, List<String> counts) {
        return new CutListForm.LineRow("", role, "", piece, each, per, counts, "", "");
    }
}
