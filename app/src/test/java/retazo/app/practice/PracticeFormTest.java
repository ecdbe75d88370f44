package retazo.app.practice;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import retazo.app.shared.FieldReader;
import retazo.core.block.spec.UnitMethod;
import retazo.core.cloth.BackingSeams;
import retazo.core.cloth.LayPractice;
import retazo.core.cloth.LongLay;
import retazo.core.cloth.Margin;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.cloth.ShopPractice;
import retazo.core.measure.Length;
import retazo.core.measure.Percent;
import retazo.core.measure.Problem;
import retazo.core.packet.PacketWay;
import retazo.core.quilt.setting.Edges;

class PracticeFormTest {

    private static final PackingWay PAIRS = new PackingWay(PacketWay.PAIR, BagClosing.SOMEBODY_ELSE);

    private final FieldReader reader = new FieldReader();

    @Test
    void what_the_form_shows_is_read_back_the_same() {
        ShopPractice practice = ShopPractice.customary().with(PracticeMeasure.BINDING_WIDTH, Length.parse("2 1/8"));

        assertThat(PracticeForm.of(practice, PaperNotes.CUSTOMARY, DrawingStart.CUSTOMARY, PAIRS, 12).read(reader)).contains(practice);
    }

    @ParameterizedTest
    @CsvSource({"7.5 %, 750", "5%, 500", "0.25 %, 25", "50 %, 5000"})
    void a_margin_can_be_a_share(String typed, int hundredths) {
        assertThat(margin(typed)).isEqualTo(new Margin.Share(new Percent(hundredths)));
    }

    @Test
    void what_the_papers_say_is_read_and_anything_else_is_left_unsaid() {
        assertThat(form("none", "any", "4").notes())
                .isEqualTo(new PaperNotes(PaperNotes.Pressing.OPEN, PaperNotes.Selvedges.BEFORE, PaperNotes.PartialSeams.ROWS));
        assertThat(
                new PracticeForm(Map.of(), "", "", "", "", "", "", "", "", "", new PracticeForm.Papers("steam", null, null), null).notes()
                        .codes())
                .isEmpty();
        assertThat(new PaperNotes(PaperNotes.Pressing.OPEN, PaperNotes.Selvedges.UNSAID, PaperNotes.PartialSeams.UNSAID).codes())
                .containsExactly("paper.pressing.OPEN");
    }

    @Test
    void how_drawings_start_is_read_and_is_customary_otherwise() {
        assertThat(form("none", "any", "4").drawingStart())
                .isEqualTo(new DrawingStart(UnitMethod.TRIANGLES, Edges.CutBlocks.Cut.BEYOND_CENTRE));
        assertThat(new PracticeForm(Map.of(), "", "", "", "", "", "", "", "", "", null, new PracticeForm.Drawings("flip", null, null))
                .drawingStart())
                .isEqualTo(DrawingStart.CUSTOMARY);
    }

    @Test
    void what_a_packet_holds_is_read_and_is_one_kind_of_piece_otherwise() {
        assertThat(form("none", "any", "4").packing().packets()).isEqualTo(PacketWay.BLOCK);
        assertThat(PracticeForm.of(ShopPractice.customary(), PaperNotes.CUSTOMARY, DrawingStart.CUSTOMARY, PAIRS, 12).packing())
                .isEqualTo(PAIRS);
        assertThat(new PracticeForm(Map.of(), "", "", "", "", "", "box", "all", "", "", null, null).packing())
                .isEqualTo(PackingWay.CUSTOMARY);
    }

    @Test
    void the_least_contrast_is_read_within_its_limits_and_is_customary_otherwise() {
        assertThat(form("none", "any", "4").leastContrast(reader)).isEqualTo(15);
        assertThat(new PracticeForm(Map.of(), "", "", "", "", "", "", "", "", "", null, null).leastContrast(reader)).isEqualTo(12);
        assertThat(reader.problems()).isEmpty();
        new PracticeForm(Map.of(), "", "", "", "", "", "", "", "", "", null, new PracticeForm.Drawings(null, null, "41"))
                .leastContrast(reader);
        assertThat(reader.problems()).extracting(Problem::place).containsExactly("leastContrast");
    }

    @Test
    void a_margin_can_be_a_length_or_none() {
        assertThat(margin("1/4 yd")).isEqualTo(new Margin.Extra(Length.ofInches(9)));
        assertThat(margin("3 in")).isEqualTo(new Margin.Extra(Length.ofInches(3)));
        assertThat(margin("")).isEqualTo(new Margin.None());
        assertThat(margin("0 %")).isEqualTo(new Margin.None());
        assertThat(margin("none")).isEqualTo(new Margin.None());
    }

    @Test
    void a_strip_holds_any_number_of_sizes_or_so_many() {
        assertThat(lay("any", "4")).isEqualTo(LayPractice.CUSTOMARY);
        assertThat(lay("", "2")).isEqualTo(new LayPractice(Optional.empty(), 2, LongLay.SHORTER, BackingSeams.FEWEST));
        assertThat(lay("3", "4")).isEqualTo(new LayPractice(Optional.of(3), 4, LongLay.SHORTER, BackingSeams.FEWEST));
        assertThat(form("none", "0", "9").read(reader)).isEmpty();
        assertThat(reader.problems()).extracting(Problem::place).containsExactly("mostSizes", "layers");
    }

    private LayPractice lay(String mostSizes, String layers) {
        return form("none", mostSizes, layers).read(reader).orElseThrow(() -> new AssertionError(reader.problems())).lay();
    }

    private Margin margin(String typed) {
        return form(typed, "any", "4").read(reader).orElseThrow(() -> new AssertionError(reader.problems())).margin();
    }

    private static PracticeForm form(String margin, String mostSizes, String layers) {
        Map<String, String> measures = new HashMap<>(
                PracticeForm.of(ShopPractice.customary(), PaperNotes.CUSTOMARY, DrawingStart.CUSTOMARY, PackingWay.CUSTOMARY, 12)
                        .measures());
        return new PracticeForm(measures, margin, "YARD", mostSizes, layers, "SHORTER", "BLOCK", "SOMEBODY_ELSE", "STRAIGHT", "DIAGONAL",
                new PracticeForm.Papers("OPEN", "BEFORE", "ROWS"), new PracticeForm.Drawings("TRIANGLES", "BEYOND_CENTRE", "15"));
    }
}
