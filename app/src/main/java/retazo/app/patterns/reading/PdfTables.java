package retazo.app.patterns.reading;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.io.IOUtils;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.encryption.InvalidPasswordException;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;
import org.springframework.stereotype.Component;
import retazo.app.shared.Outcome;
import retazo.core.measure.Problem;

/** The tables in a PDF. Of a long one the first pages are read. */
@Component
class PdfTables {

    static final int MOST_PAGES = 60;
    private static final int MOST_TABLES = 40;
    private static final byte[] BEGINNING = {'%', 'P', 'D', 'F'};

    /** The tables, page by page; or why the file cannot be read, or has none. */
    Outcome<List<FoundTable>> read(byte[] file) {
        if (!begins(file)) {
            return refused("pdf.none");
        }
        try (PDDocument document = Loader.loadPDF(file, "", null, null, IOUtils.createMemoryOnlyStreamCache())) {
            List<FoundTable> tables = new ArrayList<>();
            for (int page = 1; page <= Math.min(document.getNumberOfPages(), MOST_PAGES) && tables.size() < MOST_TABLES; page++) {
                tables.addAll(TablesOfPage.of(page, new Words().of(document, page)));
            }
            return tables.isEmpty() ? refused("pdf.no-table") : Outcome.done(tables);
        } catch (InvalidPasswordException e) {
            return refused("pdf.locked");
        } catch (IOException | RuntimeException e) {
            return refused("pdf.broken");
        }
    }

    private static boolean begins(byte[] file) {
        for (int i = 0; i < BEGINNING.length; i++) {
            if (file.length <= i || file[i] != BEGINNING[i]) {
                return false;
            }
        }
        return true;
    }

    private static Outcome<List<FoundTable>> refused(String code) {
        return Outcome.refused(Problem.at("file", code, MOST_PAGES));
    }

    /** Collects the words of one page with their places. */
    private static final class Words extends PDFTextStripper {

        private final List<PdfWord> words = new ArrayList<>();

        Words() {
            setSortByPosition(true);
        }

        List<PdfWord> of(PDDocument document, int page) throws IOException {
            setStartPage(page);
            setEndPage(page);
            getText(document);
            return words;
        }

        @Override
        protected void writeString(String text, List<TextPosition> positions) {
            List<TextPosition> word = new ArrayList<>();
            for (TextPosition letter : positions) {
                if (letter.getUnicode().isBlank()) {
                    add(word);
                    word.clear();
                } else {
                    word.add(letter);
                }
            }
            add(word);
        }

        private void add(List<TextPosition> letters) {
            if (letters.isEmpty()) {
                return;
            }
            TextPosition first = letters.get(0);
            TextPosition last = letters.get(letters.size() - 1);
            StringBuilder text = new StringBuilder();
            letters.forEach(letter -> text.append(letter.getUnicode()));
            words.add(new PdfWord(
                    text.toString(), first.getXDirAdj(), last.getXDirAdj() + last.getWidthDirAdj(), first.getYDirAdj(),
                    first.getHeightDir(), first.getWidthOfSpace()));
        }
    }
}
