package retazo.app.opening;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import retazo.core.measure.Reading;

/**
 * A table in a file as shops have them: cells with commas, semicolons or tabs between, in UTF-8, UTF-16 or the letters of Windows.
 *
 * @param heading the first line
 * @param lines   those after it that are not blank
 */
record CsvTable(List<String> heading, List<Line> lines) {

    static final int MOST_LINES = 50_000;
    private static final String MARK = "\uFEFF";

    /**
     * A line of it.
     *
     * @param number where it begins in the file, from 1
     */
    record Line(int number, List<String> cells) {
    }

    /** Reads a file; a fault says what about it is no such table. */
    static Reading<CsvTable> read(byte[] file) {
        String text = text(file);
        if (text.isBlank()) {
            return Reading.fault("opening.file-empty");
        }
        if (text.indexOf('\0') >= 0) {
            return Reading.fault("opening.file-no-text");
        }
        CSVFormat format = CSVFormat.DEFAULT.builder().setDelimiter(delimiter(text)).setIgnoreEmptyLines(false).setTrim(true).get();
        List<Line> lines = new ArrayList<>();
        int begins = 1;
        try (CSVParser parser = CSVParser.parse(new StringReader(text), format)) {
            for (CSVRecord record : parser) {
                List<String> cells = record.toList();
                if (!cells.stream().allMatch(String::isBlank)) {
                    lines.add(new Line(begins, cells));
                }
                if (lines.size() > MOST_LINES + 1) {
                    return Reading.fault("opening.file-too-long", MOST_LINES);
                }
                begins = Math.toIntExact(parser.getCurrentLineNumber()) + 1;
            }
        } catch (IOException | UncheckedIOException broken) {
            return Reading.fault("opening.file-quotes", begins);
        }
        if (lines.isEmpty()) {
            return Reading.fault("opening.file-empty");
        }
        return Reading.of(new CsvTable(lines.get(0).cells(), lines.subList(1, lines.size())));
    }

    private static String text(byte[] file) {
        String text = file.length >= 2
                && (file[0] == (byte) 0xFE && file[1] == (byte) 0xFF || file[0] == (byte) 0xFF && file[1] == (byte) 0xFE)
                        ? new String(file, StandardCharsets.UTF_16)
                        : narrow(file);
        return text.startsWith(MARK) ? text.substring(1) : text;
    }

    private static String narrow(byte[] file) {
        try {
            return StandardCharsets.UTF_8.newDecoder().decode(ByteBuffer.wrap(file)).toString();
        } catch (CharacterCodingException notUtf8) {
            return new String(file, Charset.forName("windows-1252"));
        }
    }

    /** What stands most often between the cells of the first line. */
    private static char delimiter(String text) {
        String first = text.stripLeading().lines().findFirst().orElse("");
        char most = ',';
        for (char one : new char[] {';', '\t'}) {
            if (count(first, one) > count(first, most)) {
                most = one;
            }
        }
        return most;
    }

    private static long count(String text, char one) {
        return text.chars().filter(letter -> letter == one).count();
    }
}
