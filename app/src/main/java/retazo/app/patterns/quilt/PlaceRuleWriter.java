package retazo.app.patterns.quilt;

import java.util.List;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
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

/** Writes each kind of place rule into its form. */
record PlaceRuleWriter(Drawing drawing, Function<RoleKey, String> letters) implements PlaceRule.Cases<PlaceRuleForm> {

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
    public PlaceRuleForm cycle(CycleRule rule) {
        PlaceRuleForm blank = PlaceRuleForm.blank(PlaceRuleKind.CYCLE);
        return new PlaceRuleForm(
                blank.kind(), new PlaceRuleForm.Cycle(steps(rule.steps()), rule.line().name()), blank.position(), blank.gradient(),
                blank.points(), blank.sets(), blank.map());
    }

    @Override
    public PlaceRuleForm byPosition(PositionRule rule) {
        PlaceRuleForm blank = PlaceRuleForm.blank(PlaceRuleKind.BY_POSITION);
        return new PlaceRuleForm(
                blank.kind(), blank.cycle(),
                new PlaceRuleForm.Position(name(rule.corner()), name(rule.edge()), name(rule.interior()), rule.facing().name()),
                blank.gradient(), blank.points(), blank.sets(), blank.map());
    }

    @Override
    public PlaceRuleForm gradient(GradientRule rule) {
        PlaceRuleForm blank = PlaceRuleForm.blank(PlaceRuleKind.GRADIENT);
        return new PlaceRuleForm(
                blank.kind(), blank.cycle(), blank.position(),
                new PlaceRuleForm.Gradient(
                        name(rule.main()), rule.between().map(this::name).orElse(""), rule.line().name(), letters(rule.colours())),
                blank.points(), blank.sets(), blank.map());
    }

    @Override
    public PlaceRuleForm points(PointRule rule) {
        PlaceRuleForm blank = PlaceRuleForm.blank(PlaceRuleKind.POINTS);
        return new PlaceRuleForm(
                blank.kind(), blank.cycle(), blank.position(), blank.gradient(),
                new PlaceRuleForm.Points(
                        name(rule.kind()), letters.apply(rule.accent()), letters.apply(rule.without()), letters(rule.colours())),
                blank.sets(), blank.map());
    }

    @Override
    public PlaceRuleForm colourSets(ColourSetRule rule) {
        PlaceRuleForm blank = PlaceRuleForm.blank(PlaceRuleKind.COLOUR_SETS);
        String sets = rule.sets().stream()
                .map(set -> set.times() + ": " + new TreeMap<>(set.changes()).entrySet().stream()
                        .map(change -> letters.apply(change.getKey()) + "=" + letters.apply(change.getValue()))
                        .collect(Collectors.joining(", ")))
                .collect(Collectors.joining("\n"));
        return new PlaceRuleForm(
                blank.kind(), blank.cycle(), blank.position(), blank.gradient(), blank.points(),
                new PlaceRuleForm.Sets(name(rule.kind()), sets), blank.map());
    }

    @Override
    public PlaceRuleForm handMap(MapRule rule) {
        PlaceRuleForm blank = PlaceRuleForm.blank(PlaceRuleKind.MAP);
        String rows = IntStream.range(0, rule.rows())
                .mapToObj(row -> steps(rule.steps().subList(row * rule.columns(), (row + 1) * rule.columns())))
                .collect(Collectors.joining("\n"));
        return new PlaceRuleForm(
                blank.kind(), blank.cycle(), blank.position(), blank.gradient(), blank.points(), blank.sets(),
                new PlaceRuleForm.HandMap(rows, rule.fill().name()));
    }
}
