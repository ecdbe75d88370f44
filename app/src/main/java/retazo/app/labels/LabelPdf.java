package retazo.app.labels;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.oned.Code128Writer;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/** Writes labels as a PDF, each with its code in bars (Code 128) and in letters. */
final class LabelPdf {

    private static final float PAD = 7;
    private static final float TITLE = 14;
    private static final float LINE = 9;
    /** The number of a bag or a bolt, read by people from a step away. */
    private static final float NUMBER = 13;
    private static final float SMALLEST = 6;
    private static final float LEADING = 1.22f;

    /** A bar of a code is read from about 0.25 mm on; printed wider where there is room. */
    private static final float WIDEST_BAR = 1.6f;

    private final PDDocument document;
    private final PDFont bold;
    private final PDFont plain;
    private final String more;

    private LabelPdf(PDDocument document, String more) throws IOException {
        this.document = document;
        this.bold = font(document, "/fonts/600SemiBold/BarlowSemiCondensed_600SemiBold.ttf");
        this.plain = font(document, "/fonts/500Medium/Barlow_500Medium.ttf");
        this.more = more;
    }

    /**
     * Labels one after the other, row by row.
     *
     * @param more the sentence for lines that have no room: {@code and %d more}
     */
    static byte[] of(List<Label> labels, LabelPaper paper, String more) {
        try (PDDocument document = new PDDocument()) {
            LabelPdf pdf = new LabelPdf(document, more);
            List<LabelPaper.Place> places = paper.places();
            for (int done = 0; done < labels.size();) {
                PDPage page = new PDPage(new PDRectangle(paper.pageWidth(), paper.pageHeight()));
                document.addPage(page);
                try (PDPageContentStream ink = new PDPageContentStream(document, page)) {
                    for (int at = 0; at < places.size() && done < labels.size(); at++, done++) {
                        pdf.draw(ink, labels.get(done), places.get(at));
                    }
                }
            }
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            document.save(bytes);
            return bytes.toByteArray();
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    private static PDFont font(PDDocument document, String path) throws IOException {
        try (InputStream file = LabelPdf.class.getResourceAsStream(path)) {
            return PDType0Font.load(document, file, true);
        }
    }

    private void draw(PDPageContentStream ink, Label label, LabelPaper.Place place) throws IOException {
        float left = place.x() + PAD;
        float wide = place.width() - 2 * PAD;
        float codeHigh = Math.max(14, Math.min(34, place.height() * 0.2f));
        float bottom = place.y() + PAD;
        bars(ink, label.code(), left, bottom + NUMBER, wide, codeHigh);
        text(ink, bold, label.code(), NUMBER, left, bottom + 1, wide);
        float top = place.y() + place.height() - PAD - TITLE * 0.8f;
        text(ink, bold, label.title(), TITLE, left, top, wide);
        top -= LINE * LEADING + 2;
        if (!label.under().isEmpty()) {
            text(ink, plain, label.under(), LINE, left, top, wide);
            top -= LINE * LEADING;
        }
        lines(ink, label.lines(),
                new LabelPaper.Place(left, bottom + NUMBER + codeHigh + 3, wide, top + LINE - bottom - NUMBER - codeHigh - 3));
    }

    /** As many lines as have room: smaller ones if need be, then two beside each other; the last says how many more there are. */
    private void lines(PDPageContentStream ink, List<String> lines, LabelPaper.Place room) throws IOException {
        float size = LINE;
        while (size > SMALLEST && lines.size() * size * LEADING > room.height()) {
            size -= 0.5f;
        }
        int down = (int) (room.height() / (size * LEADING));
        int across = lines.size() <= down ? 1 : 2;
        int fit = down * across;
        boolean all = lines.size() <= fit;
        int shown = all ? lines.size() : Math.max(0, fit - 1);
        float wide = room.width() / across;
        for (int i = 0; i < Math.min(lines.size(), fit); i++) {
            String line = i < shown ? lines.get(i) : String.format(more, lines.size() - shown);
            text(ink, plain, line, size, room.x() + i / down * wide, room.y() + room.height() - size - i % down * size * LEADING, wide - 3);
        }
    }

    /** A text on one line: smaller where it is too long, and then cut off with an ellipsis. */
    private void text(PDPageContentStream ink, PDFont font, String text, float size, float x, float y, float wide) throws IOException {
        String printed = printable(font, text);
        float wanted = width(font, printed, size);
        float fitting = wanted > wide ? Math.max(SMALLEST, size * wide / wanted) : size;
        while (printed.length() > 1 && width(font, printed, fitting) > wide) {
            printed = printed.substring(0, printed.length() - 2).stripTrailing() + "…";
        }
        ink.beginText();
        ink.setFont(font, fitting);
        ink.newLineAtOffset(x, y);
        ink.showText(printed);
        ink.endText();
    }

    private static float width(PDFont font, String text, float size) throws IOException {
        return font.getStringWidth(text) * size / 1000;
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
    private static void bars(PDPageContentStream ink, String code, float x, float y, float wide, float high) throws IOException {
        if (!code.matches("[ -~]{1,40}")) {
            return;
        }
        BitMatrix bars = new Code128Writer().encode(code, BarcodeFormat.CODE_128, 0, 1);
        float bar = Math.min(WIDEST_BAR, wide / bars.getWidth());
        for (int at = 0; at < bars.getWidth(); at++) {
            if (bars.get(at, 0)) {
                ink.addRect(x + at * bar, y, bar, high);
            }
        }
        ink.fill();
    }
}
