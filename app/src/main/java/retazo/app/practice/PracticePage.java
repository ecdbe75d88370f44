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
import retazo.core.packet.PacketWay;
import retazo.core.quilt.setting.Edges;

/** The settings, grouped by the work that they decide, with the mark of what is shown. */
public record PracticePage(List<Group> groups, String seen) {

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

    public static PracticePage of(PracticeForm form, String seen, Words words) {
        Fields fields = new Fields(form, words);
        return new PracticePage(Arrays.stream(PracticePart.values())
                .map(part -> new Group(part.code(), words.text("practice.group." + part.code()), fields.of(part))).toList(), seen);
    }

    /** Makes fields out of a form. */
    private record Fields(PracticeForm form, Words words) {

        List<Field> of(PracticePart part) {
            List<Field> before = part == PracticePart.SELLING
                    ? List.of(
                            choice("sellingUnit", form.sellingUnit(), "practice.sellingUnit.", LengthUnit.YARD, LengthUnit.METRE),
                            typed("margin", "figure.practice.margin", form.margin()))
                    : List.of();
            return Stream.of(before, measures(part.measures()), choices(part)).flatMap(List::stream).toList();
        }

        private List<Field> choices(PracticePart part) {
            PracticeForm.Papers papers = form.papersChosen();
            PracticeForm.Drawings drawings = form.drawingsChosen();
            return switch (part) {
                case MEASURING -> List.of(
                        choiceOf("papers", "selvedges", papers.selvedges(), "practice.selvedges.", PaperNotes.Selvedges.values()));
                case UNITS -> List.of(
                        choiceOf("drawings", "halfSquares", drawings.halfSquares(), "practice.halfSquares.",
                                UnitMethod.TWO_AT_A_TIME, UnitMethod.FOUR_AT_A_TIME, UnitMethod.EIGHT_AT_A_TIME, UnitMethod.TRIANGLES),
                        choiceOf("drawings", "halvedBlocks", drawings.halvedBlocks(), "cut.", Edges.CutBlocks.Cut.values()),
                        choiceOf("papers", "pressing", papers.pressing(), "practice.pressing.", PaperNotes.Pressing.values()),
                        choiceOf("papers", "partialSeams", papers.partialSeams(), "practice.partialSeams.",
                                PaperNotes.PartialSeams.values()));
                case EDGES -> List.of(
                        choice("borderJoin", form.borderJoin(), "practice.join.", Join.values()),
                        choice("bindingJoin", form.bindingJoin(), "practice.join.", Join.values()),
                        choice("longStrips", form.longStrips(), "practice.longStrips.", LongLay.values()));
                case SELLING -> List.of();
                case COLOURS -> List.of(typedOf("drawings", "leastContrast", "practice.leastContrast", drawings.leastContrast()));
                case FLOOR -> List.of(
                        typed("layers", "practice.layers", form.layers()),
                        typed("mostSizes", "practice.mostSizes", form.mostSizes()),
                        choice("packets", form.packets(), "practice.packets.", PacketWay.values()),
                        choice("bagClosing", form.bagClosing(), "practice.bagClosing.", BagClosing.values()));
            };
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

        Field typedOf(String part, String name, String label, @Nullable String value) {
            return new Field(
                    name, part + "." + name, words.text(label), words.text("practice.help." + name), Objects.requireNonNullElse(value, ""),
                    List.of());
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
