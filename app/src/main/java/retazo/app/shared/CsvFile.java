package retazo.app.shared;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.UncheckedIOException;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.function.Consumer;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;

/** A table as a file to be kept: with commas, in UTF-8 that table programs recognise. */
public final class CsvFile {

    private static final String FORMULA = "=+-@";
    private static final char MARK = '\uFEFF';

    private CsvFile() {
    }

    /** Takes the lines of a file, one after another. */
    public record Lines(CSVPrinter printer) implements Consumer<List<?>> {

        /** A table program would work out a text that begins like a formula; behind a blank it stays a text. */
        private static Object harmless(Object cell) {
            String text = String.valueOf(cell);
            return !text.isEmpty() && FORMULA.indexOf(text.charAt(0)) >= 0 ? " " + text : cell;
        }

        @Override
        public void accept(List<?> cells) {
            try {
                printer.printRecord(cells.stream().map(Lines::harmless).toList());
            } catch (IOException broken) {
                throw new UncheckedIOException(broken);
            }
        }
    }

    /**
     * Answers with a file.
     *
     * @param name  without its ending
     * @param lines writes what stands below the heading
     */
    public static void write(String name, List<String> heading, HttpServletResponse response, Consumer<Lines> lines) throws IOException {
        response.setContentType("text/csv; charset=utf-8");
        response.setHeader(HttpHeaders.CONTENT_DISPOSITION, ContentDisposition.attachment().filename(name + ".csv").build().toString());
        write(heading, response.getOutputStream(), lines);
    }

    /** Writes such a file. */
    public static void write(List<String> heading, OutputStream out, Consumer<Lines> lines) throws IOException {
        Writer writer = new OutputStreamWriter(out, StandardCharsets.UTF_8);
        writer.write(MARK);
        try (CSVPrinter printer = new CSVPrinter(writer, CSVFormat.DEFAULT)) {
            Lines all = new Lines(printer);
            all.accept(heading);
            lines.accept(all);
        }
    }
}
