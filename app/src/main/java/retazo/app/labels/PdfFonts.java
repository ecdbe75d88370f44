package retazo.app.labels;

import java.io.IOException;
import java.io.InputStream;

import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/** The letters of a paper, in the file itself. */
record PdfFonts(PDFont bold, PDFont plain) {

    static PdfFonts of(PDDocument document) throws IOException {
        return new PdfFonts(
                font(document, "/fonts/600SemiBold/BarlowSemiCondensed_600SemiBold.ttf"),
                font(document, "/fonts/500Medium/Barlow_500Medium.ttf"));
    }

    private static PDFont font(PDDocument document, String path) throws IOException {
        try (InputStream file = PdfFonts.class.getResourceAsStream(path)) {
            return PDType0Font.load(document, file, true);
        }
    }
}
