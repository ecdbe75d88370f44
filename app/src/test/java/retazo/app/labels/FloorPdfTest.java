package retazo.app.labels;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.List;
import java.util.stream.IntStream;

import com.google.zxing.BinaryBitmap;
import com.google.zxing.RGBLuminanceSource;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.oned.Code128Reader;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Papers to be worked through with a pen. */
class FloorPdfTest {

    private static final FloorPaper LONG = new FloorPaper(
            "0012", "Bolt 0012, River fog", "bay 3, shelf A, lot K2", List.of(
                    new FloorPaper.Part("Cuts for run 2", lines("bag ", 30)), new FloorPaper.Part("Then", lines("later ", 2))));

    private static List<FloorPaper.Line> lines(String stem, int many) {
        return IntStream.rangeClosed(1, many)
                .mapToObj(at -> new FloorPaper.Line(at == 1, stem + at, "Ferry Wake " + at, at + " 3/8 yd", "note " + at)).toList();
    }

    /** Thirty-two lines take two pages of either sheet; each stands on one, whole, and each page says which it is. */
    @ParameterizedTest
    @EnumSource(value = LabelPaper.Kind.class, names = {"A4", "LETTER"})
    void every_line_stands_on_a_page(LabelPaper.Kind sheet) throws IOException {
        byte[] pdf = FloorPdf.of(LONG, sheet, (page, title) -> title + ", page " + page);

        assertThat(text(pdf, 1)).contains("Bolt 0012, River fog, page 1", "bay 3, shelf A, lot K2", "0012", "Cuts for run 2", "bag 1",
                "1 3/8 yd");
        assertThat(text(pdf, 2)).contains("page 2", "bag 30", "note 30", "Then", "later 2").doesNotContain("lot K2");
        String all = text(pdf, 1) + text(pdf, 2);
        assertThat(IntStream.rangeClosed(1, 30)).allMatch(at -> all.contains("bag " + at + " ") || all.contains("bag " + at + "\n"));
    }

    /** The code of the bolt is read back from the upper right of its first page. */
    @Test
    void the_code_of_a_ticket_is_read_back() throws Exception {
        try (PDDocument document = Loader.loadPDF(FloorPdf.of(LONG, LabelPaper.Kind.LETTER, (page, title) -> title))) {
            BufferedImage page = new PDFRenderer(document).renderImageWithDPI(0, 203);
            int wide = page.getWidth() / 2;
            int high = page.getHeight() / 8;
            int[] dots = page.getRGB(wide, 0, wide, high, null, 0, wide);
            assertThat(new Code128Reader().decode(new BinaryBitmap(new HybridBinarizer(new RGBLuminanceSource(wide, high, dots))))
                    .getText()).isEqualTo("0012");
        }
    }

    private static String text(byte[] pdf, int page) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            PDFTextStripper stripper = new PDFTextStripper();
            stripper.setSortByPosition(true);
            stripper.setStartPage(page);
            stripper.setEndPage(page);
            return stripper.getText(document).replaceAll(" +", " ");
        }
    }
}
