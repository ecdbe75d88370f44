package retazo.app.patterns.entry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import retazo.app.patterns.PatternVersion;
import retazo.app.patterns.drawing.DrawingDraftTest;
import retazo.app.patterns.file.PatternContent;
import retazo.app.patterns.rows.SizeRow;
import retazo.app.shared.FieldReader;
import retazo.core.measure.Problem;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.setting.Use;
import retazo.core.quilt.size.PrintedText;
import retazo.core.quilt.size.Way;

class TableDraftTest {

    /** The same table with tabs, with two blanks, and with bars. */
    @ParameterizedTest
    @ValueSource(strings = {
            "Fabric\tCrib\tThrow\nFinished size\t40 x 52\t56 x 70\nGround\t1-1/4 yds\t2¼\nAccents\t3 FQ\t1 roll or 1⅓ yd\nBinding\t½ yd\t-",
            "Fabric          Crib       Throw\nFinished size   40 x 52    56 x 70\n"
                    + "Ground          1-1/4 yds  2¼\nAccents         3 FQ       1 roll or 1⅓ yd\nBinding         ½ yd       -",
            "Fabric;Crib;Throw\nFinished size;40 x 52;56 x 70\nGround;1-1/4 yds;2¼\nAccents;3 FQ;1 roll or 1⅓ yd\nBinding;½ yd;-",
            "Fabric,Crib,Throw\nFinished size,40 x 52,56 x 70\nGround,1-1/4 yds,2¼\nAccents,3 FQ,1 roll or 1⅓ yd\nBinding,½ yd,-",
            "Fabric Crib Throw\nFinished size 40 x 52 56 x 70\nGround 1-1/4 yds 2¼\nAccents 3 FQ 1 roll or 1⅓ yd\nBinding ½ yd -",
            "Fabric\tCrib 40 x 52\tThrow (56 x 70)\nGround\t1-1/4 yds\t2¼\nAccents\t3 FQ\t1 roll or 1⅓ yd\nBinding\t½ yd\t-",
            "| Fabric | Crib | Throw |\n| Finished size | 40 x 52 | 56 x 70 |\n"
                    + "| Ground | 1-1/4 yds | 2¼ |\n\n| Accents | 3 FQ | 1 roll or 1⅓ yd |\n| Binding | ½ yd | - |"})
    void a_pasted_table_becomes_a_pattern(String pasted) {
        QuiltDesign design = content(named(filled(TableForm.empty(), pasted)), Optional.empty()).design();

        assertThat(design.sizes()).extracting(size -> size.name()).containsExactly("Crib", "Throw");
        assertThat(design.sizes().get(1).printed().orElseThrow().height()).hasToString("70 in");
        assertThat(design.roles()).extracting(role -> role.letter() + " " + role.name()).containsExactly("A Ground", "B Accents",
                "C Binding");
        assertThat(design.table().orElseThrow().rows()).extracting(
                row -> row.use(), row -> PrintedText.write(row.cells().getOrDefault(design.sizes().get(0).key(), List.of())),
                row -> PrintedText.write(row.cells().getOrDefault(design.sizes().get(1).key(), List.of())))
                .containsExactly(
                        tuple(Use.BLOCKS, "1 1/4 yd", "2 1/4 yd"), tuple(Use.BLOCKS, "3 fat quarters", "1 roll or 1 1/3 yd"),
                        tuple(Use.BINDING, "1/2 yd", ""));
        assertThat(design.plannedFrom()).isEqualTo(Way.SIZE_TABLE);
    }

    @Test
    void a_cell_that_cannot_be_read_says_why_and_nothing_typed_is_lost() {
        TableForm form = named(filled(TableForm.empty(), "\tCrib\nGround\ta lot\nAccents\t3 FQ"));

        TableDraft draft = TableDraft.of(form, Optional.empty());

        assertThat(draft.content()).isEmpty();
        assertThat(draft.problems()).extracting(Problem::place, Problem::code).containsExactly(tuple("rows.0.cells.0", "table.unreadable"));
        assertThat(form.rows().get(0).cell(0)).isEqualTo("a lot");
    }

    /** Sizes down the side are found out and turned when somebody says so; said to stand across, they are taken as roles. */
    @Test
    void a_table_that_lies_the_other_way_round_is_turned() {
        String text = "\tGround\tAccents\tBinding\nCrib 40 x 52\t1 1/4\t3 FQ\t1/2\nThrow 56 x 70\t2 1/4\t1 roll\t5/8";
        FieldReader reader = new FieldReader();

        TableForm asked = PastedTable.filled(pasting(TableForm.empty(), text), reader);
        assertThat(reader.problems()).extracting(Problem::place, Problem::code).containsExactly(
                tuple("pasted", "table.paste-lies-down"));
        assertThat(asked.rows()).allMatch(TableForm.Row::isBlank);

        TableForm turned = PastedTable.filled(
                new TableForm(0, "", List.of(), List.of(), text, "down"), new FieldReader());
        assertThat(content(named(turned), Optional.empty()).design().sizes()).extracting(size -> size.name())
                .containsExactly("Crib", "Throw");
        assertThat(turned.rows().subList(0, 3)).extracting(TableForm.Row::role, row -> row.cell(0), row -> row.cell(1)).containsExactly(
                tuple("Ground", "1 1/4", "2 1/4"), tuple("Accents", "3 FQ", "1 roll"), tuple("Binding", "1/2", "5/8"));
        TableForm across = PastedTable.filled(new TableForm(0, "", List.of(), List.of(), text, "across"), new FieldReader());
        assertThat(across.rows().get(0).role()).isEqualTo("Crib 40 x 52");
    }

    @Test
    void lines_of_one_cell_are_told_and_not_taken() {
        FieldReader reader = new FieldReader();

        TableForm form = PastedTable.filled(pasting(TableForm.empty(), "Ground for the blocks\nAccents"), reader);

        assertThat(reader.problems()).extracting(Problem::code).containsExactly("table.paste-one-column");
        assertThat(form.rows()).allMatch(TableForm.Row::isBlank);
    }

    @Test
    void an_amount_without_a_size_above_it_is_told() {
        TableForm form = new TableForm(
                0, "Test", List.of(SizeRow.plain("", "Crib", "", "", "", ""), SizeRow.BLANK),
                List.of(new TableForm.Row("", "Ground", "", List.of("1", "2"))), "", "");

        assertThat(TableDraft.of(form, Optional.empty()).problems())
                .extracting(Problem::place, Problem::code).containsExactly(tuple("rows.0.cells.1", "table.no-size"));
    }

    @Test
    void ten_thousand_pasted_cells_are_told_and_not_taken() {
        String row = String.join("\t", Collections.nCopies(100, "1 yd"));
        FieldReader reader = new FieldReader();

        TableForm form = PastedTable.filled(pasting(TableForm.empty(), String.join("\n", Collections.nCopies(100, row))), reader);

        assertThat(reader.problems()).extracting(Problem::place, Problem::code).containsExactly(tuple("pasted", "table.paste"));
        assertThat(form.rows()).allMatch(TableForm.Row::isBlank);
    }

    @Test
    void pasted_lines_come_after_what_is_there_and_meet_its_sizes_by_name() {
        TableForm first = filled(TableForm.empty(), "\tCrib\tThrow\nGround\t1\t2");

        TableForm second = filled(first, "\tThrow\tCrib\nAccents\t3\t4");

        assertThat(second.sizes()).extracting(SizeRow::name).startsWith("Throw", "Crib");
        assertThat(second.rows()).extracting(TableForm.Row::role).startsWith("Ground", "Accents");
    }

    /** A drawn pattern gets its printed table: same roles by letter or name, its drawing stays, figures still come from it. */
    @Test
    void a_table_is_added_to_a_drawn_pattern_without_typing_anything_twice() {
        PatternVersion drawn = new PatternVersion(1, 1, 3, false, DrawingDraftTest.content());
        List<TableForm.Row> rows = new ArrayList<>(TableForm.of(drawn).rows());
        rows.set(0, new TableForm.Row(rows.get(0).key(), "A", "", List.of("2 1/2")));
        rows.set(1, new TableForm.Row(rows.get(1).key(), "renamed two", "", List.of("1")));

        QuiltDesign design = content(
                new TableForm(3, "Test", TableForm.of(drawn).sizes(), rows, "", ""), Optional.of(drawn)).design();

        assertThat(design.drawing()).isEqualTo(drawn.design().drawing());
        assertThat(design.ways()).containsExactly(Way.SIZE_TABLE, Way.DRAWING);
        assertThat(design.plannedFrom()).isEqualTo(Way.DRAWING);
        assertThat(design.roles()).extracting(role -> role.key())
                .isEqualTo(drawn.design().roles().stream().map(role -> role.key()).toList());
        assertThat(design.roles().get(1).name()).isEqualTo("renamed two");
    }

    @Test
    void a_table_opened_again_is_the_same() {
        PatternContent first = content(named(filled(TableForm.empty(), "\tCrib\nGround\t1 yd\nGround\t2 yd\nBinding\t½")),
                Optional.empty());
        PatternVersion version = new PatternVersion(1, 1, 1, false, first);

        PatternContent again = content(TableForm.of(version), Optional.of(version));

        assertThat(again).isEqualTo(first);
        assertThat(first.design().roles()).hasSize(2);
    }

    private static PatternContent content(TableForm form, Optional<PatternVersion> before) {
        TableDraft draft = TableDraft.of(form, before);
        return draft.content().orElseThrow(() -> new AssertionError(draft.problems().toString()));
    }

    private static TableForm pasting(TableForm form, String text) {
        return new TableForm(form.version(), form.name(), form.sizes(), form.rows(), text, "");
    }

    private static TableForm filled(TableForm form, String text) {
        FieldReader reader = new FieldReader();
        TableForm filled = PastedTable.filled(pasting(form, text), reader);
        assertThat(reader.problems()).isEmpty();
        return filled;
    }

    private static TableForm named(TableForm form) {
        return new TableForm(form.version(), "Test", form.sizes(), form.rows(), "", "");
    }
}
