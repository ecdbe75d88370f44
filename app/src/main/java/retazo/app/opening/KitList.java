package retazo.app.opening;

import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import retazo.app.kits.index.KitIndex;
import retazo.app.kits.index.KitTitle;
import retazo.app.runs.FoundBags;
import retazo.app.shared.FieldReader;
import retazo.app.shared.Outcome;
import retazo.app.shared.Paging;
import retazo.app.shared.Words;
import retazo.app.staff.Right;
import retazo.app.stock.Entry;
import retazo.app.stock.KitShelf;
import retazo.core.measure.Problem;

/** Packed kits that stand on the shelf already, a line for each kit. Each bag gets its number, and a label to be stuck on it. */
@Component
class KitList extends ListKind {

    private static final List<Column> COLUMNS = List.of(
            Column.needed("kit", "Ferry Wake, Throw, Night lamp", "kit", "kit name"),
            Column.optional("number", "12", "number", "kit number"),
            Column.needed("bags", "3", "bags", "on the shelf", "count"));
    private static final int MOST = 500;
    private static final int PAGE = 500;

    private final KitIndex kits;
    private final FoundBags found;
    private final KitShelf shelf;
    private final Words words;

    KitList(KitIndex kits, FoundBags found, KitShelf shelf, Words words) {
        super(Name.KITS, Right.RECEIVE, COLUMNS);
        this.kits = kits;
        this.found = found;
        this.shelf = shelf;
        this.words = words;
    }

    @Override
    Checked check(List<Row> rows) {
        LineReader lines = new LineReader();
        SortedMap<Long, Integer> read = new TreeMap<>();
        Map<String, List<KitTitle>> named = kits.named(rows.stream().map(row -> name(row.at("kit"))).collect(Collectors.toSet())).stream()
                .collect(Collectors.groupingBy(title -> title.name().toLowerCase(Locale.ROOT)));
        for (Row row : rows) {
            FieldReader reader = lines.begin(row);
            int bags = reader.number("bags", row.at("bags"), 0, MOST);
            Optional<KitTitle> kit = kit(row, named.getOrDefault(name(row.at("kit")), List.of()), reader);
            kit.filter(one -> !reader.anyProblem()).ifPresent(one -> lines.once(reader, row, "kit", one.name() + ", " + one.id()));
            if (lines.end(row, reader) && bags > 0) {
                read.put(kit.orElseThrow().id(), bags);
            }
        }
        return new Checked(
                lines.faults(), Map.of(), words.text("opening.sum.kits", read.size(), read.values().stream().mapToInt(bags -> bags).sum()),
                (entry, done) -> book(read, entry));
    }

    /** As kits are called, however many blanks somebody wrote. */
    private static String name(String typed) {
        return typed.strip().toLowerCase(Locale.ROOT).replaceAll("\\s*,\\s*", ", ").replaceAll("\\s+", " ");
    }

    /** The kit that a line names; one of several of the same name by its number. */
    private static Optional<KitTitle> kit(Row row, Collection<KitTitle> named, FieldReader reader) {
        if (named.isEmpty()) {
            reader.add(row.at("kit").isBlank() ? Problem.at("kit", "text.missing") : Problem.at("kit", "opening.kit"));
            return Optional.empty();
        }
        String number = row.at("number").strip();
        List<KitTitle> meant = named.stream().filter(title -> number.isEmpty() || number.equals(String.valueOf(title.id()))).toList();
        if (meant.size() != 1) {
            String numbers = named.stream().map(title -> String.valueOf(title.id())).collect(Collectors.joining(", "));
            reader.add(Problem.at("number", meant.isEmpty() ? "opening.kit-number" : "opening.kits-alike", numbers));
            return Optional.empty();
        }
        return Optional.of(meant.get(0));
    }

    private void book(SortedMap<Long, Integer> bags, Entry entry) {
        if (!bags.isEmpty()) {
            found.add(bags, entry);
        }
    }

    @Override
    Outcome<Long> takeBack(List<Row> rows, Entry booked, Entry entry) {
        return found.takeBack(booked.clientId(), entry);
    }

    @Override
    int labels(UUID entry, int lines) {
        return found.count(entry);
    }

    @Override
    void save(Consumer<List<String>> line) {
        Paging.each(page -> kits.onShelf("", page, PAGE), some -> {
            Set<Long> ids = some.map(KitTitle::id).toSet();
            Map<Long, KitShelf.KitCount> counts = shelf.counts(ids);
            some.forEach(kit -> Optional.ofNullable(counts.get(kit.id())).filter(count -> count.onHand() > 0).ifPresent(
                    count -> line.accept(List.of(kit.name(), String.valueOf(kit.id()), String.valueOf(count.onHand())))));
        });
    }
}
