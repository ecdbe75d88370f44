package retazo.app.runs.changes;

import static java.util.Objects.requireNonNull;

import java.time.Clock;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.app.runs.book.BagLineEntity;
import retazo.app.runs.book.BagLineRepository;
import retazo.app.runs.book.BagNumbers;
import retazo.app.shared.LengthView;
import retazo.app.shared.Moments;
import retazo.app.shared.Words;
import retazo.app.stock.Bolt;
import retazo.app.stock.StockService;
import retazo.core.measure.Length;
import retazo.core.measure.LengthUnit;

/** Says what became of runs: which bags have another bolt, and which wait for how much of what. */
@Component
@Transactional(readOnly = true)
public class ChangeWords {

    private final ChangeBook changes;
    private final BagLineRepository lines;
    private final StockService stock;
    private final FabricService fabrics;
    private final Words words;
    private final Clock clock;

    ChangeWords(
            ChangeBook changes, BagLineRepository lines, StockService stock, FabricService fabrics, Words words, Clock clock) {
        this.changes = changes;
        this.lines = lines;
        this.stock = stock;
        this.fabrics = fabrics;
        this.words = words;
        this.clock = clock;
    }

    /** All that the sentences of some changes name. */
    private record Named(
            Map<Long, BagLineEntity> lines, Map<Long, Bolt> bolts, Map<Long, Fabric> fabrics, Map<Long, Long> newest, Set<Long> replaced,
            LengthUnit unit) {

        /**
         * Whether a line is still as a change left it: nothing became of it since, no other fabric took its place, and its bag is neither
         * packed nor dropped.
         */
        boolean stands(RunChange change, RunChange.Line line) {
            return line(line).bag().isOpen() && !replaced.contains(line.bagLineId())
                    && newest.getOrDefault(line.bagLineId(), change.id()) == change.id();
        }

        BagLineEntity line(RunChange.Line line) {
            return requireNonNull(lines.get(line.bagLineId()));
        }

        String bolt(long id) {
            return requireNonNull(bolts.get(id)).code();
        }

        String fabric(long id) {
            return requireNonNull(fabrics.get(id)).name();
        }
    }

    /** The same changes in words, in their order. */
    public List<ChangeView> of(Collection<RunChange> some) {
        if (some.isEmpty()) {
            return List.of();
        }
        Named named = named(some);
        return some.stream().map(change -> new ChangeView(
                change.id(), change.runId(), change.planVersion(), Moments.near(change.at(), clock.instant()), after(change, named),
                became(change, named),
                change.lines().stream().anyMatch(line -> line.to().isEmpty() && named.stands(change, line)), change.seen())).toList();
    }

    private Named named(Collection<RunChange> some) {
        List<RunChange.Line> all = some.stream().flatMap(change -> change.lines().stream()).toList();
        Map<Long, BagLineEntity> byId = lines.withBags(all.stream().map(RunChange.Line::bagLineId).collect(Collectors.toSet())).stream()
                .collect(Collectors.toMap(BagLineEntity::id, Function.identity()));
        Set<Long> bolts = Stream.concat(
                all.stream().flatMap(line -> Stream.of(line.from(), line.to())), some.stream().map(change -> change.happened().boltId()))
                .flatMap(Optional::stream).collect(Collectors.toCollection(TreeSet::new));
        return new Named(
                byId, stock.boltsById(bolts),
                fabrics.byIds(byId.values().stream().map(BagLineEntity::fabricId).collect(Collectors.toSet())),
                changes.newest(byId.keySet()), byId.isEmpty() ? Set.of() : lines.replaced(byId.keySet()),
                words.sellingUnit());
    }

    private String after(RunChange change, Named named) {
        String bolt = change.happened().boltId().map(named::bolt).orElse("");
        return words.text("change.after." + change.happened().cause(), bolt, change.happened().byRun().map(String::valueOf).orElse(""));
    }

    private List<String> became(RunChange change, Named named) {
        List<String> sentences = new ArrayList<>();
        Map<List<Object>, List<RunChange.Line>> waiting = grouped(
                change.lines().stream().filter(line -> line.to().isEmpty()).toList(),
                line -> List.of(named.line(line).fabricId(), named.stands(change, line)));
        waiting.forEach((key, these) -> sentences.add(words.text(
                (boolean) key.get(1) ? "change.waits" : "change.waited", bags(these, named).count(), bags(these, named).toString(),
                LengthView.of(sum(these, named), named.unit()).plain(), named.fabric((long) key.get(0)))));
        Map<List<Object>, List<RunChange.Line>> moved = grouped(
                change.lines().stream().filter(line -> line.to().isPresent()).toList(),
                line -> List.of(
                        named.line(line).fabricId(), line.from().orElse(0L), line.to().orElseThrow(), named.stands(change, line)));
        moved.forEach((key, these) -> sentences.add(moved(these, key, named)));
        if (change.openBags() > 0) {
            sentences.add(words.text("change.open", change.openBags()));
        }
        return sentences;
    }

    private String moved(List<RunChange.Line> these, List<Object> key, Named named) {
        boolean found = (long) key.get(1) == 0;
        String sentence = (boolean) key.get(3)
                ? found ? "change.found" : "change.moved"
                : found ? "change.found-then" : "change.moved-then";
        return words.text(
                sentence, bags(these, named).count(), bags(these, named).toString(), named.bolt((long) key.get(2)),
                named.fabric((long) key.get(0)), found ? "" : named.bolt((long) key.get(1)));
    }

    private static Map<List<Object>, List<RunChange.Line>> grouped(
            List<RunChange.Line> lines, Function<RunChange.Line, List<Object>> key) {
        return lines.stream().collect(Collectors.groupingBy(key, LinkedHashMap::new, Collectors.toList()));
    }

    private static BagNumbers bags(List<RunChange.Line> lines, Named named) {
        return new BagNumbers(lines.stream().map(line -> named.line(line).bag().number()).sorted().toList());
    }

    private static Length sum(List<RunChange.Line> lines, Named named) {
        return lines.stream().map(line -> named.line(line).length()).reduce(Length.ZERO, Length::plus);
    }

    /** What of a run was planned onto a bolt, or away from it, and nobody read yet: for whoever stands before the bolt. */
    public List<String> unreadOn(long runId, long boltId) {
        List<RunChange> unread = changes.of(runId).stream()
                .filter(change -> !change.seen() && change.lines().stream().anyMatch(line -> touches(line, boltId))).toList();
        return of(unread).stream().map(view -> words.text("change.told", view.after(), String.join("; ", view.became()))).toList();
    }

    private static boolean touches(RunChange.Line line, long boltId) {
        return line.from().equals(Optional.of(boltId)) || line.to().equals(Optional.of(boltId));
    }
}
