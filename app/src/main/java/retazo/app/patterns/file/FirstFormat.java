package retazo.app.patterns.file;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Turns a pattern of the first format, one block on a grid, into one of the second. Versions are never rewritten, so it stays. */
final class FirstFormat {

    private static final String BLOCK_KEY = "block";

    private FirstFormat() {
    }

    static JsonNode upgraded(JsonNode root) {
        boolean first = root.isObject() && root.path("format").isInt() && root.path("format").asInt() == 1
                && root.path("drawing").path("block").isObject();
        return first ? upgraded((ObjectNode) root) : root;
    }

    private static ObjectNode upgraded(ObjectNode old) {
        JsonNodeFactory nodes = JsonNodeFactory.instance;
        ObjectNode file = nodes.objectNode();
        file.put("format", PatternFileReader.FORMAT);
        file.put("name", old.path("name").asString("pattern"));
        file.put("plannedFrom", "drawing");
        file.set("roles", old.path("roles").deepCopy());
        ArrayNode sizes = file.putArray("sizes");
        for (JsonNode size : old.path("sizes")) {
            ObjectNode copy = sizes.addObject();
            for (String field : new String[] {"key", "name", "columns", "rows"}) {
                copy.set(field, size.path(field).deepCopy());
            }
            copy.set("borders", size.path("borderWidths").deepCopy());
        }
        ObjectNode drawing = file.putObject("drawing");
        ObjectNode block = drawing.putArray("blocks").addObject();
        block.put("key", BLOCK_KEY).put("name", "block");
        block.set("columns", old.path("drawing").path("block").path("columnWidths").deepCopy());
        block.set("rows", old.path("drawing").path("block").path("rowHeights").deepCopy());
        ArrayNode cells = block.putArray("cells");
        old.path("drawing").path("block").path("cells").forEach(cell -> cells.add(cell(cell, nodes)));
        drawing.putObject("places").put("cycle", "diagonals").putArray("kinds").add(BLOCK_KEY);
        drawing.put("setting", "straight");
        ArrayNode borders = drawing.putArray("borders");
        old.path("drawing").path("borders")
                .forEach(border -> borders.addObject().put("role", border.path("role").asString()).put("corners", "butted"));
        for (String finish : new String[] {"binding", "backing"}) {
            drawing.set(finish, old.path("drawing").path(finish).deepCopy());
        }
        return file;
    }

    private static ObjectNode cell(JsonNode old, JsonNodeFactory nodes) {
        ObjectNode cell = nodes.objectNode();
        for (String field : new String[] {"column", "row", "columnSpan", "rowSpan", "turn"}) {
            cell.set(field, old.path(field).deepCopy());
        }
        cell.put("unit", old.path("unit").asString());
        ArrayNode parts = cell.putArray("parts");
        old.path("roles").forEach(role -> parts.addObject().put("role", role.asString()));
        return cell;
    }
}
