package retazo.app.practice;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import retazo.app.shared.Choice;
import retazo.app.shared.Words;
import retazo.core.block.spec.UnitMethod;
import retazo.core.cloth.Join;
import retazo.core.cloth.LongLay;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.measure.LengthUnit;
import retazo.core.quilt.setting.Edges;

/** The settings, grouped by the work that they decide. */
public record PracticePage(List<Group> groups) {

    /**
     * What one part of the work is done like.
     *
     * @param code of its heading and its drawing
     */
    public record Group(String code, String title, List<Field> fields) {
    }

    /**
     * A setting.
     *
     * @param id      of its field, and the place of its faults
     * @param name    with which the form sends it
     * @param choices to choose from; none where it is typed
     */
    public record Field(String id, String name, String label, String help, String value, List<Choice> choices) {

        public boolean isTyped() {
            return choices.isEmpty();
        }
    }

    public static PracticePage of(PracticeForm form, Words words) {
        Fields fields = new Fields(form, words);
        return new PracticePage(List.of(
                fields.group("measuring", Stream.of(
                        fields.measures(PracticeMeasure.SEAM_ALLOWANCE, PracticeMeasure.USABLE_WIDTH, PracticeMeasure.SQUARING,
                                PracticeMeasure.CUTTING_STEP),
                        List.of(fields.choiceOf("papers", "selvedges", form.papersChosen().selvedges(), "practice.selvedges.",
                                PaperNotes.Selvedges.values())))),
                fields.group("units", Stream.of(
                        fields.measures(PracticeMeasure.HALF_SQUARE_OVERSIZE, PracticeMeasure.HOURGLASS_OVERSIZE,
                                PracticeMeasure.THREE_PATCH_OVERSIZE, PracticeMeasure.GEESE_OVERSIZE, PracticeMeasure.CLIPPED_OVERSIZE,
                                PracticeMeasure.SQUARE_IN_SQUARE_OVERSIZE, PracticeMeasure.HALF_RECTANGLE_OVERSIZE,
                                PracticeMeasure.STRIP_SET_LOSS),
                        List.of(
                                fields.choiceOf("drawings", "halfSquares", form.drawingsChosen().halfSquares(), "practice.halfSquares.",
                                        UnitMethod.TWO_AT_A_TIME, UnitMethod.FOUR_AT_A_TIME, UnitMethod.EIGHT_AT_A_TIME,
                                        UnitMethod.TRIANGLES),
                                fields.choiceOf("drawings", "halvedBlocks", form.drawingsChosen().halvedBlocks(), "cut.",
                                        Edges.CutBlocks.Cut.values()),
                                fields.choiceOf("papers", "pressing", form.papersChosen().pressing(), "practice.pressing.",
                                        PaperNotes.Pressing.values()),
                                fields.choiceOf("papers", "partialSeams", form.papersChosen().partialSeams(), "practice.partialSeams.",
                                        PaperNotes.PartialSeams.values())))),
                fields.group("edges", Stream.of(
                        fields.measures(PracticeMeasure.BORDER_TRIM, PracticeMeasure.BINDING_WIDTH, PracticeMeasure.THICK_BINDING_WIDTH,
                                PracticeMeasure.BACKING_OVERAGE),
                        List.of(
                                fields.choice("borderJoin", form.borderJoin(), "practice.join.", Join.values()),
                                fields.choice("bindingJoin", form.bindingJoin(), "practice.join.", Join.values()),
                                fields.choice("longStrips", form.longStrips(), "practice.longStrips.", LongLay.values())))),
                fields.group("selling", Stream.of(
                        List.of(fields.choice("sellingUnit", form.sellingUnit(), "practice.sellingUnit.", LengthUnit.YARD,
                                LengthUnit.METRE),
                                fields.typed("margin", "figure.practice.margin", form.margin())),
                        fields.measures(PracticeMeasure.SELLING_STEP, PracticeMeasure.SHORTEST_REMNANT, PracticeMeasure.NOTHING))),
                fields.group("floor", Stream.of(List.of(
                        fields.typed("layers", "practice.layers", form.layers()),
                        fields.typed("mostSizes", "practice.mostSizes", form.mostSizes()))))));
    }

    /** Makes fields out of a form. */
    private record Fields(PracticeForm form, Words words) {

        Group group(String code, Stream<List<Field>> parts) {
            return new Group(code, words.text("practice.group." + code), parts.flatMap(List::stream).toList());
        }

        List<Field> measures(PracticeMeasure... measures) {
            List<Field> fields = new ArrayList<>();
            for (PracticeMeasure measure : measures) {
                fields.add(new Field(
                        measure.key(), "measures[" + measure.key() + "]", words.text("figure.practice." + measure.key()),
                        words.text("practice.help." + measure.key()), form.typed(measure.key()), List.of()));
            }
            return fields;
        }

        Field typed(String name, String label, @Nullable String value) {
            return new Field(
                    name, name, words.text(label), words.text("practice.help." + name), Objects.requireNonNullElse(value, ""), List.of());
        }

        Field choice(String name, @Nullable String value, String code, Enum<?>... choices) {
            return choice(name, name, value, code, choices);
        }

        Field choiceOf(String part, String name, @Nullable String value, String code, Enum<?>... choices) {
            return choice(name, part + "." + name, value, code, choices);
        }

        private Field choice(String name, String sentAs, @Nullable String value, String code, Enum<?>... choices) {
            return new Field(
                    name, sentAs, words.text("practice." + name), words.text("practice.help." + name),
                    Objects.requireNonNullElse(value, ""),
                    Arrays.stream(choices).map(one -> new Choice(one.name(), words.text(code + one.name()))).toList());
        }
    }
}
