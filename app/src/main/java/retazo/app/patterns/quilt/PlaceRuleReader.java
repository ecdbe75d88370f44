package retazo.app.patterns.quilt;

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
import retazo.app.patterns.file.PlaceRuleKind;
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
import retazo.core.quilt.place.Line;
import retazo.core.quilt.place.MapRule;
import retazo.core.quilt.place.PlaceGrid;
import retazo.core.quilt.place.PlaceRule;
import retazo.core.quilt.place.PointRule;
import retazo.core.quilt.place.PositionRule;

/** Reads a typed place rule; each fault is told at its field. */
record PlaceRuleReader(QuiltForm form, List<BlockKind> blocks, Function<String, Optional<RoleKey>> roles, FieldReader reader) {

    private static final Pattern TURNED = Pattern.compile("(.*?)\\s*@\\s*(90|180|270)");
    private static final Pattern SET = Pattern.compile("(?:(\\d{1,2})\\s*:)?\\s*(.*)");
    private static final int LONGEST_MAP = 60_000;

    Optional<PlaceRule> read() {
        PlaceRuleKind kind = PlaceRuleKind.BY_CODE.getOrDefault(Typed.text(form.rule()), PlaceRuleKind.CYCLE);
        return switch (kind) {
            case CYCLE -> cycle();
            case BY_POSITION -> position();
            case GRADIENT -> gradient();
            case POINTS -> points();
            case COLOUR_SETS -> colourSets();
            case MAP -> map();
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

    private List<RoleKey> colours() {
        List<RoleKey> colours = new ArrayList<>();
        for (String letter : parts(form.colours())) {
            role("colours", letter).ifPresent(colours::add);
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

    private Optional<Line> line() {
        return reader.choice("line", form.line(), Line.class);
    }

    /** Kinds in turn; the last block everywhere where none is named. */
    private Optional<PlaceRule> cycle() {
        List<String> names = parts(form.kinds());
        if (names.isEmpty()) {
            return Optional.of(PlaceRule.uniform(blocks.get(blocks.size() - 1).key()));
        }
        List<PlaceRule.Step> steps = steps("kinds", names);
        return line().filter(line -> !steps.isEmpty()).map(line -> new CycleRule(line, steps));
    }

    private Optional<PlaceRule> position() {
        Optional<BlockKey> corner = block("corner", form.corner());
        Optional<BlockKey> edge = block("edge", form.edge());
        Optional<BlockKey> interior = block("interior", form.interior());
        Optional<PositionRule.Facing> facing = reader.choice("facing", form.facing(), PositionRule.Facing.class);
        return corner.isPresent() && edge.isPresent() && interior.isPresent()
                ? facing.map(side -> new PositionRule(corner.get(), edge.get(), interior.get(), side))
                : Optional.empty();
    }

    private Optional<PlaceRule> gradient() {
        Optional<BlockKey> main = block("corner", form.corner());
        Optional<BlockKey> between = Typed.text(form.edge()).isEmpty() ? Optional.empty() : block("edge", form.edge());
        List<RoleKey> colours = colours();
        if (colours.size() < 2) {
            reader.add(Problem.at("colours", "places.two-colours"));
            return Optional.empty();
        }
        return main.flatMap(kind -> line().map(line -> new GradientRule(line, kind, between, colours)));
    }

    private Optional<PlaceRule> points() {
        Optional<BlockKey> kind = block("corner", form.corner());
        Optional<RoleKey> accent = role("accent", form.accent());
        Optional<RoleKey> without = role("without", form.without());
        List<RoleKey> colours = colours();
        if (colours.isEmpty()) {
            reader.add(Problem.at("colours", "places.role-missing"));
            return Optional.empty();
        }
        return kind.isPresent() && accent.isPresent() && without.isPresent()
                ? Optional.of(new PointRule(kind.get(), accent.get(), without.get(), colours))
                : Optional.empty();
    }

    private Optional<PlaceRule> colourSets() {
        Optional<BlockKey> kind = block("corner", form.corner());
        List<ColourSetRule.ColourSet> sets = Typed.text(form.colours()).lines()
                .filter(line -> !line.isBlank()).map(this::colourSet).toList();
        if (sets.isEmpty()) {
            reader.add(Problem.at("colours", "places.sets-missing"));
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
                reader.add(Problem.at("colours", "places.set", change));
            } else {
                role("colours", sides[0]).ifPresent(from -> role("colours", sides[1]).ifPresent(to -> changes.put(from, to)));
            }
        }
        return new ColourSetRule.ColourSet(times, changes);
    }

    /** Row by row, each as long as the longest; a place without a block is told. */
    private Optional<PlaceRule> map() {
        String text = form.kinds() == null ? "" : form.kinds();
        if (text.length() > LONGEST_MAP) {
            reader.add(Problem.at("kinds", "text.too-long", text.length(), LONGEST_MAP));
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
                    reader.add(Problem.at("kinds", "places.map-hole", row + 1, column + 1));
                } else {
                    steps.addAll(steps("kinds", List.of(name)));
                }
            }
        }
        Optional<MapRule.Fill> fill = reader.choice("fill", form.fill(), MapRule.Fill.class);
        if (rows.isEmpty() || columns > PlaceGrid.MOST_BLOCKS_ACROSS || rows.size() > PlaceGrid.MOST_BLOCKS_ACROSS) {
            reader.add(Problem.at("kinds", "places.map-size", columns, rows.size(), PlaceGrid.MOST_BLOCKS_ACROSS));
        }
        return reader.problems().size() > faults ? Optional.empty() : fill.map(how -> new MapRule(columns, rows.size(), steps, how));
    }
}
