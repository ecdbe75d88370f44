package retazo.core.cases;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import retazo.core.block.BlockKey;
import retazo.core.block.shape.Turn;
import retazo.core.quilt.place.Arrangement;
import retazo.core.quilt.place.CycleRule;
import retazo.core.quilt.place.PlaceGrid;
import retazo.core.quilt.place.PlaceLine;
import retazo.core.quilt.place.PlaceRule;
import retazo.core.quilt.place.PositionRule;

/** Puts the cases of place rules to the core. */
final class PlaceAnswers {

    private PlaceAnswers() {
    }

    static Map<String, Object> of(CaseObject input) {
        PlaceGrid grid = PlaceGrid.straight(input.number("columns"), input.number("rows"));
        return switch (input.text("rule")) {
            case "corner-edge-interior" -> counts(
                    new PositionRule(key("corner"), key("edge"), key("interior"), PositionRule.Facing.OUT), grid,
                    List.of("corner", "edge", "interior"));
            case "checkerboard" -> counts(CycleRule.of(PlaceLine.DIAGONALS, List.of(key("A"), key("B"))), grid, List.of("A", "B"));
            case "row-cycle" -> cycle(PlaceLine.ROWS, input.number("kinds"), grid);
            case "column-cycle" -> cycle(PlaceLine.COLUMNS, input.number("kinds"), grid);
            case "diagonal-cycle" -> cycle(PlaceLine.DIAGONALS, input.number("kinds"), grid);
            case "quarter-turn" -> turns(CycleRule.quarterTurns(key("A")), grid);
            default -> throw new AssertionError("Nobody answers the rule '" + input.text("rule") + "'.");
        };
    }

    private static BlockKey key(String name) {
        return new BlockKey(name);
    }

    private static Map<String, Object> cycle(PlaceLine line, int kinds, PlaceGrid grid) {
        List<String> names = IntStream.range(0, kinds).mapToObj(Integer::toString).toList();
        return counts(CycleRule.of(line, names.stream().map(PlaceAnswers::key).toList()), grid, names);
    }

    private static Map<String, Object> counts(PlaceRule rule, PlaceGrid grid, List<String> names) {
        Map<BlockKey, Long> found = Arrangement.of(rule, grid, List.of()).countsByKind();
        Map<String, Object> counts = new LinkedHashMap<>();
        names.forEach(name -> counts.put(name, Long.toString(found.getOrDefault(key(name), 0L))));
        return Map.of("counts", counts);
    }

    private static Map<String, Object> turns(PlaceRule rule, PlaceGrid grid) {
        Map<Turn, Long> found = Arrangement.of(rule, grid, List.of()).countsByTurn();
        Map<String, Object> turns = new LinkedHashMap<>();
        for (Turn turn : Turn.values()) {
            turns.put(Integer.toString(turn.degrees()), Long.toString(found.getOrDefault(turn, 0L)));
        }
        return Map.of("turns", turns);
    }
}
