package retazo.app.opening;

import java.util.ArrayList;
import java.util.Currency;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import org.springframework.stereotype.Component;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricForm;
import retazo.app.fabrics.FabricService;
import retazo.app.fabrics.Motif;
import retazo.app.fabrics.NewFabric;
import retazo.app.practice.PriceListService;
import retazo.app.shared.FieldReader;
import retazo.app.shared.Outcome;
import retazo.app.shared.Paging;
import retazo.app.shared.Words;
import retazo.app.staff.Right;
import retazo.app.stock.Entry;
import retazo.core.cloth.ClothKind;
import retazo.core.cloth.Colour;
import retazo.core.cloth.PrintKind;
import retazo.core.measure.LengthUnit;
import retazo.core.measure.Problem;

/** Fabrics, a line each. */
@Component
class FabricList extends ListKind {

    private static final List<Column> COLUMNS = List.of(
            Column.needed("code", "GULL", "code", "fabric code"),
            Column.needed("name", "Gull grey", "name", "fabric name", "description"),
            Column.optional("origin.range", "Harbour", "range", "collection"),
            Column.optional("origin.supplier", "Quay Cloth", "supplier", "vendor"),
            Column.needed("groundColour", "grey", "colour", "color", "ground colour", "ground color"),
            Column.optional("printColour", "#e6dcc3", "print colour", "print color"),
            Column.optional("motif", "flecks", "motif", "print"),
            Column.optional("kind", "cotton", "kind", "cloth", "kind of cloth"),
            Column.optional("direction", "all-over", "direction"),
            Column.optional("repeat", "6 in", "repeat"),
            Column.optional("usableWidth", "42 in", "usable width", "width"),
            Column.optional("price", "12.90", "price", "sold for"),
            Column.optional("cost", "6.20", "cost"));
    private static final Map<String, Motif> MOTIFS = CellWords.words(Motif.values(), Motif::word);
    private static final Map<String, ClothKind> KINDS = CellWords.words(ClothKind.values(), FabricList::word);
    private static final Map<String, PrintKind> DIRECTIONS = CellWords.words(PrintKind.values(), FabricList::word);

    private static final String PALE_PRINT = "#e6dcc3";
    private static final String DEEP_PRINT = "#8b7f6a";
    private static final int PAGE = 500;

    private final FabricService fabrics;
    private final PriceListService priceList;
    private final Words words;

    FabricList(FabricService fabrics, PriceListService priceList, Words words) {
        super(Name.FABRICS, Right.FABRICS, COLUMNS);
        this.fabrics = fabrics;
        this.priceList = priceList;
        this.words = words;
    }

    private static String word(Enum<?> one) {
        return one.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    @Override
    Checked check(List<Row> rows) {
        LineReader lines = new LineReader();
        List<NewFabric> read = new ArrayList<>();
        Currency currency = priceList.usual().currency();
        Set<String> taken = fabrics.taken(rows.stream().map(row -> row.at("code").strip().toUpperCase(Locale.ROOT)).toList());
        LengthUnit unit = words.sellingUnit();
        for (Row row : rows) {
            FieldReader reader = lines.begin(row);
            lines.once(reader, row, "code", row.at("code"));
            Optional<NewFabric> fabric = form(row, reader).read(reader, currency, unit);
            fabric.filter(one -> taken.contains(one.code()))
                    .ifPresent(one -> reader.add(Problem.at("code", "fabric.code-taken", one.code())));
            if (lines.end(row, reader)) {
                read.add(fabric.orElseThrow());
            }
        }
        long ranges = read.stream().map(fabric -> fabric.origin().range()).filter(range -> !range.isEmpty()).distinct().count();
        return new Checked(lines.faults(), Map.of(), words.text("opening.sum.fabrics", read.size(), ranges), (entry, done) -> {
            fabrics.addAll(read);
            done.accept(read.size());
        });
    }

    /** What is not written is taken as it mostly is. */
    private static FabricForm form(Row row, FieldReader reader) {
        String ground = CellWords.colour(reader, "groundColour", row.at("groundColour"));
        String print = row.at("printColour").isBlank()
                ? printOn(ground, reader)
                : CellWords.colour(reader, "printColour", row.at("printColour"));
        Motif motif = or(reader, row, "motif", MOTIFS, Motif.FLECKS);
        ClothKind kind = or(reader, row, "kind", KINDS, ClothKind.COTTON);
        PrintKind direction = or(reader, row, "direction", DIRECTIONS, motif.print());
        return new FabricForm(
                row.at("code"), row.at("name"), ground, print, motif.name(), kind.name(), direction.name(), row.at("repeat"),
                row.at("usableWidth"), row.at("price"), row.at("cost"),
                new FabricForm.OriginForm(row.at("origin.range"), row.at("origin.supplier")));
    }

    private static String printOn(String ground, FieldReader reader) {
        return !reader.anyProblem() && Colour.parse(ground).isLight() ? DEEP_PRINT : PALE_PRINT;
    }

    private static <E> E or(FieldReader reader, Row row, String key, Map<String, E> known, E usual) {
        return row.at(key).isBlank() ? usual : CellWords.one(reader, key, row.at(key), known).orElse(usual);
    }

    @Override
    Outcome<Long> takeBack(List<Row> rows, Entry booked, Entry entry) {
        return fabrics.removeUnused(rows.stream().map(row -> row.at("code").strip().toUpperCase(Locale.ROOT)).toList());
    }

    @Override
    void save(Consumer<List<String>> line) {
        Paging.each(page -> fabrics.page("", page, PAGE), some -> some.forEach(fabric -> line.accept(line(fabric))));
    }

    private static List<String> line(Fabric fabric) {
        FabricForm form = FabricForm.of(fabric);
        Map<String, String> texts = form.texts();
        return COLUMNS.stream().map(column -> switch (column.key()) {
            case "code" -> fabric.code();
            case "motif" -> fabric.motif().word();
            case "kind" -> word(fabric.kind());
            case "direction" -> word(fabric.print());
            default -> texts.getOrDefault(column.key(), "");
        }).toList();
    }
}
