package retazo.app.labels;

import static org.assertj.core.api.Assertions.assertThat;

import com.google.zxing.BinaryBitmap;
import com.google.zxing.RGBLuminanceSource;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.oned.Code128Reader;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import retazo.core.measure.Length;

/** Labels as a printer gets them: what a scanner reads off each, and what a person does. */
class LabelPdfTest {

    private static final int DOTS_PER_INCH = 203;
    private static final Length WIDE = Length.ofInches(9, 4);
    private static final Length HIGH = Length.ofInches(5, 4);

    private static final Label BAG = new Label(
            "B00042", "Ferry Wake, Throw", "Night lamp", List.of("A Coot black, 2 yd", "B Lamp enamel, 1 yd", "C River fog, 3 7/8 yd"));

    /** Every place of a sheet is read, at the coarse dots of a label printer, and nothing lies outside its place. */
    @ParameterizedTest
    @CsvSource({"A4, 3, 8", "LETTER, 2, 5", "LETTER, 3, 10", "ROLL, 1, 1"})
    void each_code_is_read_back_at_its_place(LabelPaper.Kind kind, int columns, int rows) throws Exception {
        LabelPaper paper = new LabelPaper(kind, columns, rows, WIDE, HIGH);
        int each = paper.places().size();
        List<Label> labels = IntStream.range(0, each + 1)
                .mapToObj(at -> new Label("B" + (10_000 + at) + "-" + at, BAG.title(), BAG.under(), BAG.lines())).toList();

        List<BufferedImage> pages = pages(LabelPdf.of(labels, paper, "and %d more"));

        assertThat(pages).hasSize(2);
        List<String> read = new ArrayList<>();
        for (LabelPaper.Place place : paper.places()) {
            read.add(read(pages.get(0), paper, place));
        }
        assertThat(read).containsExactlyElementsOf(labels.subList(0, each).stream().map(Label::code).toList());
        assertThat(read(pages.get(1), paper, paper.places().get(0))).isEqualTo(labels.get(each).code());
    }

    @Test
    void a_person_reads_what_is_in_the_bag_and_how_much_has_no_room() throws IOException {
        LabelPaper roll = new LabelPaper(LabelPaper.Kind.ROLL, 1, 1, Length.ofInches(3), Length.ofInches(2));
        assertThat(text(LabelPdf.of(List.of(BAG), roll, "and %d more")))
                .contains("B00042", "Ferry Wake, Throw", "Night lamp", "A Coot black, 2 yd", "C River fog, 3 7/8 yd")
                .doesNotContain("more");

        List<String> many = IntStream.rangeClosed(1, 30).mapToObj(line -> "line " + line).toList();
        String crowded = text(LabelPdf.of(List.of(new Label("B00043", "Many", "", many)), roll, "and %d more"));
        long shown = many.stream().filter(line -> crowded.lines().anyMatch(line::equals)).count();
        assertThat(crowded).contains("and " + (30 - shown) + " more");
        assertThat(shown).isPositive();
    }

    /** A name too long for its place ends in an ellipsis; a character the font does not have is a question mark; nothing fails. */
    @Test
    void odd_names_are_printed_as_far_as_they_can_be() throws IOException {
        LabelPaper sheet = new LabelPaper(LabelPaper.Kind.A4, 6, 20, WIDE, HIGH);
        String text = text(
                LabelPdf.of(List.of(new Label("B1é", "Ł".repeat(4) + " \u6f22 " + "long ".repeat(40), "é", List.of())), sheet, "%d"));

        assertThat(text).contains("ŁŁŁŁ ?", "…", "é");
    }

    private static List<BufferedImage> pages(byte[] pdf) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            PDFRenderer renderer = new PDFRenderer(document);
            List<BufferedImage> pages = new ArrayList<>();
            for (int page = 0; page < document.getNumberOfPages(); page++) {
                pages.add(renderer.renderImageWithDPI(page, DOTS_PER_INCH));
            }
            return pages;
        }
    }

    private static String text(byte[] pdf) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return new PDFTextStripper().getText(document);
        }
    }

    private static BufferedImage cut(BufferedImage page, LabelPaper paper, LabelPaper.Place place) {
        float scale = DOTS_PER_INCH / 72f;
        int x = Math.round(place.x() * scale);
        int y = Math.round((paper.pageHeight() - place.y() - place.height()) * scale);
        return page.getSubimage(
                x, y, Math.min(page.getWidth() - x, Math.round(place.width() * scale)),
                Math.min(page.getHeight() - y, Math.round(place.height() * scale)));
    }

    private static String read(BufferedImage page, LabelPaper paper, LabelPaper.Place place) throws Exception {
        BufferedImage label = cut(page, paper, place);
        int high = label.getHeight() / 2;
        int[] dots = label.getRGB(0, label.getHeight() - high, label.getWidth(), high, null, 0, label.getWidth());
        return new Code128Reader().decode(new BinaryBitmap(new HybridBinarizer(new RGBLuminanceSource(label.getWidth(), high, dots))))
                .getText();
    }
}
