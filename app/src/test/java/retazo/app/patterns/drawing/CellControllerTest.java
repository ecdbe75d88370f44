package retazo.app.patterns.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What the bench does to a cell of 4 × 4 in. */
class CellControllerTest {

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
            "A            | colour | C | C",
            "A            | colour | A | A",
            "A/B @90      | colour | C | C/B @90",
            "A/B          | colour | A | B/A",
            "geese B, A   | colour | B | geese A, B",
            "A/B          | turn   |   | A/B @90",
            "A/B @270     | turn   |   | A/B",
            "no unit here | turn   |   | no unit here",
            "A            | colour | 7 | A"})
    void a_cell_is_recoloured_and_turned(String text, String action, String to, String changed) {
        String answer = new CellController().change(new CellController.CellChange(text, action, "", "", to, "4", "4"));

        assertThat(answer).isEqualTo(changed);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
            "half-square | eight-at-a-time | half-square:eight-at-a-time A, B", "half-square | nonsense | A/B", "patch | | A",
            "nonsense | | A/C"})
    void a_unit_is_placed_with_the_chosen_roles_or_the_cell_stays(String kind, String method, String placed) {
        String answer = new CellController().change(new CellController.CellChange("A/C", "place", kind, method, "AB", "4", "4"));

        assertThat(answer).isEqualTo(placed);
    }
}
