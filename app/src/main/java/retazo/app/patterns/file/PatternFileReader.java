package retazo.app.patterns.file;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import retazo.app.shared.Outcome;
import retazo.core.block.shape.FinishedSize;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.cloth.PrecutKind;
import retazo.core.cloth.Role;
import retazo.core.cloth.RoleKey;
import retazo.core.cloth.RoleWish;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;
import retazo.core.quilt.design.DesignCheck;
import retazo.core.quilt.design.Drawing;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.piece.CutCount;
import retazo.core.quilt.piece.CutForm;
import retazo.core.quilt.piece.CutList;
import retazo.core.quilt.piece.PrecutSource;
import retazo.core.quilt.place.PlaceChangeText;
import retazo.core.quilt.place.PlaceGrid;
import retazo.core.quilt.setting.Use;
import retazo.core.quilt.size.PrintedAmount;
import retazo.core.quilt.size.PrintedText;
import retazo.core.quilt.size.QuiltSize;
import retazo.core.quilt.size.SizeKey;
import retazo.core.quilt.size.SizeTable;
import retazo.core.quilt.size.Way;
import tools.jackson.databind.JsonNode;

/** Reads a pattern from its file: all of it, or nothing and every fault by its path. */
public final class PatternFileReader {

    /** The format that is written. */
    static final int FORMAT = 2;

    private static final int LONGEST_ROLE_NAME = 40;
    private static final int LONGEST_SIZE_NAME = 30;
    private static final int LONGEST_LABEL = 40;
    private static final int LONGEST_NOTE = 200;
    private static final int LONGEST_CHANGES = 8_000;

    private final List<Problem> problems = new ArrayList<>();

    private PatternFileReader() {
    }

    public static Outcome<PatternContent> read(JsonNode root) {
        PatternFileReader reader = new PatternFileReader();
        JsonFields file = JsonFields.of(FirstFormat.upgraded(root), reader.problems);
        Optional<PatternContent> content = reader.content(file);
        file.nothingElse();
        return content.filter(found -> reader.problems.isEmpty()).map(Outcome::done).orElseGet(() -> Outcome.refused(reader.problems));
    }

    static <E extends Enum<E>> Map<String, E> choices(E[] values) {
        Map<String, E> choices = new LinkedHashMap<>();
        for (E value : values) {
            choices.put(PatternFileWriter.code(value), value);
        }
        return choices;
    }

    private Optional<PatternContent> content(JsonFields file) {
        file.number("format", FORMAT, FORMAT);
        String name = file.text("name", PatternContent.LONGEST_NAME);
        PatternAbout about = new PatternAbout(
                file.optionalText("designer", PatternAbout.LONGEST_DESIGNER),
                file.texts("tools", PatternAbout.MOST_TOOLS, PatternAbout.LONGEST_TOOL),
                file.optionalText("notes", PatternAbout.LONGEST_NOTES));
        Way plannedFrom = file.choice("plannedFrom", choices(Way.values()));
        List<Role> roles = flat(file.objects("roles", QuiltDesign.MOST_ROLES, this::role));
        List<QuiltSize> sizes = flat(file.objects("sizes", QuiltDesign.MOST_SIZES, this::size));
        Map<PracticeMeasure, Length> overrides = overrides(file);
        Optional<SizeTable> table = file.object("sizeTable", this::table);
        Optional<CutList> list = file.object("cutList", this::cutList);
        Optional<Drawing> drawing = file.object("drawing", fields -> new DrawingFileReader(problems).drawing(fields)).flatMap(read -> read);
        if (!problems.isEmpty()) {
            return Optional.empty();
        }
        problems.addAll(new DesignCheck(roles, sizes, table, list, drawing, plannedFrom, overrides).problems());
        return problems.isEmpty()
                ? Optional.of(new PatternContent(
                        name, about, new QuiltDesign(roles, sizes, table, list, drawing, plannedFrom, overrides)))
                : Optional.empty();
    }

    private static <T> List<T> flat(List<Optional<T>> found) {
        return found.stream().flatMap(Optional::stream).toList();
    }

    private Optional<Role> role(JsonFields fields) {
        Optional<RoleKey> key = fields.key("key", RoleKey::new);
        String letter = fields.text("letter", 1);
        String name = fields.text("name", LONGEST_ROLE_NAME);
        List<RoleWish> wishes = flat(fields.objects("wishes", 12, this::wish));
        return key.map(found -> new Role(found, letter, name, wishes));
    }

    private Optional<RoleWish> wish(JsonFields fields) {
        RoleWish.Kind kind = fields.choice("kind", choices(RoleWish.Kind.values()));
        if (kind != RoleWish.Kind.CONTRAST) {
            return Optional.of(RoleWish.of(kind));
        }
        return fields.key("role", RoleKey::new).map(other -> new RoleWish(kind, Optional.of(other)));
    }

    private Optional<QuiltSize> size(JsonFields fields) {
        Optional<SizeKey> key = fields.key("key", SizeKey::new);
        String name = fields.text("name", LONGEST_SIZE_NAME);
        Optional<FinishedSize> printed = fields.object("printed", this::finished).flatMap(read -> read);
        if (!fields.has("columns") && !fields.has("rows")) {
            return key.map(found -> new QuiltSize.Printed(found, name, printed));
        }
        int columns = fields.number("columns", 1, PlaceGrid.MOST_BLOCKS_ACROSS);
        int rows = fields.number("rows", 1, PlaceGrid.MOST_BLOCKS_ACROSS);
        List<Length> borders = fields.lengths("borders", 12);
        Optional<Length> sash = fields.optionalLength("sash");
        Optional<Length> block = fields.optionalLength("block");
        PlaceChangeText.Changes changes = PlaceChangeText.read(fields.optionalText("changes", LONGEST_CHANGES));
        changes.unread().stream().limit(1).forEach(text -> fields.add(fields.path("changes"), "changes.unread", text));
        QuiltSize.Overrides overrides = new QuiltSize.Overrides(sash, block, changes.changes());
        return key.map(found -> new QuiltSize.Grid(found, name, columns, rows, borders, printed, overrides));
    }

    private Optional<FinishedSize> finished(JsonFields fields) {
        return finished(fields, fields.length("width"), fields.length("height"));
    }

    static Optional<FinishedSize> finished(JsonFields fields, Length width, Length height) {
        if (width.isPositive() && height.isPositive()) {
            return Optional.of(new FinishedSize(width, height));
        }
        fields.add(fields.path(), "file.size-of-nothing");
        return Optional.empty();
    }

    private Map<PracticeMeasure, Length> overrides(JsonFields file) {
        Map<String, PracticeMeasure> byKey = new HashMap<>();
        Stream.of(PracticeMeasure.values()).forEach(measure -> byKey.put(measure.key(), measure));
        Map<PracticeMeasure, Length> overrides = new EnumMap<>(PracticeMeasure.class);
        file.object("practice", fields -> {
            byKey.forEach((key, measure) -> fields.optionalLength(key).ifPresent(value -> overrides.put(measure, value)));
            return overrides;
        });
        return overrides;
    }

    private Use use(JsonFields fields) {
        if (!fields.has("use")) {
            return Use.BLOCKS;
        }
        Use.Place place = fields.choice("use", choices(Use.Place.values()));
        return new Use(place, place == Use.Place.BORDER ? fields.optionalNumber("border", 1, 12, 1) : 0);
    }

    private static <V> Map<SizeKey, V> bySize(Map<String, V> values) {
        Map<SizeKey, V> bySize = new LinkedHashMap<>();
        values.forEach((key, value) -> {
            if (key.matches("[A-Za-z0-9-]{1,20}")) {
                bySize.put(new SizeKey(key), value);
            }
        });
        return bySize;
    }

    private SizeTable table(JsonFields fields) {
        return new SizeTable(flat(fields.objects("rows", SizeTable.MOST_ROWS, row -> {
            Optional<RoleKey> role = row.key("role", RoleKey::new);
            Use use = use(row);
            Map<SizeKey, List<PrintedAmount>> cells = new LinkedHashMap<>();
            bySize(row.textByKey("cells", 120)).forEach((key, text) -> PrintedText.read(text).match(
                    amounts -> amounts.isEmpty() ? null : cells.put(key, amounts),
                    problem -> problems.add(problem.movedTo(row.path("cells") + "." + key))));
            return role.map(key -> new SizeTable.Row(key, use, cells));
        })));
    }

    private CutList cutList(JsonFields fields) {
        List<CutList.Place> places = fields.objects("places", CutList.MOST_PLACES, place -> new CutList.Place(
                place.text("label", LONGEST_LABEL), bySize(place.numberByKey("blocks", CutCount.MOST))));
        List<CutList.Line> lines = flat(fields.objects("lines", CutList.MOST_LINES, this::line));
        Optional<RoleKey> binding = fields.has("binding") ? fields.key("binding", RoleKey::new) : Optional.empty();
        Optional<RoleKey> backing = fields.has("backing") ? fields.key("backing", RoleKey::new) : Optional.empty();
        return new CutList(places, lines, binding, backing);
    }

    private Optional<CutList.Line> line(JsonFields fields) {
        Optional<RoleKey> role = fields.key("role", RoleKey::new);
        Use use = use(fields);
        String piece = fields.text("piece", 100);
        Optional<CutForm> form = CutForm.read(piece);
        if (form.isEmpty()) {
            fields.add(fields.path("piece"), "cutList.piece", piece);
        }
        CutCount count;
        if (fields.has("counts")) {
            count = new CutCount.PerSize(bySize(fields.numberByKey("counts", CutCount.MOST)));
        } else {
            int each = fields.number("each", 0, CutCount.MOST);
            String place = fields.optionalText("place", LONGEST_LABEL);
            count = place.isEmpty() ? new CutCount.PerQuilt(each) : new CutCount.PerBlock(place, each);
        }
        Map<String, PrecutKind> kinds = new LinkedHashMap<>();
        PrecutKind.customary().stream().forEach(kind -> kinds.put(kind.code(), kind));
        Optional<PrecutSource> precut = fields.object("precut", source -> new PrecutSource(
                source.choice("kind", kinds), source.number("perSheet", 1, PrecutSource.MOST_PER_SHEET)));
        String note = fields.optionalText("note", LONGEST_NOTE);
        return role.flatMap(key -> form.map(cut -> new CutList.Line(key, use, cut, count, precut, note)));
    }
}
