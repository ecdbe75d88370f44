package retazo.app.patterns.file;

import static org.assertj.core.api.Assertions.assertThat;

import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import retazo.app.patterns.DemoPatternsTest;
import retazo.app.patterns.PatternVersion;
import retazo.app.patterns.drawing.BlockRow;
import retazo.app.patterns.drawing.DrawingDraft;
import retazo.app.patterns.drawing.DrawingForm;
import retazo.app.patterns.entry.TableDraft;
import retazo.app.patterns.entry.TableForm;
import retazo.app.patterns.rows.RoleRow;
import retazo.app.patterns.rows.SizeRow;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.cloth.RoleWish;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;
import retazo.core.quilt.design.QuiltDesign;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

class PatternFileTest {

    private static final JsonMapper JSON = JsonMapper.builder().build();

    /** Units with the widths and heights of cells that fit them. */
    private static final List<List<String>> UNITS = List.of(
            List.of("A", "3", "2"), List.of("A/B", "3", "3"), List.of("A\\B", "3", "3"), List.of("geese:four-at-a-time A, C", "4", "2"),
            List.of("clipped A, B top-left:1, C bottom-left:3/4", "3", "2"), List.of("strip-set A 1, B 1/2, C 1/2", "3", "2"),
            List.of("ring A, B, C", "6", "6"), List.of("wedge A 1, B", "3", "4"), List.of("slashed A 1/2, B, C", "6", "4"),
            List.of("nine-patch:strip-sets A, B, A, B, C, B, A, B, A", "6", "3"), List.of("hourglass:half-squares B, C", "3", "3"),
            List.of("templates A 4-per-strip:3:0:0:3:0:0:2, B 3:0:3:2:0:2", "3", "2"), List.of("half-rectangle C, A @180m", "3", "5"));

    @Property(tries = 150)
    void what_is_exported_is_imported_equal(@ForAll("patterns") PatternContent content) throws IOException {
        String file = JSON.writeValueAsString(PatternFileWriter.write(content));

        assertThat(read(file)).isEqualTo(content);
        assertThat(schema().validate(file, InputFormat.JSON)).isEmpty();
    }

    @Provide
    Arbitrary<PatternContent> patterns() {
        Arbitrary<Integer> unit = Arbitraries.integers().between(0, UNITS.size() - 1);
        Arbitrary<String> designer = Arbitraries.of("", "Odile");
        Arbitrary<Integer> extras = Arbitraries.integers().between(0, 15);
        return Combinators.combine(unit, designer, extras).as(PatternFileTest::pattern);
    }

    private static PatternContent pattern(int unit, String designer, int extras) {
        String cell = UNITS.get(unit).get(0);
        BlockRow block = new BlockRow("", "a block", UNITS.get(unit).get(1), UNITS.get(unit).get(2), 1, List.of(cell), "", "");
        BlockRow outer = new BlockRow(
                "", "outer", UNITS.get(unit).get(1) + ", 1", UNITS.get(unit).get(2), 2, List.of("block b1", "C"),
                (extras & 1) > 0 ? "2 x 2" : "",
                (extras & 1) > 0 ? "-7" : "");
        DrawingForm form = new DrawingForm(
                0, "Made up " + extras, List.of(new RoleRow("", "one"), new RoleRow("", "two"), new RoleRow("", "three")),
                List.of(block, outer),
                (extras & 2) > 0 ? "ROWS" : "DIAGONALS", "", (extras & 4) > 0 ? "B, A" : "C, B", "A", (extras & 8) > 0 ? "B" : "",
                List.of(SizeRow.plain("", "Throw", "3", "4", (extras & 4) > 0 ? "2, 1 1/2" : "1", "20 x 30"),
                        SizeRow.plain("", "Lap", "2", "2", "", "")));
        DrawingDraft draft = DrawingDraft.of(form, Optional.empty());
        PatternContent drawn = draft.content().orElseThrow(() -> new AssertionError(draft.problems().toString()));
        PatternVersion version = new PatternVersion(1, 1, 1, false, drawn);
        TableForm table = new TableForm(1, "Made up", SizeRow.of(drawn.design()), List.of(
                new TableForm.Row("", "one", "", List.of("1 roll or 1 1/3 yd", "3 FQ")),
                new TableForm.Row("", "binding", "binding", List.of("½", ""))), "", "");
        PatternContent printed = (extras & 1) > 0 ? TableDraft.of(table, Optional.of(version)).content().orElseThrow() : drawn;
        QuiltDesign design = printed.design();
        List<retazo.core.cloth.Role> roles = new ArrayList<>(design.roles());
        roles.set(0, new retazo.core.cloth.Role(roles.get(0).key(), "A", "one", List.of(
                RoleWish.of(RoleWish.Kind.FEATURE), new RoleWish(RoleWish.Kind.CONTRAST, Optional.of(roles.get(1).key())))));
        return new PatternContent(
                printed.name(),
                new PatternAbout(designer, (extras & 2) > 0 ? List.of("a ruler") : List.of(), (extras & 4) > 0 ? "two\nlines" : ""),
                new QuiltDesign(
                        roles, design.sizes(), design.table(), design.cutList(), design.drawing(), design.plannedFrom(),
                        (extras & 8) > 0 ? Map.of(PracticeMeasure.BINDING_WIDTH, Length.ofInches(2)) : Map.of()));
    }

    @Test
    void every_demo_pattern_keeps_to_the_published_schema_and_is_read_back_equal() throws IOException {
        for (Resource file : new PathMatchingResourcePatternResolver().getResources("classpath:demo/*.json")) {
            PatternContent content = DemoPatternsTest.read(file);
            String written = JSON.writeValueAsString(PatternFileWriter.write(content));

            assertThat(schema().validate(written, InputFormat.JSON)).as(file.getFilename()).isEmpty();
            assertThat(read(written)).isEqualTo(content);
        }
    }

    /** One block of the first format: a triangle and a patch. */
    @Test
    void a_pattern_of_the_first_format_is_still_read() {
        String first = """
                {"format": 1,
                 "roles": [{"key": "a", "letter": "A", "name": "deck"}, {"key": "b", "letter": "B", "name": "foam"}],
                 "drawing": {"block": {"columnWidths": ["3 in", "3 in"], "rowHeights": ["3 in"], "cells": [
                     {"column": 0, "row": 0, "columnSpan": 1, "rowSpan": 1, "unit": "half-square", "roles": ["a", "b"], "turn": 270},
                     {"column": 1, "row": 0, "columnSpan": 1, "rowSpan": 1, "unit": "patch", "roles": ["b"], "turn": 0}]},
                   "setting": "straight", "borders": [{"role": "b", "corners": "BUTTED"}], "binding": "a", "backing": "b"},
                 "sizes": [{"key": "s", "name": "Crib", "kind": "grid", "columns": 3, "rows": 4, "borderWidths": ["2 in"]}]}""";

        QuiltDesign design = read(first).design();

        assertThat(design.drawing().orElseThrow().first().units()).hasSize(2);
        assertThat(design.drawing().orElseThrow().borders()).hasSize(1);
        assertThat(SizeRow.of(design).get(0).border()).isEqualTo("2");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            "name": "Night Watch" | "nmae": "Night Watch" | nmae | file.unknown-field
            "name": "Night Watch" | "name": 7 | name | file.not-a-text
            "format": 2 | "format": 99999999999999999999 | format | file.one-number
            "columns": 5 | "columns": 61 | sizes[0].columns | file.number
            "columns": 5 | "columns": "many" | sizes[0].columns | file.number
            "unit": "patch" | "unit": "sail" | drawing.blocks[0].cells[1].unit | file.choice
            "method": "eight-at-a-time" | "method": "flip" | drawing.blocks[0].cells[4].method | file.choice
            "turn": 180 | "turn": 181 | drawing.blocks[0].cells[8].turn | file.turn
            "3 in", "6 in", "3 in" | "3 in", "6 in", "4 in" | drawing.blocks[0].cells.0.2 | unit.not-square
            "cycle": "diagonals" | "cycle": "spiral" | drawing.places.cycle | file.choice
            "binding": "watch" | "binding": "nobody" | roles | role.unknown
            "halfSquareOversize": "0 in" | "halfSquareOversize": "9 in" | overrides.halfSquareOversize | practice.out-of-limits
            "halfSquareOversize": "0 in" | "luck": "0 in" | practice.luck | file.unknown-field
            """)
    void what_is_wrong_is_told_by_its_path(String right, String wrong, String path, String code) throws IOException {
        String file = demo("07-night-watch").replaceFirst(java.util.regex.Pattern.quote(right),
                java.util.regex.Matcher.quoteReplacement(wrong));

        List<Problem> problems = PatternFileReader.read(JSON.readTree(file)).match(content -> List.of(), found -> found);

        assertThat(problems).extracting(Problem::place, Problem::code).contains(org.assertj.core.api.Assertions.tuple(path, code));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"[]", "7", "null", "{}", "{\"format\": 2, \"roles\": {}, \"sizes\": 7, \"drawing\": []}",
            "{\"format\": 2, \"name\": \"x\", \"plannedFrom\": \"drawing\", \"roles\": [[[[]]]], \"sizes\": [null, null]}"})
    void what_is_no_pattern_at_all_is_told(String file) {
        assertThat(PatternFileReader.read(JSON.readTree(file)).<Boolean>match(content -> false, problems -> !problems.isEmpty())).isTrue();
    }

    @Test
    void nesting_without_end_is_refused_by_the_parser() {
        String deep = "{\"format\": 2, \"notes\": " + "[".repeat(100_000) + "]".repeat(100_000) + "}";

        org.assertj.core.api.Assertions.assertThatThrownBy(() -> JSON.readTree(deep)).isInstanceOf(JacksonException.class);
    }

    private static PatternContent read(String file) {
        return PatternFileReader.read(JSON.readTree(file)).match(content -> content, problems -> {
            throw new AssertionError(problems.toString());
        });
    }

    private static String demo(String name) throws IOException {
        return JSON.writerWithDefaultPrettyPrinter().writeValueAsString(JSON.readTree(
                Files.readString(Path.of("src/main/resources/demo/" + name + ".json"))))
                .replaceAll("\\s*\\n\\s*", " ").replace(" :", ":").replace("\" : ", "\": ").replace("[ ", "[").replace(" ]", "]");
    }

    private static Schema schema() throws IOException {
        return SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(Files.readString(Path.of("../docs/formats/pattern.schema.json")), InputFormat.JSON);
    }
}
