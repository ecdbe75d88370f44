package retazo.app.patterns.quilt;

import java.util.List;
import java.util.Locale;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import retazo.app.patterns.file.PlaceRuleKind;
import retazo.core.block.BlockKey;
import retazo.core.block.shape.Turn;
import retazo.core.cloth.RoleKey;
import retazo.core.quilt.design.Drawing;
import retazo.core.quilt.place.ColourSetRule;
import retazo.core.quilt.place.CycleRule;
import retazo.core.quilt.place.GradientRule;
import retazo.core.quilt.place.MapRule;
import retazo.core.quilt.place.PlaceRule;
import retazo.core.quilt.place.PointRule;
import retazo.core.quilt.place.PositionRule;

/**
 * A place rule as texts, block names and letters, for forms.
 *
 * @param line    along what it changes; empty for a rule that has none
 * @param kinds   blocks by name with their turns, by commas: {@code star, plain @90}; of a map row by row, a line each
 * @param corner  of a rule by position; of the others the block that is coloured, or the main block of a gradient
 * @param edge    of a rule by position; the block between of a gradient
 * @param facing  of a rule by position; how a map is filled
 * @param colours letters by commas; of colour sets one set to a line: {@code 2: A=C, B=D}
 * @param accent  letter
 * @param without letter
 */
public record PlaceRuleTexts(
        PlaceRuleKind kind, String line, String kinds, String corner, String edge, String interior, String facing, String colours,
        String accent, String without) {

    public static PlaceRuleTexts of(PlaceRule rule, Drawing drawing, Function<RoleKey, String> letters) {
        return rule.match(new Writer(drawing, letters));
    }

    /** What a person reads of it in a list. */
    public String summary() {
        return Stream.of(line.toLowerCase(Locale.ROOT), kinds.replace("\n", " / "), corner, edge, interior,
                facing.toLowerCase(Locale.ROOT).replace('_', ' '), colours.replace("\n", " / "), accent, without)
                .filter(text -> !text.isEmpty())
                .collect(Collectors.joining(", "));
    }

    /** Writes each kind of rule. */
    private record Writer(Drawing drawing, Function<RoleKey, String> letters) implements PlaceRule.Cases<PlaceRuleTexts> {

        private String name(BlockKey key) {
            return drawing.kind(key).name();
        }

        private String steps(List<PlaceRule.Step> steps) {
            return steps.stream()
                    .map(step -> name(step.kind()) + (step.turn() == Turn.NONE ? "" : " @" + step.turn().degrees()))
                    .collect(Collectors.joining(", "));
        }

        private String letters(List<RoleKey> roles) {
            return roles.stream().map(letters).collect(Collectors.joining(", "));
        }

        @Override
        public PlaceRuleTexts cycle(CycleRule rule) {
            return new PlaceRuleTexts(PlaceRuleKind.CYCLE, rule.line().name(), steps(rule.steps()), "", "", "", "", "", "", "");
        }

        @Override
        public PlaceRuleTexts byPosition(PositionRule rule) {
            return new PlaceRuleTexts(
                    PlaceRuleKind.BY_POSITION, "", "", name(rule.corner()), name(rule.edge()), name(rule.interior()), rule.facing().name(),
                    "",
                    "", "");
        }

        @Override
        public PlaceRuleTexts gradient(GradientRule rule) {
            return new PlaceRuleTexts(
                    PlaceRuleKind.GRADIENT, rule.line().name(), "", name(rule.main()), rule.between().map(this::name).orElse(""), "", "",
                    letters(rule.colours()), "", "");
        }

        @Override
        public PlaceRuleTexts points(PointRule rule) {
            return new PlaceRuleTexts(
                    PlaceRuleKind.POINTS, "", "", name(rule.kind()), "", "", "", letters(rule.colours()), letters.apply(rule.accent()),
                    letters.apply(rule.without()));
        }

        @Override
        public PlaceRuleTexts colourSets(ColourSetRule rule) {
            String sets = rule.sets().stream()
                    .map(set -> set.times() + ": " + new TreeMap<>(set.changes()).entrySet().stream()
                            .map(change -> letters.apply(change.getKey()) + "=" + letters.apply(change.getValue()))
                            .collect(Collectors.joining(", ")))
                    .collect(Collectors.joining("\n"));
            return new PlaceRuleTexts(PlaceRuleKind.COLOUR_SETS, "", "", name(rule.kind()), "", "", "", sets, "", "");
        }

        @Override
        public PlaceRuleTexts handMap(MapRule rule) {
            String rows = IntStream.range(0, rule.rows())
                    .mapToObj(row -> steps(rule.steps().subList(row * rule.columns(), (row + 1) * rule.columns())))
                    .collect(Collectors.joining("\n"));
            return new PlaceRuleTexts(PlaceRuleKind.MAP, "", rows, "", "", "", rule.fill().name(), "", "", "");
        }
    }
}
