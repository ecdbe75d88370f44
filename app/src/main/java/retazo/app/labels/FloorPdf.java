package retazo.app.labels;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.function.BiFunction;

import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.common.PDRectangle;

/** Writes a paper of the floor as a PDF, as many pages as it takes; a heading stays with its first line. */
final class FloorPdf {

    private static final float EDGE = 40;
    private static final float TITLE = 20;
    private static final float TEXT = 12;
    private static final float SMALL = 9;
    private static final float LINE_HIGH = 34;
    private static final float HEADING_HIGH = 30;
    private static final float LEAD_WIDE = 92;
    private static final float AMOUNT_WIDE = 150;
    private static final float BOX = 12;
    private static final float CODE_WIDE = 150;

    private final PDDocument document;
    private final PdfFonts fonts;
    private final FloorPaper paper;
    private final LabelPaper.Kind sheet;
    private final BiFunction<Integer, String, String> foot;
    private PdfInk ink;
    private float y;
    private int pages;

    private FloorPdf(PDDocument document, FloorPaper paper, LabelPaper.Kind sheet, BiFunction<Integer, String, String> foot)
            throws IOException {
        this.document = document;
        this.fonts = PdfFonts.of(document);
        this.paper = paper;
        this.sheet = sheet;
        this.foot = foot;
        this.ink = page();
    }

    /**
     * The file.
     *
     * @param foot of a page, from its number and the title
     */
    static byte[] of(FloorPaper paper, LabelPaper.Kind sheet, BiFunction<Integer, String, String> foot) {
        try (PDDocument document = new PDDocument()) {
            FloorPdf pdf = new FloorPdf(document, paper, sheet, foot);
            for (FloorPaper.Part part : paper.parts()) {
                pdf.part(part);
            }
            pdf.ink.close();
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            document.save(bytes);
            return bytes.toByteArray();
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    private PdfInk page() throws IOException {
        PDPage page = new PDPage(new PDRectangle(sheet.width(), sheet.height()));
        document.addPage(page);
        pages++;
        PdfInk fresh = new PdfInk(document, page);
        float wide = sheet.width() - 2 * EDGE;
        y = sheet.height() - EDGE - TITLE;
        boolean coded = pages == 1 && !paper.code().isEmpty();
        fresh.text(fonts.bold(), paper.title(), pages == 1 ? TITLE : TEXT, EDGE, y, coded ? wide - CODE_WIDE - 12 : wide);
        if (coded) {
            fresh.bars(paper.code(), sheet.width() - EDGE - CODE_WIDE, y - 8, CODE_WIDE, 32);
            fresh.text(fonts.bold(), paper.code(), TEXT, sheet.width() - EDGE - CODE_WIDE, y - 22, CODE_WIDE);
        }
        if (pages == 1 && !paper.under().isEmpty()) {
            y -= TEXT * 1.5f;
            fresh.text(fonts.plain(), paper.under(), TEXT, EDGE, y, coded ? wide - CODE_WIDE - 12 : wide);
        }
        y -= 12;
        fresh.text(fonts.plain(), foot.apply(pages, paper.title()), SMALL, EDGE, EDGE - SMALL * 2, wide);
        return fresh;
    }

    private void part(FloorPaper.Part part) throws IOException {
        room(HEADING_HIGH + LINE_HIGH);
        y -= HEADING_HIGH;
        ink.text(fonts.bold(), part.heading(), TEXT + 1, EDGE, y + 7, sheet.width() - 2 * EDGE);
        ink.rule(EDGE, y, sheet.width() - 2 * EDGE);
        for (FloorPaper.Line line : part.lines()) {
            room(LINE_HIGH);
            line(line);
        }
    }

    private void room(float high) throws IOException {
        if (y - high < EDGE) {
            ink.close();
            ink = page();
        }
    }

    /** A fraction stands well apart from its whole number: 1 1/4 is not to be read as 11/4 from a step away. */
    private static String apart(String amount) {
        return amount.replaceAll("(\\d) (\\d+/\\d)", "$1  $2");
    }

    private void line(FloorPaper.Line line) throws IOException {
        float right = sheet.width() - EDGE;
        float text = EDGE + BOX + 12;
        float base = y - 16;
        ink.box(EDGE, base - 2, BOX);
        if (line.done()) {
            ink.text(fonts.bold(), "×", TEXT + 4, EDGE + 2.5f, base - 0.5f, BOX);
        }
        ink.text(fonts.bold(), line.lead(), TEXT + 2, text, base, LEAD_WIDE);
        float what = text + LEAD_WIDE + 8;
        ink.text(fonts.plain(), line.what(), TEXT, what, base, right - AMOUNT_WIDE - 8 - what);
        ink.textBefore(fonts.bold(), apart(line.amount()), TEXT + 2, right, base, AMOUNT_WIDE);
        if (!line.note().isEmpty()) {
            ink.text(fonts.plain(), line.note(), SMALL, what, base - SMALL - 2, right - what);
        }
        y -= LINE_HIGH;
        ink.rule(EDGE, y, right - EDGE);
    }
}
