package retazo.app.opening;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.Currency;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import retazo.app.patterns.PatternService;
import retazo.app.practice.PriceListService;
import retazo.app.shared.FieldReader;
import retazo.app.shared.Outcome;
import retazo.app.shared.Paging;
import retazo.app.shared.Words;
import retazo.app.staff.Right;
import retazo.app.stock.Entry;
import retazo.app.stock.Reason;
import retazo.app.stock.bulk.BulkBook;
import retazo.app.stock.goods.BundlePrint;
import retazo.app.stock.goods.Good;
import retazo.app.stock.goods.GoodKind;
import retazo.app.stock.goods.GoodQuestion;
import retazo.app.stock.goods.GoodService;
import retazo.app.stock.goods.NewGood;
import retazo.app.stock.goods.NewGoodForm;
import retazo.app.stock.goods.PrintsText;
import retazo.core.cloth.PrecutKind;
import retazo.core.cloth.Prices;
import retazo.core.measure.Money;
import retazo.core.measure.Problem;

/** Packs and singles of precuts with their prints, notions, copies of patterns: a line each. What is there already gets more. */
@Component
class GoodList extends ListKind {

    private static final String COPY = "pattern-copy";
    private static final List<Column> COLUMNS = List.of(
            Column.optional("code", "ROLL-HARBOUR", "code", "item"),
            Column.needed("name", "Harbour strips", "name", "item name"),
            Column.needed("kind", "strip-roll", "kind", "what it is"),
            Column.optional("perUnit", "40", "in a pack", "pieces", "per pack"),
            Column.optional("colour", "teal", "colour", "color"),
            Column.optional("sheet", "17 1/2 x 20 1/2", "measured", "size"),
            Column.optional("prints", "Reed stripe, dark, 2; Gull dot, light", "prints"),
            Column.optional("price", "42.00", "price", "sold for"),
            Column.optional("cost", "21.00", "cost"),
            Column.needed("count", "6", "count", "on hand", "packs"));
    private static final String USUAL_COLOUR = "#4f7f86";
    private static final int MOST = 100_000;
    private static final int PAGE = 500;

    private final GoodService goods;
    private final PatternService patterns;
    private final BulkBook bulk;
    private final PriceListService priceList;
    private final Words words;

    GoodList(GoodService goods, PatternService patterns, BulkBook bulk, PriceListService priceList, Words words) {
        super(Name.GOODS, Right.FABRICS, COLUMNS);
        this.goods = goods;
        this.patterns = patterns;
        this.bulk = bulk;
        this.priceList = priceList;
        this.words = words;
    }

    /**
     * A line, read.
     *
     * @param known   what it is more of; empty for something new
     * @param good    what it is, where it is new and no copies
     * @param pattern of which it is copies
     */
    private record Line(
            Optional<Good> known, Optional<NewGood> good, Optional<Long> pattern, String name, List<BundlePrint> prints,
            Prices<Money> prices, int count) {
    }

    @Override
    Checked check(List<Row> rows) {
        LineReader lines = new LineReader();
        List<Line> read = new ArrayList<>();
        Currency currency = priceList.usual().currency();
        Map<String, String> kinds = kinds();
        Map<String, Good> known = goods.byCodes(rows.stream().map(row -> row.at("code").strip().toUpperCase(Locale.ROOT)).toList());
        Map<String, Long> ofPatterns = patterns.named(rows.stream().map(row -> row.at("name")).toList());
        for (Row row : rows) {
            FieldReader reader = lines.begin(row);
            lines.once(reader, row, "code", row.at("code"));
            Optional<String> kind = CellWords.one(reader, "kind", row.at("kind"), kinds);
            Optional<Line> line = kind.flatMap(one -> line(row, one, known, ofPatterns, currency, reader));
            if (lines.end(row, reader)) {
                read.add(line.orElseThrow());
            }
        }
        return new Checked(
                lines.faults(), Map.of(), words.text("opening.sum.goods", read.size(), read.stream().mapToLong(Line::count).sum()),
                (entry, done) -> book(read, entry));
    }

    /** The names of kinds by the words for them. */
    private static Map<String, String> kinds() {
        Map<String, String> kinds = new LinkedHashMap<>();
        NewGoodForm.precuts().forEach(kind -> kinds.put(kind.code(), kind.name()));
        for (GoodKind.Notion.Sort sort : GoodKind.Notion.Sort.values()) {
            kinds.put(sort.name().toLowerCase(Locale.ROOT), sort.name());
        }
        kinds.put(COPY, COPY);
        return kinds;
    }

    private Optional<Line> line(
            Row row, String kind, Map<String, Good> known, Map<String, Long> ofPatterns, Currency currency, FieldReader reader) {
        int count = reader.number("count", row.at("count"), 0, MOST);
        Prices<Money> prices = new Prices<>(
                reader.money("price", row.at("price"), currency), reader.money("cost", row.at("cost"), currency));
        if (kind.equals(COPY)) {
            Optional<Long> pattern = Optional.ofNullable(ofPatterns.get(row.at("name").strip().toLowerCase(Locale.ROOT)));
            if (pattern.isEmpty()) {
                reader.add(Problem.at("name", "opening.pattern"));
            }
            return Optional.of(new Line(Optional.empty(), Optional.empty(), pattern, row.at("name").strip(), List.of(), prices, count));
        }
        List<BundlePrint> prints = PrintsText.read("prints", row.at("prints").replace(";", "\n"), reader);
        String colour = row.at("colour").isBlank() ? USUAL_COLOUR : CellWords.colour(reader, "colour", row.at("colour"));
        Optional<NewGood> good = new NewGoodForm(row.at("code"), row.at("name"), kind, row.at("perUnit"), colour, row.at("sheet"))
                .read(reader);
        Optional<Good> there = good.map(NewGood::code).map(known::get);
        there.filter(one -> !one.name().equalsIgnoreCase(row.at("name").strip()))
                .ifPresent(one -> reader.add(Problem.at("code", "opening.other-good", one.code(), one.name())));
        return good.map(one -> new Line(there, good, Optional.empty(), one.name(), prints, prices, count));
    }

    private void book(List<Line> lines, Entry entry) {
        int step = 1;
        for (Line line : lines) {
            Good good = line.known().orElseGet(() -> line.pattern().map(pattern -> goods.copiesOf(pattern, line.name()))
                    .orElseGet(() -> goods.add(line.good().orElseThrow()).match(added -> added, problems -> {
                        throw new IllegalStateException("A code was taken while the list was booked: " + problems);
                    })));
            if (line.prices().price().isPresent() || line.prices().cost().isPresent()) {
                goods.price(good.id(), line.prices());
            }
            if (!line.prints().isEmpty()) {
                goods.print(good.id(), line.prints());
            }
            if (line.count() > 0) {
                goods.moveWith(good.id(), line.count(), Reason.RECEIVED, entry, step++);
            }
        }
    }

    @Override
    Outcome<Long> takeBack(List<Row> rows, Entry booked, Entry entry) {
        return bulk.takeBack(booked.clientId(), entry);
    }

    /** What a shop bought; what it cut itself comes from bolts. */
    @Override
    void save(Consumer<List<String>> line) {
        Paging.each(page -> goods.page("", page, PAGE), some -> {
            List<Long> ids = some.map(Good::id).getContent();
            Map<Long, GoodService.GoodCount> counts = goods.counts(ids);
            Map<Long, List<BundlePrint>> prints = goods.printsOf(ids);
            some.forEach(good -> kindOf(good).ifPresent(kind -> line.accept(
                    line(good, kind, requireNonNull(counts.get(good.id())), prints.getOrDefault(good.id(), List.of())))));
        });
    }

    private List<String> line(Good good, String kind, GoodService.GoodCount count, List<BundlePrint> prints) {
        boolean copy = kind.equals(COPY);
        return List.of(
                copy ? "" : good.code(), copy ? patterns.newestOf(good.copiesOf().orElseThrow()).name() : good.name(), kind,
                good.precut().isPresent() ? String.valueOf(good.perUnit()) : "", copy ? "" : good.colour().toString(),
                good.measured().map(NewGoodForm::sheet).orElse(""),
                PrintsText.write(prints).lines().collect(Collectors.joining("; ")),
                good.prices().price().map(Money::plainAmount).orElse(""), good.prices().cost().map(Money::plainAmount).orElse(""),
                String.valueOf(count.onHand()));
    }

    private static Optional<String> kindOf(Good good) {
        return good.kind().match(new GoodQuestion<Optional<String>>(Optional.empty()) {
            @Override
            public Optional<String> precut(GoodKind.Precut precut) {
                return Optional.of(precut.kind()).map(PrecutKind::code);
            }

            @Override
            public Optional<String> loose(GoodKind.Loose loose) {
                return Optional.of(loose.kind()).map(PrecutKind::code);
            }

            @Override
            public Optional<String> copies(GoodKind.PatternCopy copies) {
                return Optional.of(COPY);
            }

            @Override
            public Optional<String> notion(GoodKind.Notion notion) {
                return Optional.of(notion.sort().name().toLowerCase(Locale.ROOT));
            }
        });
    }
}
