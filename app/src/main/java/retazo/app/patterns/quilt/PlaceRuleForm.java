package retazo.app.patterns.quilt;

import static java.util.Objects.requireNonNullElse;

import java.util.Locale;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import retazo.app.patterns.file.PlaceRuleKind;
import retazo.app.shared.Typed;
import retazo.core.cloth.RoleKey;
import retazo.core.quilt.design.Drawing;
import retazo.core.quilt.place.MapRule;
import retazo.core.quilt.place.PlaceLine;
import retazo.core.quilt.place.PlaceRule;
import retazo.core.quilt.place.PositionRule;

/**
 * A place rule as typed: block names and letters, a form of its own for each kind of rule, of which only that of {@code kind} counts.
 *
 * @param kind code of a {@link PlaceRuleKind}
 */
public record PlaceRuleForm(
        @Nullable String kind, Cycle cycle, Position position, Gradient gradient, Points points, Sets sets, HandMap map) {

    /** What is not sent, is blank. */
    public PlaceRuleForm {
        cycle = requireNonNullElse(cycle, Cycle.BLANK);
        position = requireNonNullElse(position, Position.BLANK);
        gradient = requireNonNullElse(gradient, Gradient.BLANK);
        points = requireNonNullElse(points, Points.BLANK);
        sets = requireNonNullElse(sets, Sets.BLANK);
        map = requireNonNullElse(map, HandMap.BLANK);
    }

    /**
     * Blocks in turn.
     *
     * @param kinds blocks by name with their turns, by commas: {@code star, plain @90}
     * @param line  along what they change
     */
    public record Cycle(@Nullable String kinds, @Nullable String line) {
        static final Cycle BLANK = new Cycle("", PlaceLine.DIAGONALS.name());
    }

    /** Blocks at corners, at edges and inside, and which way the tops of the first two face. */
    public record Position(@Nullable String corner, @Nullable String edge, @Nullable String interior, @Nullable String facing) {
        static final Position BLANK = new Position("", "", "", PositionRule.Facing.OUT.name());
    }

    /**
     * A gradient of colours.
     *
     * @param between block that is drawn in two colours; empty for none
     * @param colours letters by commas
     */
    public record Gradient(@Nullable String main, @Nullable String between, @Nullable String line, @Nullable String colours) {
        static final Gradient BLANK = new Gradient("", "", PlaceLine.DIAGONALS.name(), "");
    }

    /**
     * Colours where four blocks meet.
     *
     * @param accent  letter of the role that is coloured
     * @param without letter of what stands where no four meet
     * @param colours letters by commas
     */
    public record Points(@Nullable String block, @Nullable String accent, @Nullable String without, @Nullable String colours) {
        static final Points BLANK = new Points("", "", "", "");
    }

    /**
     * Sets of colours.
     *
     * @param colours one set to a line: {@code 2: A=C, B=D}
     */
    public record Sets(@Nullable String block, @Nullable String colours) {
        static final Sets BLANK = new Sets("", "");
    }

    /**
     * Placed by hand.
     *
     * @param rows blocks by name with their turns, by commas, a line for each row
     * @param fill how it goes on beyond the map
     */
    public record HandMap(@Nullable String rows, @Nullable String fill) {
        static final HandMap BLANK = new HandMap("", MapRule.Fill.REPEATED.name());
    }

    static PlaceRuleForm blank(PlaceRuleKind kind) {
        return new PlaceRuleForm(
                kind.code(), Cycle.BLANK, Position.BLANK, Gradient.BLANK, Points.BLANK, Sets.BLANK, HandMap.BLANK);
    }

    /** A rule in the form of its kind; the others are blank but for the block and the colours that it has. */
    public static PlaceRuleForm of(PlaceRule rule, Drawing drawing, Function<RoleKey, String> letters) {
        return rule.match(new PlaceRuleWriter(drawing, letters)).begun();
    }

    private PlaceRuleForm begun() {
        String block = first(position.corner, gradient.main, points.block, sets.block);
        String colours = first(gradient.colours, points.colours);
        return new PlaceRuleForm(
                kind, cycle,
                new Position(first(position.corner, block), position.edge, position.interior, position.facing),
                new Gradient(first(gradient.main, block), gradient.between, gradient.line, first(gradient.colours, colours)),
                new Points(first(points.block, block), points.accent, points.without, first(points.colours, colours)),
                new Sets(first(sets.block, block), sets.colours), map);
    }

    private static String first(@Nullable String... texts) {
        return Stream.of(texts).map(Typed::text).filter(text -> !text.isEmpty()).findFirst().orElse("");
    }

    /** With a rule that is written out as a map, place by place; what is typed for the other kinds stays. */
    PlaceRuleForm writtenOut(PlaceRuleForm asMap) {
        return new PlaceRuleForm(asMap.kind, cycle, position, gradient, points, sets, asMap.map);
    }

    public PlaceRuleKind ruleKind() {
        return PlaceRuleKind.BY_CODE.getOrDefault(Typed.text(kind), PlaceRuleKind.CYCLE);
    }

    /** What a person reads of it in a list. */
    public String summary() {
        return texts().filter(text -> !text.isEmpty()).map(text -> text.replace("\n", " / ")).collect(Collectors.joining(", "));
    }

    private Stream<String> texts() {
        return switch (ruleKind()) {
            case CYCLE -> Stream.of(lower(cycle.line), Typed.text(cycle.kinds));
            case BY_POSITION -> Stream.of(
                    Typed.text(position.corner), Typed.text(position.edge), Typed.text(position.interior), lower(position.facing));
            case GRADIENT -> Stream.of(
                    lower(gradient.line), Typed.text(gradient.main), Typed.text(gradient.between), Typed.text(gradient.colours));
            case POINTS -> Stream.of(
                    Typed.text(points.block), Typed.text(points.colours), Typed.text(points.accent), Typed.text(points.without));
            case COLOUR_SETS -> Stream.of(Typed.text(sets.block), Typed.text(sets.colours));
            case MAP -> Stream.of(Typed.text(map.rows), lower(map.fill));
        };
    }

    private static String lower(@Nullable String choice) {
        return Typed.text(choice).toLowerCase(Locale.ROOT).replace('_', ' ');
    }
}
