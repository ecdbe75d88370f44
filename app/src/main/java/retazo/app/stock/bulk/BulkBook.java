package retazo.app.stock.bulk;

import java.time.Clock;
import java.time.Instant;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.IntConsumer;
import java.util.stream.Collectors;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.shared.Outcome;
import retazo.app.shared.Parts;
import retazo.app.stock.ClothCame;
import retazo.app.stock.Entries;
import retazo.app.stock.Entry;
import retazo.app.stock.MovementBook;
import retazo.app.stock.NewBolt;
import retazo.app.stock.StockItemRepository;
import retazo.app.stock.StockService;
import retazo.core.measure.Problem;
import tools.jackson.databind.json.JsonMapper;

/** Books many bolts as one entry, and takes such an entry back whole. */
@Component
public class BulkBook {

    private static final JsonMapper JSON = new JsonMapper();

    private final BulkRepository bulk;
    private final StockItemRepository items;
    private final StockService stock;
    private final Entries entries;
    private final MovementBook book;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    BulkBook(
            BulkRepository bulk, StockItemRepository items, StockService stock, Entries entries, MovementBook book,
            ApplicationEventPublisher events, Clock clock) {
        this.bulk = bulk;
        this.stock = stock;
        this.entries = entries;
        this.book = book;
        this.events = events;
        this.items = items;
        this.clock = clock;
    }

    /** Those of these numbers that something in stock has already. */
    @Transactional(readOnly = true)
    public Set<String> taken(Collection<String> codes) {
        Set<String> taken = new HashSet<>();
        Parts.of(List.copyOf(codes), part -> taken.addAll(bulk.taken(String.join("\n", part))));
        return taken;
    }

    /** The ids of bolts by their numbers. */
    @Transactional(readOnly = true)
    public Map<String, Long> idsOf(Collection<String> codes) {
        return bulk.idsOf(String.join("\n", codes)).stream()
                .collect(Collectors.toMap(BulkRepository.OfCode::getCode, BulkRepository.OfCode::getId));
    }

    /**
     * Receives bolts whose numbers are free, in the transaction of whoever asks.
     *
     * @param done told how many lines are booked, now and then
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public void receive(List<NewBolt> bolts, Entry entry, IntConsumer done) {
        Instant now = clock.instant();
        int[] booked = {0};
        Parts.of(bolts, part -> {
            bulk.receive(JSON.writeValueAsString(part.stream().map(BulkBook::row).toList()), entry.personId(), entry.clientId(), now);
            booked[0] += part.size();
            done.accept(booked[0]);
        });
        stock.boltsById(bulk.oneOfEachFabric(entry.clientId())).values().stream()
                .map(bolt -> new ClothCame(bolt.id(), bolt.fabricId())).forEach(events::publishEvent);
    }

    private static Map<String, Object> row(NewBolt bolt) {
        return Map.of(
                "code", bolt.code(), "fabric", bolt.fabricId(), "lot", bolt.lot(), "place", bolt.place(), "width",
                bolt.usableWidth().ticks(), "measured", bolt.measured(), "length", bolt.length().ticks());
    }

    /**
     * Takes back all lines of an entry, whole or not at all: refused, naming the first, where something newer was booked on a thing or it
     * is promised. The numbers of its bolts are free again.
     *
     * @param wrong the id of the entry
     * @return how many things it touched
     */
    @Transactional
    public Outcome<Long> takeBack(UUID wrong, Entry entry) {
        return entries.once(entry, "take back all of " + wrong, within -> {
            List<Long> items = bulk.lockOf(wrong);
            return bulk.firstInUse(wrong).map(code -> Outcome.<Long>refused(Problem.of("stock.in-use", code))).orElseGet(() -> {
                Instant now = clock.instant();
                Parts.of(items, part -> bulk.reverse(
                        wrong, part.get(0), part.get(part.size() - 1), within.personId(), within.clientId(), now, "was bolt "));
                Parts.of(items, part -> {
                    this.items.freeNumbers(part);
                    book.tellNeverCame(part);
                });
                book.tellTakenBack(wrong);
                return Outcome.done((long) items.size());
            });
        });
    }
}
