package retazo.app.patterns.file;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import retazo.core.block.BlockKey;
import retazo.core.block.shape.Turn;
import retazo.core.cloth.RoleKey;
import retazo.core.measure.Length;
import retazo.core.quilt.design.Composition;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.finish.BindingCut;
import retazo.core.quilt.finish.BorderCorners;
import retazo.core.quilt.finish.BorderDesign;
import retazo.core.quilt.finish.Finishing;
import retazo.core.quilt.finish.Flange;
import retazo.core.quilt.finish.PiecedOf;
import retazo.core.quilt.place.ColourSetRule;
import retazo.core.quilt.place.CycleRule;
import retazo.core.quilt.place.GradientRule;
import retazo.core.quilt.place.MapRule;
import retazo.core.quilt.place.PlaceGrid;
import retazo.core.quilt.place.PlaceLine;
import retazo.core.quilt.place.PlaceRule;
import retazo.core.quilt.place.PointRule;
import retazo.core.quilt.place.PositionRule;
import retazo.core.quilt.setting.Edges;
import retazo.core.quilt.setting.Grain;
import retazo.core.quilt.setting.Sashing;
import retazo.core.quilt.setting.Setting;

/** Reads from a pattern file where blocks stand, how they are laid out and what lies around them. */
final class CompositionFileReader {

    private static final int MOST_MAP = PlaceGrid.MOST_BLOCKS_ACROSS * PlaceGrid.MOST_BLOCKS_ACROSS;
    private static final String CYCLE = "cycle";

    private CompositionFileReader() {
    }

    /** Empty with a problem where the places cannot be read. */
    static Optional<Composition> read(JsonFields fields) {
        Optional<PlaceRule> places = fields.object("places", CompositionFileReader::places).flatMap(read -> read);
        if (!fields.has("places")) {
            fields.add(fields.path("places"), "file.missing");
        }
        Optional<Sashing> sashing = fields.object("sashing", CompositionFileReader::sashing).flatMap(read -> read);
        boolean onPoint = fields.choice("setting", Map.of("straight", false, "on-point", true));
        Optional<Edges> edges = fields.object("edges", CompositionFileReader::edges).flatMap(read -> read);
        if (onPoint != edges.isPresent()) {
            fields.add(fields.path("edges"), onPoint ? "file.missing" : "file.edges-straight");
        }
        Setting setting = edges.<Setting>map(filled -> new Setting.OnPoint(filled, sashing)).orElseGet(() -> new Setting.Straight(sashing));
        Finishing finishing = finishing(fields);
        return places.map(rule -> new Composition(rule, setting, finishing));
    }

    private static Optional<PlaceRule> places(JsonFields fields) {
        String rule = fields.has("rule") ? fields.choice("rule", PlaceRuleKind.BY_CODE).code() : CYCLE;
        return switch (PlaceRuleKind.BY_CODE.get(rule)) {
            case CYCLE -> cycle(fields);
            case BY_POSITION -> position(fields);
            case GRADIENT -> gradient(fields);
            case POINTS -> points(fields);
            case COLOUR_SETS -> colourSets(fields);
            case MAP -> map(fields);
        };
    }

    private static Optional<PlaceRule> cycle(JsonFields fields) {
        PlaceLine line = fields.choice(CYCLE, PatternFileReader.choices(PlaceLine.values()));
        List<PlaceRule.Step> steps = steps(fields, PlaceRule.MOST_PARTS);
        return steps.isEmpty() ? missing(fields, "kinds") : Optional.of(new CycleRule(line, steps));
    }

    private static <T> Optional<T> missing(JsonFields fields, String name) {
        fields.add(fields.path(name), "file.missing");
        return Optional.empty();
    }

    /** Kinds with their turns; where no turns are given, none is turned. */
    private static List<PlaceRule.Step> steps(JsonFields fields, int most) {
        List<BlockKey> kinds = fields.keys("kinds", most, BlockKey::new);
        List<Integer> turns = fields.numbers("turns", most, 0, 270);
        if (fields.has("turns") && turns.size() != kinds.size() || turns.stream().anyMatch(turn -> turn % 90 != 0)) {
            fields.add(fields.path("turns"), "file.turns", kinds.size());
            return List.of();
        }
        return IntStream.range(0, kinds.size())
                .mapToObj(i -> new PlaceRule.Step(kinds.get(i), turns.isEmpty() ? Turn.NONE : Turn.values()[turns.get(i) / 90]))
                .toList();
    }

    private static Optional<PlaceRule> position(JsonFields fields) {
        Optional<BlockKey> corner = fields.key("corner", BlockKey::new);
        Optional<BlockKey> edge = fields.key("edge", BlockKey::new);
        Optional<BlockKey> interior = fields.key("interior", BlockKey::new);
        PositionRule.Facing facing = fields.choice("facing", PatternFileReader.choices(PositionRule.Facing.values()));
        return corner.isPresent() && edge.isPresent() && interior.isPresent()
                ? Optional.of(new PositionRule(corner.get(), edge.get(), interior.get(), facing))
                : Optional.empty();
    }

    private static Optional<PlaceRule> gradient(JsonFields fields) {
        PlaceLine line = fields.choice("line", PatternFileReader.choices(PlaceLine.values()));
        Optional<BlockKey> main = fields.key("main", BlockKey::new);
        Optional<BlockKey> between = fields.has("between") ? fields.key("between", BlockKey::new) : Optional.empty();
        List<RoleKey> colours = fields.keys("colours", PlaceRule.MOST_PARTS, RoleKey::new);
        return colours.size() < 2 ? missing(fields, "colours") : main.map(kind -> new GradientRule(line, kind, between, colours));
    }

    private static Optional<PlaceRule> points(JsonFields fields) {
        Optional<BlockKey> kind = fields.key("block", BlockKey::new);
        Optional<RoleKey> accent = fields.key("accent", RoleKey::new);
        Optional<RoleKey> without = fields.key("without", RoleKey::new);
        List<RoleKey> colours = fields.keys("colours", PlaceRule.MOST_PARTS, RoleKey::new);
        if (colours.isEmpty()) {
            return missing(fields, "colours");
        }
        return kind.isPresent() && accent.isPresent() && without.isPresent()
                ? Optional.of(new PointRule(kind.get(), accent.get(), without.get(), colours))
                : Optional.empty();
    }

    private static Optional<PlaceRule> colourSets(JsonFields fields) {
        Optional<BlockKey> kind = fields.key("block", BlockKey::new);
        List<ColourSetRule.ColourSet> sets = fields.objects("sets", PlaceRule.MOST_PARTS, set -> {
            int times = set.optionalNumber("times", 1, 100, 1);
            Map<RoleKey, RoleKey> changes = new LinkedHashMap<>();
            set.objects("changes", QuiltDesign.MOST_ROLES, change -> {
                Optional<RoleKey> from = change.key("role", RoleKey::new);
                Optional<RoleKey> to = change.key("becomes", RoleKey::new);
                from.ifPresent(role -> to.ifPresent(other -> changes.put(role, other)));
                return change;
            });
            return new ColourSetRule.ColourSet(times, changes);
        });
        return sets.isEmpty() ? missing(fields, "sets") : kind.map(block -> new ColourSetRule(block, sets));
    }

    private static Optional<PlaceRule> map(JsonFields fields) {
        int columns = fields.number("columns", 1, PlaceGrid.MOST_BLOCKS_ACROSS);
        int rows = fields.number("rows", 1, PlaceGrid.MOST_BLOCKS_ACROSS);
        MapRule.Fill fill = fields.choice("fill", PatternFileReader.choices(MapRule.Fill.values()));
        List<PlaceRule.Step> steps = steps(fields, MOST_MAP);
        if (steps.size() != columns * rows) {
            fields.add(fields.path("kinds"), "file.map", columns * rows, steps.size());
            return Optional.empty();
        }
        return Optional.of(new MapRule(columns, rows, steps, fill));
    }

    private static Optional<Sashing> sashing(JsonFields fields) {
        Optional<RoleKey> role = fields.key("role", RoleKey::new);
        Length width = fields.length("width");
        boolean framed = fields.flag("framed");
        Optional<RoleKey> cornerstones = fields.has("cornerstones") ? fields.key("cornerstones", RoleKey::new) : Optional.empty();
        return role.map(sash -> new Sashing(sash, width, framed, cornerstones));
    }

    private static Optional<Edges> edges(JsonFields fields) {
        boolean triangles = fields.choice("kind", Map.of("triangles", true, "blocks", false));
        if (!triangles) {
            return Optional.of(new Edges.CutBlocks(fields.choice("cut", PatternFileReader.choices(Edges.CutBlocks.Cut.values()))));
        }
        Optional<RoleKey> sides = fields.key("sides", RoleKey::new);
        Optional<RoleKey> corners = fields.key("corners", RoleKey::new);
        return sides.flatMap(side -> corners.map(corner -> new Edges.Triangles(side, corner)));
    }

    private static Finishing finishing(JsonFields fields) {
        List<BorderDesign> borders = fields.objects("borders", 12, CompositionFileReader::border).stream().flatMap(Optional::stream)
                .toList();
        Optional<Flange> flange = fields.object("flange", strip -> {
            Optional<RoleKey> role = strip.key("role", RoleKey::new);
            Length width = strip.length("width");
            return role.map(key -> new Flange(key, width));
        }).flatMap(read -> read);
        Optional<RoleKey> binding = fields.has("binding") ? fields.key("binding", RoleKey::new) : Optional.empty();
        BindingCut cut = fields.has("bindingCut")
                ? fields.choice("bindingCut", PatternFileReader.choices(BindingCut.values()))
                : BindingCut.STRAIGHT;
        Optional<RoleKey> backing = fields.has("backing") ? fields.key("backing", RoleKey::new) : Optional.empty();
        return new Finishing(borders, flange, binding, cut, backing);
    }

    private static Optional<BorderDesign> border(JsonFields fields) {
        Optional<RoleKey> role = fields.key("role", RoleKey::new);
        BorderCorners corners = fields.choice("corners", PatternFileReader.choices(BorderCorners.values()));
        Optional<RoleKey> cornerstones = fields.has("cornerstones") ? fields.key("cornerstones", RoleKey::new) : Optional.empty();
        Grain grain = fields.has("grain") ? fields.choice("grain", PatternFileReader.choices(Grain.values())) : Grain.SHORTER;
        Optional<BlockKey> block = fields.has("piecedOf") ? fields.key("piecedOf", BlockKey::new) : Optional.empty();
        Optional<BlockKey> corner = fields.has("cornerBlock") ? fields.key("cornerBlock", BlockKey::new) : Optional.empty();
        return role.map(key -> new BorderDesign(key, corners, cornerstones, grain, block.map(one -> new PiecedOf(one, corner))));
    }
}
