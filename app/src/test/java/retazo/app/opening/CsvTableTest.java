package retazo.app.opening;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import retazo.app.shared.CsvFile;
import retazo.core.measure.Problem;

class CsvTableTest {

    @ParameterizedTest
    @ValueSource(strings = {",", ";", "\t"})
    void cells_stand_between_whatever_a_table_program_puts_there(String between) {
        String text = String.join(between, "Fabric", "Length", "Place") + "\r\n"
                + String.join(between, "Gull grey", "9 3/4", "\"bay 3" + between + " shelf \"\"B\"\"\"") + "\r\n";

        CsvTable table = table(text.getBytes(StandardCharsets.UTF_8));

        assertThat(table.heading()).containsExactly("Fabric", "Length", "Place");
        assertThat(table.lines()).containsExactly(new CsvTable.Line(2, List.of("Gull grey", "9 3/4", "bay 3" + between + " shelf \"B\"")));
    }

    @ParameterizedTest
    @ValueSource(strings = {"UTF-8", "UTF-16LE", "UTF-16BE", "windows-1252"})
    void letters_are_read_in_the_ways_in_which_they_are_saved(String charset) {
        String mark = charset.startsWith("UTF") ? "\uFEFF" : "";

        CsvTable table = table((mark + "name,length\nCrème brûlée,1½ yd\n").getBytes(Charset.forName(charset)));

        assertThat(table.heading()).containsExactly("name", "length");
        assertThat(table.lines()).containsExactly(new CsvTable.Line(2, List.of("Crème brûlée", "1½ yd")));
    }

    /** Three lines of the file make the second of the table; blank ones count, and so does a line that is only commas. */
    @Test
    void a_line_is_called_by_the_number_it_has_in_the_file() {
        CsvTable table = table("a,b\n1,2\n\n\"3\nand\nmore\",4\n , \n5,6".getBytes(StandardCharsets.UTF_8));

        assertThat(table.lines()).extracting(CsvTable.Line::number).containsExactly(2, 4, 8);
        assertThat(table.lines().get(1).cells().get(0)).isEqualTo("3\nand\nmore");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|',
            value = {"''|opening.file-empty", "',,,\\n,,'|opening.file-empty", "' \n \n'|opening.file-empty", "'a\0b'|opening.file-no-text",
                    "'a,b\n1,\"2\n3,4'|opening.file-quotes"})
    void what_is_no_table_is_said(String text, String code) {
        String file = text.replace("\\n", "\n").replace("\\0", "\0");

        assertThat(CsvTable.read(file.getBytes(StandardCharsets.UTF_8)).<String>match(table -> "a table", Problem::code)).isEqualTo(code);
    }

    /** A fabric that somebody called by a formula is a text for a table program, and the same name when it is read again. */
    @Test
    void what_is_written_is_no_formula_and_is_read_again_as_it_was() throws IOException {
        ByteArrayOutputStream file = new ByteArrayOutputStream();
        CsvFile.write(List.of("code", "name"), file, lines -> {
            lines.accept(List.of("A1", "=1+1"));
            lines.accept(List.of("A2", "Crème, \"fine\""));
        });

        assertThat(file.toString(StandardCharsets.UTF_8)).contains("A1,\" =1+1\"");
        assertThat(table(file.toByteArray()).lines()).extracting(line -> line.cells().get(1))
                .containsExactly("=1+1", "Crème, \"fine\"");
    }

    @Test
    void fifty_thousand_lines_are_read_and_one_more_is_not() {
        String lines = IntStream.rangeClosed(1, CsvTable.MOST_LINES).mapToObj(line -> "GULL," + line + "\n").collect(Collectors.joining());

        assertThat(table(("fabric,length\n" + lines).getBytes(StandardCharsets.UTF_8)).lines()).hasSize(CsvTable.MOST_LINES);
        assertThat(CsvTable.read(("fabric,length\n" + lines + "GULL,1").getBytes(StandardCharsets.UTF_8))
                .<String>match(table -> "a table", Problem::code)).isEqualTo("opening.file-too-long");
    }

    private static CsvTable table(byte[] file) {
        return CsvTable.read(file).match(table -> table, problem -> {
            throw new AssertionError(problem);
        });
    }
}
