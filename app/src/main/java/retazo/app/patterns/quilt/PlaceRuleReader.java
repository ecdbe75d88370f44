package retazo.app.patterns.quilt;

import static java.util.Objects.requireNonNullElse;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import retazo.app.shared.FieldReader;
import retazo.app.shared.Typed;
import retazo.core.block.BlockKey;
import retazo.core.block.shape.Turn;
import retazo.core.cloth.RoleKey;
import retazo.core.measure.Problem;
import retazo.core.quilt.design.BlockKind;
import retazo.core.quilt.place.ColourSetRule;
import retazo.core.quilt.place.CycleRule;
import retazo.core.quilt.place.GradientRule;
import retazo.core.quilt.place.MapRule;
import retazo.core.quilt.place.PlaceGrid;
import retazo.core.quilt.place.PlaceLine;
import retazo.core.quilt.place.PlaceRule;
import retazo.core.quilt.place.PointRule;
import retazo.core.quilt.place.PositionRule;

/** Reads a typed place rule; each fault is told at its field. */
record PlaceRuleReader(PlaceRuleForm form, List<BlockKind> blocks, Function<String, Optional<RoleKey>> roles, FieldReader reader) {

    private static final Pattern TURNED = Pattern.compile("(.*?)\\s*@\\s*(90|180|270)");
    private static final Pattern SET = Pattern.compile("(?:(\\d{1,2})\\s*:)?\\s*(.*)");
    private static final String SET_COLOURS = "rule.sets.colours";
    private static final String ROWS = "rule.map.rows";
    private static final int LONGEST_MAP = 60_000;

    Optional<PlaceRule> read() {
        return switch (form.ruleKind()) {
            case CYCLE -> cycle(form.cycle());
            case BY_POSITION -> position(form.position());
            case GRADIENT -> gradient(form.gradient());
            case POINTS -> points(form.points());
            case COLOUR_SETS -> colourSets(form.sets());
            case MAP -> map(form.map());
        };
    }

    private Optional<BlockKey> block(String field, @Nullable String name) {
        String text = Typed.text(name);
        Optional<BlockKey> found = blocks.stream().filter(kind -> kind.name().equalsIgnoreCase(text)).map(BlockKind::key).findFirst();
        if (found.isEmpty()) {
            reader.add(text.isEmpty() ? Problem.at(field, "places.block-missing") : Problem.at(field, "cell.unknown-block", text));
        }
        return found;
    }

    private Optional<RoleKey> role(String field, @Nullable String letter) {
        String text = Typed.text(letter).toUpperCase(Locale.ROOT);
        Optional<RoleKey> found = roles.apply(text);
        if (found.isEmpty()) {
            reader.add(text.isEmpty() ? Problem.at(field, "places.role-missing") : Problem.at(field, "cell.unknown-role", text));
        }
        return found;
    }

    private List<RoleKey> colours(String field, @Nullable String letters) {
        List<RoleKey> colours = new ArrayList<>();
        for (String letter : parts(letters)) {
            role(field, letter).ifPresent(colours::add);
        }
        return colours;
    }

    private static List<String> parts(@Nullable String text) {
        return Stream.of(Typed.text(text).split("[,;]")).map(String::strip).filter(part -> !part.isEmpty()).toList();
    }

    private List<PlaceRule.Step> steps(String field, List<String> names) {
        List<PlaceRule.Step> steps = new ArrayList<>();
        for (String name : names) {
            Matcher turned = TURNED.matcher(name);
            boolean turns = turned.matches();
            Turn turn = turns ? Turn.values()[Integer.parseInt(turned.group(2)) / 90] : Turn.NONE;
            block(field, turns ? turned.group(1) : name).ifPresent(key -> steps.add(new PlaceRule.Step(key, turn)));
        }
        return steps;
    }

    private Optional<PlaceLine> line(String field, @Nullable String typed) {
        return reader.choice(field, typed, PlaceLine.class);
    }

    /** Kinds in turn; the last block everywhere where none is named. */
    private Optional<PlaceRule> cycle(PlaceRuleForm.Cycle typed) {
        List<String> names = parts(typed.kinds());
        if (names.isEmpty()) {
            return Optional.of(PlaceRule.uniform(blocks.get(blocks.size() - 1).key()));
        }
        List<PlaceRule.Step> steps = steps("rule.cycle.kinds", names);
        return line("rule.cycle.line", typed.line()).filter(line -> !steps.isEmpty()).map(line -> new CycleRule(line, steps));
    }

    private Optional<PlaceRule> position(PlaceRuleForm.Position typed) {
        Optional<BlockKey> corner = block("rule.position.corner", typed.corner());
        Optional<BlockKey> edge = block("rule.position.edge", typed.edge());
        Optional<BlockKey> interior = block("rule.position.interior", typed.interior());
        Optional<PositionRule.Facing> facing = reader.choice("rule.position.facing", typed.facing(), PositionRule.Facing.class);
        return corner.isPresent() && edge.isPresent() && interior.isPresent()
                ? facing.map(side -> new PositionRule(corner.get(), edge.get(), interior.get(), side))
                : Optional.empty();
    }

    private Optional<PlaceRule> gradient(PlaceRuleForm.Gradient typed) {
        Optional<BlockKey> main = block("rule.gradient.main", typed.main());
        Optional<BlockKey> between = Typed.text(typed.between()).isEmpty()
                ? Optional.empty()
                : block("rule.gradient.between", typed.between());
        List<RoleKey> colours = colours("rule.gradient.colours", typed.colours());
        if (colours.size() < 2) {
            reader.add(Problem.at("rule.gradient.colours", "places.two-colours"));
            return Optional.empty();
        }
        return main.flatMap(kind -> line("rule.gradient.line", typed.line()).map(line -> new GradientRule(line, kind, between, colours)));
    }

    private Optional<PlaceRule> points(PlaceRuleForm.Points typed) {
        Optional<BlockKey> kind = block("rule.points.block", typed.block());
        Optional<RoleKey> accent = role("rule.points.accent", typed.accent());
        Optional<RoleKey> without = role("rule.points.without", typed.without());
        List<RoleKey> colours = colours("rule.points.colours", typed.colours());
        if (colours.isEmpty()) {
            reader.add(Problem.at("rule.points.colours", "places.role-missing"));
            return Optional.empty();
        }
        return kind.isPresent() && accent.isPresent() && without.isPresent()
                ? Optional.of(new PointRule(kind.get(), accent.get(), without.get(), colours))
                : Optional.empty();
    }

    private Optional<PlaceRule> colourSets(PlaceRuleForm.Sets typed) {
        Optional<BlockKey> kind = block("rule.sets.block", typed.block());
        List<ColourSetRule.ColourSet> sets = Typed.text(typed.colours()).lines()
                .filter(line -> !line.isBlank()).map(this::colourSet).toList();
        if (sets.isEmpty()) {
            reader.add(Problem.at(SET_COLOURS, "places.sets-missing"));
            return Optional.empty();
        }
        return kind.map(key -> new ColourSetRule(key, sets));
    }

    /** {@code 2: A=C, B=D}; without a number once. */
    private ColourSetRule.ColourSet colourSet(String line) {
        Matcher set = SET.matcher(line.strip());
        set.matches();
        int times = set.group(1) == null ? 1 : Math.max(1, Integer.parseInt(set.group(1)));
        Map<RoleKey, RoleKey> changes = new LinkedHashMap<>();
        for (String change : parts(set.group(2))) {
            String[] sides = change.split("=");
            if (sides.length != 2) {
                reader.add(Problem.at(SET_COLOURS, "places.set", change));
            } else {
                role(SET_COLOURS, sides[0]).ifPresent(from -> role(SET_COLOURS, sides[1]).ifPresent(to -> changes.put(from, to)));
            }
        }
        return new ColourSetRule.ColourSet(times, changes);
    }

    /** Row by row, each as long as the longest; a place without a block is told. */
    private Optional<PlaceRule> map(PlaceRuleForm.HandMap typed) {
        String text = requireNonNullElse(typed.rows(), "");
        if (text.length() > LONGEST_MAP) {
            reader.add(Problem.at(ROWS, "text.too-long", text.length(), LONGEST_MAP));
            return Optional.empty();
        }
        List<String[]> rows = text.strip().lines().map(row -> row.split("[,;]", -1)).toList();
        int columns = rows.stream().mapToInt(row -> row.length).max().orElse(0);
        int faults = reader.problems().size();
        List<PlaceRule.Step> steps = new ArrayList<>();
        for (int row = 0; row < rows.size() && reader.problems().size() == faults; row++) {
            for (int column = 0; column < columns && reader.problems().size() == faults; column++) {
                String name = column < rows.get(row).length ? rows.get(row)[column].strip() : "";
                if (name.isEmpty()) {
                    reader.add(Problem.at(ROWS, "places.map-hole", row + 1, column + 1));
                } else {
                    steps.addAll(steps(ROWS, List.of(name)));
                }
            }
        }
        Optional<MapRule.Fill> fill = reader.choice("rule.map.fill", typed.fill(), MapRule.Fill.class);
        if (rows.isEmpty() || columns > PlaceGrid.MOST_BLOCKS_ACROSS || rows.size() > PlaceGrid.MOST_BLOCKS_ACROSS) {
            reader.add(Problem.at(ROWS, "places.map-size", columns, rows.size(), PlaceGrid.MOST_BLOCKS_ACROSS));
        }
        return reader.problems().size() > faults ? Optional.empty() : fill.map(how -> new MapRule(columns, rows.size(), steps, how));
    }
}
