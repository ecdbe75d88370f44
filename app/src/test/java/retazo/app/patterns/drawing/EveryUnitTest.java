package retazo.app.patterns.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import retazo.app.patterns.PatternVersion;
import retazo.app.patterns.file.PatternContent;
import retazo.app.patterns.file.PatternFileReader;
import retazo.app.patterns.file.PatternFileWriter;
import retazo.app.patterns.rows.RoleRow;
import retazo.app.patterns.rows.SizeRow;
import retazo.core.block.Cell;
import retazo.core.block.spec.UnitKind;
import retazo.core.block.spec.UnitSpec;
import tools.jackson.databind.json.JsonMapper;

/** Every kind of unit, made in each of its ways, turned and mirrored, goes round through the form and the file. */
class EveryUnitTest {

    /** As a designer types them, with the width and height of a cell that each fits. */
    private record Typed(String text, String width, String height) {
    }

    private static final List<Typed> UNITS = List.of(
            new Typed("A", "3", "4 1/2"), new Typed("A/B", "3", "3"), new Typed("A\\B", "3", "3"),
            new Typed("half-square:four-at-a-time A, B", "3", "3"), new Typed("half-square:eight-at-a-time A, B @90", "3", "3"),
            new Typed("half-square:triangles A, B @180m", "3", "3"), new Typed("hourglass A, B", "3", "3"),
            new Typed("hourglass:half-squares A, B @90", "3", "3"), new Typed("three-patch A, B, C @270", "3", "3"),
            new Typed("geese A, B", "4", "2"), new Typed("geese:four-at-a-time A, B @180", "4", "2"),
            new Typed("clipped A, B top-left:1 1/2, C bottom-right:2", "3", "4"), new Typed("square-in-square A, B", "4", "4"),
            new Typed("strip-set A 1, B 2, A 1 @90", "4", "3"), new Typed("four-patch A, B, B, A", "4", "4"),
            new Typed("four-patch:strip-sets A, B, B, A", "4", "4"), new Typed("nine-patch A, B, A, B, C, B, A, B, A", "6", "6"),
            new Typed("nine-patch:strip-sets A, B, A, B, A, B, A, B, A", "6", "6"), new Typed("wedge A 1, B @180", "4", "5"),
            new Typed("ring A, B, C", "12", "12"), new Typed("ring:blunt A, B", "12", "12"),
            new Typed("half-rectangle A, B @0m", "3", "6"),
            new Typed("slashed A 1, B, C", "6", "4"), new Typed("templates A 4-per-strip:5:0:0:2:0:2:3:0:3, B 2:0:4:0:4:3:2:3", "4", "3"));

    static Stream<Typed> units() {
        return UNITS.stream();
    }

    @ParameterizedTest
    @MethodSource("units")
    void a_unit_goes_round_through_form_and_file(Typed typed) throws Exception {
        PatternContent content = content(typed);

        String file = new JsonMapper().writeValueAsString(PatternFileWriter.write(content));
        PatternContent read = PatternFileReader.read(new JsonMapper().readTree(file)).match(done -> done, problems -> {
            throw new AssertionError(problems.toString());
        });
        PatternVersion version = new PatternVersion(1, 1, 4, false, read);

        assertThat(read.design()).isEqualTo(content.design());
        assertThat(DrawingDraft.of(DrawingForm.of(version), Optional.of(version)).content().orElseThrow().design())
                .isEqualTo(content.design());
        assertThat(PatternFileReader.read(new JsonMapper().readTree(file)).match(PatternFileWriter::write, problems -> null))
                .isEqualTo(PatternFileWriter.write(content));
    }

    @Test
    void there_is_one_of_every_kind_and_way() {
        Set<String> typed = UNITS.stream().flatMap(unit -> content(unit).design().drawing().orElseThrow().first().cells().stream())
                .map(Cell::content).flatMap(content -> content.unitSpec().stream()).map(EveryUnitTest::name).collect(Collectors.toSet());
        Set<String> all = new HashSet<>();
        for (UnitKind kind : UnitKind.values()) {
            kind.methods().forEach(method -> all.add(kind.code() + ":" + method.code()));
        }

        assertThat(typed).isEqualTo(all);
    }

    private static String name(UnitSpec spec) {
        return spec.kind().code() + ":" + spec.method().code();
    }

    /** A pattern whose block is one cell with the unit, and one beside it with all roles. */
    private static PatternContent content(Typed typed) {
        List<RoleRow> roles = Stream.of("one", "two", "three").map(name -> new RoleRow("", name)).toList();
        BlockRow block = new BlockRow("", "block", typed.width() + ", 2, 2, 2", typed.height(), 4, List.of(typed.text(), "A", "B", "C"), "",
                "");
        DrawingForm form = new DrawingForm(
                0, "Test", roles, List.of(block), "", "", "B", "A", "B", List.of(SizeRow.plain("", "Throw", "3", "4", "", "")));
        DrawingDraft draft = DrawingDraft.of(form, Optional.empty());
        return draft.content().orElseThrow(() -> new AssertionError(typed + ": " + draft.problems()));
    }
}
