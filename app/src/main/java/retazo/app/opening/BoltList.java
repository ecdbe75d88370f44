package retazo.app.opening;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.app.shared.FieldReader;
import retazo.app.shared.Outcome;
import retazo.app.shared.Paging;
import retazo.app.shared.Words;
import retazo.app.staff.Right;
import retazo.app.stock.Bolt;
import retazo.app.stock.Entry;
import retazo.app.stock.NewBolt;
import retazo.app.stock.StockService;
import retazo.app.stock.bulk.BulkBook;
import retazo.app.stock.bulk.TypedBolt;
import retazo.core.measure.Length;
import retazo.core.measure.LengthParts;
import retazo.core.measure.LengthUnit;
import retazo.core.measure.Problem;

/** Bolts, a line each. A bolt without a number gets the next free one. */
@Component
class BoltList extends ListKind {

    private static final List<Column> COLUMNS = List.of(
            Column.needed("fabric", "GULL", "fabric", "fabric code", "fabric name"),
            Column.optional("code", "0417", "bolt", "number", "bolt number"),
            Column.needed("lot", "A7", "lot", "dye lot"),
            Column.optional("place", "bay 3, shelf B", "place", "location", "shelf"),
            Column.needed("length", "9 3/4", "length", "on hand", "yards", "metres", "meters"),
            Column.optional("usableWidth", "42 in", "usable width", "width"),
            Column.optional("measured", "no", "measured"));
    private static final int PAGE = 500;

    private final BulkBook bulk;
    private final StockService stock;
    private final FabricService fabrics;
    private final Words words;

    BoltList(BulkBook bulk, StockService stock, FabricService fabrics, Words words) {
        super(Name.BOLTS, Right.RECEIVE, COLUMNS);
        this.bulk = bulk;
        this.stock = stock;
        this.fabrics = fabrics;
        this.words = words;
    }

    @Override
    Checked check(List<Row> rows) {
        LineReader lines = new LineReader();
        List<NewBolt> read = new ArrayList<>();
        Map<String, Fabric> named = fabrics.named(rows.stream().map(row -> row.at("fabric")).collect(Collectors.toSet()));
        Map<Fabric, Length> widths = new HashMap<>();
        Set<String> codes = rows.stream().map(row -> row.at("code").strip()).filter(code -> !code.isEmpty()).collect(Collectors.toSet());
        Set<String> taken = bulk.taken(codes);
        Map<Integer, Map<String, String>> given = numbers(rows, codes);
        LengthUnit unit = words.sellingUnit();
        for (Row row : rows) {
            FieldReader reader = lines.begin(row);
            lines.once(reader, row, "code", row.at("code"));
            Fabric fabric = named.get(row.at("fabric"));
            if (fabric == null) {
                reader.add(row.at("fabric").isBlank() ? Problem.at("fabric", "text.missing") : Problem.at("fabric", "opening.fabric"));
            }
            if (taken.contains(row.at("code").strip())) {
                reader.add(Problem.at("code", "bolt.code-taken", row.at("code").strip()));
            }
            NewBolt bolt = typed(row, given, reader).read(
                    reader, fabric == null ? 0 : fabric.id(),
                    fabric == null ? Length.ZERO : widths.computeIfAbsent(fabric, fabrics::usableWidth), unit);
            if (lines.end(row, reader)) {
                read.add(bolt);
            }
        }
        return new Checked(lines.faults(), given, sum(read), (entry, done) -> bulk.receive(read, entry, done));
    }

    private static TypedBolt typed(Row row, Map<Integer, Map<String, String>> given, FieldReader reader) {
        return new TypedBolt(
                row.with(given.getOrDefault(row.line(), Map.of())).at("code"), row.at("lot"), row.at("place"), row.at("length"),
                row.at("usableWidth"), CellWords.yes(reader, "measured", row.at("measured")));
    }

    /** The next free numbers for bolts that have none, by their lines. */
    private Map<Integer, Map<String, String>> numbers(List<Row> rows, Set<String> codes) {
        Map<Integer, Map<String, String>> given = new HashMap<>();
        Set<String> gone = new HashSet<>(codes);
        int next = Integer.parseInt(stock.nextCode(""));
        for (Row row : rows) {
            if (row.at("code").isBlank()) {
                while (!gone.add("%04d".formatted(next))) {
                    next++;
                }
                given.put(row.line(), Map.of("code", "%04d".formatted(next)));
            }
        }
        return given;
    }

    private String sum(List<NewBolt> bolts) {
        Length all = bolts.stream().map(NewBolt::length).reduce(Length.ZERO, Length::plus);
        return words.text(
                "opening.sum.bolts", bolts.size(), bolts.stream().map(NewBolt::fabricId).distinct().count(),
                LengthParts.of(all, words.sellingUnit()).plainText(), bolts.stream().filter(bolt -> !bolt.measured()).count());
    }

    @Override
    Outcome<Long> takeBack(List<Row> rows, Entry booked, Entry entry) {
        return bulk.takeBack(booked.clientId(), entry);
    }

    @Override
    int labels(UUID entry, int lines) {
        return lines;
    }

    /** Bolts that have something, as their book says now. */
    @Override
    void save(Consumer<List<String>> line) {
        Paging.each(page -> fabrics.page("", page, PAGE), some -> {
            Map<Long, List<Bolt>> bolts = stock.boltsOf(some.map(Fabric::id).getContent()).stream()
                    .filter(bolt -> bolt.onHand().isPositive()).collect(Collectors.groupingBy(Bolt::fabricId));
            some.forEach(fabric -> bolts.getOrDefault(fabric.id(), List.of()).forEach(bolt -> line.accept(line(fabric, bolt))));
        });
    }

    private List<String> line(Fabric fabric, Bolt bolt) {
        return List.of(
                fabric.code(), bolt.code(), bolt.lot(), bolt.place(), LengthParts.exactText(bolt.onHand(), words.sellingUnit()),
                LengthParts.exactText(bolt.usableWidth(), LengthUnit.INCH), bolt.measuredAt().isPresent() ? "yes" : "no");
    }
}
