package retazo.app.patterns.reading;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Words set by hand: letters 10 high and 5 wide, blanks 3 wide. */
class TablesOfPageTest {

    private final List<PdfWord> page = new ArrayList<>();

    /** A cell of words that begins so far to the right. */
    private TablesOfPageTest cell(double left, double line, String text) {
        double at = left;
        for (String word : text.split(" ")) {
            page.add(new PdfWord(word, at, at + 5 * word.length(), line, 10, 3));
            at += 5 * word.length() + 3;
        }
        return this;
    }

    @Test
    void lines_with_gaps_are_a_table_and_text_around_it_is_not() {
        cell(0, 20, "Choose the size that fits your bed");
        cell(100, 40, "Crib").cell(160, 40, "Throw");
        cell(0, 55, "Night ground").cell(100, 55, "1½ yd").cell(160, 55, "2¼ yd");
        cell(0, 70, "Binding").cell(160, 70, "½ yd");
        cell(0, 90, "Read everything before you cut");

        assertThat(TablesOfPage.of(3, page)).containsExactly(new FoundTable(3, List.of(
                List.of("", "Crib", "Throw"), List.of("Night ground", "1½ yd", "2¼ yd"), List.of("Binding", "", "½ yd"))));
    }

    @Test
    void a_much_larger_gap_ends_a_table() {
        cell(0, 20, "A").cell(60, 20, "1 yd");
        cell(0, 35, "B").cell(60, 35, "2 yd");
        cell(0, 50, "C").cell(60, 50, "3 yd");
        cell(0, 100, "www").cell(60, 100, "1/1");

        assertThat(TablesOfPage.of(1, page)).singleElement().satisfies(table -> assertThat(table.rows()).hasSize(3));
    }

    /** Numbers are set to the right: what is written stands under the cell that it overlaps. */
    @Test
    void cells_go_to_the_column_that_they_overlap() {
        cell(0, 20, "Role").cell(100, 20, "Crib").cell(160, 20, "Throw");
        cell(0, 35, "Fog").cell(95, 35, "12 yd").cell(155, 35, "3 yd");

        assertThat(TablesOfPage.of(1, page).get(0).rows().get(1)).containsExactly("Fog", "12 yd", "3 yd");
    }

    @Test
    void a_table_is_pasted_by_tabs() {
        assertThat(new FoundTable(1, List.of(List.of("", "Crib"), List.of("Fog", "1 yd"))).pasted()).isEqualTo("\tCrib\nFog\t1 yd");
    }

    @Test
    void one_line_is_no_table() {
        cell(0, 20, "Page").cell(100, 20, "7");

        assertThat(TablesOfPage.of(1, page)).isEmpty();
        assertThat(TablesOfPage.of(1, List.of())).isEmpty();
    }
}
