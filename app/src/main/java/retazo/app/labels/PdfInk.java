package retazo.app.labels;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.oned.Code128Writer;
import java.io.IOException;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDFont;

/** Writes and draws on one page, in points from the lower left. */
final class PdfInk implements AutoCloseable {

    static final float SMALLEST = 6;

    /** A bar of a code is read from about 0.25 mm on; printed wider where there is room. */
    private static final float WIDEST_BAR = 1.6f;

    private final PDPageContentStream stream;

    PdfInk(PDDocument document, PDPage page) throws IOException {
        this.stream = new PDPageContentStream(document, page);
    }

    @Override
    public void close() throws IOException {
        stream.close();
    }

    /** A text on one line: smaller where it is too long, and then cut off with an ellipsis. */
    void text(PDFont font, String text, float size, float x, float y, float wide) throws IOException {
        String printed = printable(font, text);
        float wanted = width(font, printed, size);
        float fitting = wanted > wide ? Math.max(SMALLEST, size * wide / wanted) : size;
        while (printed.length() > 1 && width(font, printed, fitting) > wide) {
            printed = printed.substring(0, printed.length() - 2).stripTrailing() + "…";
        }
        stream.beginText();
        stream.setFont(font, fitting);
        stream.newLineAtOffset(x, y);
        stream.showText(printed);
        stream.endText();
    }

    static float width(PDFont font, String text, float size) throws IOException {
        return font.getStringWidth(text) * size / 1000;
    }

    /** The same, its end at {@code x}. */
    void textBefore(PDFont font, String text, float size, float x, float y, float wide) throws IOException {
        text(font, text, size, x - Math.min(wide, width(font, printable(font, text), size)), y, wide);
    }

    /** A square to be ticked. */
    void box(float x, float y, float side) throws IOException {
        stream.setLineWidth(0.8f);
        stream.addRect(x, y, side, side);
        stream.stroke();
    }

    /** A fine line across. */
    void rule(float x, float y, float wide) throws IOException {
        stream.setLineWidth(0.4f);
        stream.moveTo(x, y);
        stream.lineTo(x + wide, y);
        stream.stroke();
    }

    /** What the font has; a character it does not have is printed as a question mark. */
    private static String printable(PDFont font, String text) {
        StringBuilder printed = new StringBuilder();
        text.codePoints().forEach(point -> {
            String one = Character.toString(point);
            printed.append(has(font, one) ? one : "?");
        });
        return printed.toString();
    }

    private static boolean has(PDFont font, String one) {
        try {
            font.encode(one);
            return true;
        } catch (IOException | IllegalArgumentException missing) {
            return false;
        }
    }

    /** A number that somebody gave with other letters than a code has stands on the label for people alone. */
    void bars(String code, float x, float y, float wide, float high) throws IOException {
        if (!code.matches("[ -~]{1,40}")) {
            return;
        }
        BitMatrix bars = new Code128Writer().encode(code, BarcodeFormat.CODE_128, 0, 1);
        float bar = Math.min(WIDEST_BAR, wide / bars.getWidth());
        for (int at = 0; at < bars.getWidth(); at++) {
            if (bars.get(at, 0)) {
                stream.addRect(x + at * bar, y, bar, high);
            }
        }
        stream.fill();
    }
}
