package retazo.app.labels;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.common.PDRectangle;

/** Writes labels as a PDF, each with its code in bars (Code 128) and in letters. */
final class LabelPdf {

    private static final float PAD = 7;
    private static final float TITLE = 14;
    private static final float LINE = 9;
    /** The number of a bag or a bolt, read by people from a step away. */
    private static final float NUMBER = 13;
    private static final float LEADING = 1.22f;

    private final PdfFonts fonts;
    private final String more;

    private LabelPdf(PdfFonts fonts, String more) {
        this.fonts = fonts;
        this.more = more;
    }

    /**
     * Labels one after the other, row by row.
     *
     * @param more the sentence for lines that have no room: {@code and %d more}
     */
    static byte[] of(List<Label> labels, LabelPaper paper, String more) {
        try (PDDocument document = new PDDocument()) {
            LabelPdf pdf = new LabelPdf(PdfFonts.of(document), more);
            List<LabelPaper.Place> places = paper.places();
            for (int done = 0; done < labels.size();) {
                PDPage page = new PDPage(new PDRectangle(paper.pageWidth(), paper.pageHeight()));
                document.addPage(page);
                try (PdfInk ink = new PdfInk(document, page)) {
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

    private void draw(PdfInk ink, Label label, LabelPaper.Place place) throws IOException {
        float left = place.x() + PAD;
        float wide = place.width() - 2 * PAD;
        float codeHigh = Math.max(14, Math.min(34, place.height() * 0.2f));
        float bottom = place.y() + PAD;
        ink.bars(label.code(), left, bottom + NUMBER, wide, codeHigh);
        ink.text(fonts.bold(), label.code(), NUMBER, left, bottom + 1, wide);
        float top = place.y() + place.height() - PAD - TITLE * 0.8f;
        ink.text(fonts.bold(), label.title(), TITLE, left, top, wide);
        top -= LINE * LEADING + 2;
        if (!label.under().isEmpty()) {
            ink.text(fonts.plain(), label.under(), LINE, left, top, wide);
            top -= LINE * LEADING;
        }
        lines(ink, label.lines(),
                new LabelPaper.Place(left, bottom + NUMBER + codeHigh + 3, wide, top + LINE - bottom - NUMBER - codeHigh - 3));
    }

    /** As many lines as have room: smaller ones if need be, then two beside each other; the last says how many more there are. */
    private void lines(PdfInk ink, List<String> lines, LabelPaper.Place room) throws IOException {
        float size = LINE;
        while (size > PdfInk.SMALLEST && lines.size() * size * LEADING > room.height()) {
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
            ink.text(fonts.plain(), line, size, room.x() + i / down * wide, room.y() + room.height() - size - i % down * size * LEADING,
                    wide - 3);
        }
    }
}
