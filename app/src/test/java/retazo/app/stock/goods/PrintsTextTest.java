package retazo.app.stock.goods;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import retazo.app.shared.FieldReader;
import retazo.core.measure.Problem;
import retazo.core.prints.Print;
import retazo.core.prints.PrintValue;

class PrintsTextTest {

    private final FieldReader reader = new FieldReader();

    @Test
    void prints_are_read_a_line_each_with_what_is_left_out_filled_in() {
        List<BundlePrint> prints = PrintsText.read("prints", "Reed stripe, dark, 2\n\nRiver fog\n- Tern cream, LIGHT\nMud, 4", reader);

        assertThat(reader.problems()).isEmpty();
        assertThat(prints).containsExactly(
                new BundlePrint("Reed stripe", PrintValue.DARK, 2, BundlePrint.Part.BUNDLE),
                new BundlePrint("River fog", PrintValue.MEDIUM, 1, BundlePrint.Part.BUNDLE),
                new BundlePrint("Tern cream", PrintValue.LIGHT, 1, BundlePrint.Part.DROPPED),
                new BundlePrint("Mud", PrintValue.MEDIUM, 4, BundlePrint.Part.BUNDLE));
        assertThat(PrintsText.read("prints", PrintsText.write(prints), reader)).isEqualTo(prints);
    }

    @Test
    void a_line_that_cannot_be_read_is_named_by_its_number() {
        PrintsText.read("prints", "Reed, dark, 2\nFog, grey, many\nReed, light\nMud, dark, 0", reader);

        assertThat(reader.problems()).extracting(Problem::code).containsExactly("prints.line", "prints.twice", "prints.line");
        assertThat(reader.problems()).extracting(problem -> problem.arguments().get(0)).containsExactly(2, 3, 4);
    }

    @Test
    void what_is_left_out_of_a_pack_is_not_used() {
        assertThat(new BundlePrint("a", PrintValue.DARK, 2, BundlePrint.Part.BUNDLE).used()).contains(new Print("a", PrintValue.DARK, 2));
        assertThat(new BundlePrint("b", PrintValue.DARK, 2, BundlePrint.Part.DROPPED).used()).isEmpty();
    }
}
