package retazo.app.shared;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Properties;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import retazo.core.measure.Length;
import retazo.core.measure.LengthUnit;
import retazo.core.measure.Problem;

class WordsTest {

    private static final Pattern PROBLEM = Pattern
            .compile("(?:Problem\\.of\\(|Problem\\.at\\([^\"]*(?:\"[^\"]*\"[^\",]*)?,|fault\\()\\s*\"([a-z.-]+)\"");

    private final Words words = WordsSamples.words();

    @Test
    void lengths_are_written_with_fractions_and_long_ones_in_yards() {
        assertThat(words.of(Problem.of("cloth.piece-too-wide", "A1", Length.ofInches(29, 2), Length.ofInches(12))))
                .isEqualTo(
                        "Piece A1 is 14 1/2 in wide and does not fit cloth of 12 in usable width. "
                                + "Draw it turned, or choose a wider fabric.");
        assertThat(words.of(Problem.of("counter.too-long", Length.ofYards(90, 1), Length.ofYards(17, 2)))).contains("90 yd", "8 1/2 yd");
    }

    /** 60 m were told as 2362.205 in once. 14 1/2 in is a measure of an inch pattern and stays in inches; 6.4 cm is a metric one. */
    @Test
    void a_shop_that_sells_by_the_metre_is_told_metres_and_an_inch_pattern_keeps_its_inches() {
        Words metric = WordsSamples.words(LengthUnit.METRE);

        assertThat(metric.of(Problem.of("counter.too-long", Length.ofMillimetres(60_000), Length.ofMillimetres(17_500))))
                .contains("60 m", "17.5 m").doesNotContain(" in,", "≈");
        assertThat(metric.of(Problem.of("cloth.piece-too-wide", "A1", Length.ofInches(29, 2), Length.ofMillimetres(64))))
                .contains("14 1/2 in wide", "6.4 cm usable");
        assertThat(words.of(Problem.of("cloth.piece-too-wide", "A1", Length.ofMillimetres(64), Length.ofInches(40)))).contains("6.4 cm",
                "40 in");
    }

    /** Plurals are chosen by the number; a number is written without groups, also a large one. */
    @Test
    void sentences_have_their_plurals_and_plain_numbers() {
        assertThat(words.text("form.to-mend", 1)).isEqualTo("One thing to mend; nothing was saved.");
        assertThat(words.text("form.to-mend", 1200)).isEqualTo("1200 things to mend; nothing was saved.");
        assertThat(sentences().values()).allSatisfy(text -> assertThat((String) text).doesNotContain("#", "{0, plural"));
    }

    /** A code without its sentence would be a fault of ours in front of a customer. */
    @Test
    void every_problem_named_in_the_code_has_a_sentence() throws IOException {
        Properties known = sentences();
        TreeSet<String> missing = new TreeSet<>();
        int found = 0;
        for (Path root : new Path[] {Path.of("src/main/java"), Path.of("../core/src/main/java")}) {
            try (Stream<Path> files = Files.walk(root)) {
                for (Path file : files.filter(path -> path.toString().endsWith(".java")).toList()) {
                    Matcher code = PROBLEM.matcher(Files.readString(file));
                    while (code.find()) {
                        found++;
                        if (!known.containsKey("problem." + code.group(1))) {
                            missing.add(code.group(1) + " in " + file.getFileName());
                        }
                    }
                }
            }
        }

        assertThat(missing).isEmpty();
        assertThat(found).isGreaterThan(60);
    }

    private static Properties sentences() {
        Properties known = new Properties();
        try (Stream<Path> files = Files.list(Path.of("src/main/resources/messages"))) {
            for (Path file : files.toList()) {
                known.load(Files.newBufferedReader(file));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return known;
    }
}
