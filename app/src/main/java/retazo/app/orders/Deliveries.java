package retazo.app.orders;

import static java.util.Objects.requireNonNull;

import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.app.shared.NotFoundException;
import retazo.app.shared.Outcome;
import retazo.app.stock.Entries;
import retazo.app.stock.Entry;
import retazo.app.stock.MovementBook;
import retazo.app.stock.NewBolt;
import retazo.app.stock.bulk.BulkBook;
import retazo.core.measure.Problem;

/**
 * Books what comes of an order: bolts under one entry that can be taken back, each with what it cost. What was damaged is written down and
 * stays open. Order of locks: the order, then bolts.
 */
@Service
public class Deliveries {

    private final DeliveryRepository deliveries;
    private final PurchaseBook book;
    private final Purchases purchases;
    private final BulkBook bulk;
    private final Entries entries;
    private final FabricService fabrics;
    private final Clock clock;

    Deliveries(
            DeliveryRepository deliveries, PurchaseBook book, Purchases purchases, BulkBook bulk, Entries entries, FabricService fabrics,
            Clock clock) {
        this.deliveries = deliveries;
        this.book = book;
        this.purchases = purchases;
        this.bulk = bulk;
        this.entries = entries;
        this.fabrics = fabrics;
        this.clock = clock;
    }

    /**
     * Books a delivery whole or not at all. More than was ordered may come, in other lengths and lots. What a bolt cost is what its fabric
     * costs from then on.
     *
     * @param came one or more; problems stand at {@code bolt0.code}, counted in this list
     * @return the order
     */
    @Transactional
    public Outcome<Long> receive(long purchaseId, List<CameBolt> came, Entry entry) {
        return entries.once(entry, "delivery " + purchaseId + " " + came, within -> {
            if (!purchases.lockUnderWay(purchaseId)) {
                return Outcome.refused(Problem.of("order.not-under-way"));
            }
            List<Problem> problems = codesTaken(came);
            if (!problems.isEmpty()) {
                return Outcome.refused(problems);
            }
            booked(book.purchase(purchaseId), came, within);
            purchases.settle(purchaseId);
            return Outcome.done(purchaseId);
        });
    }

    private List<Problem> codesTaken(List<CameBolt> came) {
        Set<String> taken = new HashSet<>(bulk.taken(came.stream().map(CameBolt::code).toList()));
        List<Problem> problems = new ArrayList<>();
        for (int i = 0; i < came.size(); i++) {
            if (!came.get(i).damaged() && !taken.add(came.get(i).code())) {
                problems.add(Problem.at("bolt" + i + ".code", "bolt.code-taken", came.get(i).code()));
            }
        }
        return problems;
    }

    private void booked(Purchase purchase, List<CameBolt> came, Entry entry) {
        Map<Long, Purchase.Line> lines = purchase.lines().stream().collect(Collectors.toMap(Purchase.Line::id, Function.identity()));
        Map<Long, Fabric> byId = fabrics.byIds(lines.values().stream().map(Purchase.Line::fabricId).toList());
        List<CameBolt> good = came.stream().filter(bolt -> !bolt.damaged()).toList();
        if (!good.isEmpty()) {
            bulk.receive(
                    good.stream().map(bolt -> newBolt(bolt, requireNonNull(byId.get(lineOf(bolt, lines).fabricId())))).toList(), entry,
                    done -> {
                    });
        }
        Map<String, Long> boltIds = bulk.idsOf(good.stream().map(CameBolt::code).toList());
        Instant now = clock.instant();
        deliveries.saveAllAndFlush(came.stream()
                .map(bolt -> DeliveryEntity.of(
                        bolt, bolt.damaged() ? null : boltIds.get(bolt.code()), entry.clientId(), entry.personId(), now))
                .toList());
        good.stream().map(bolt -> lineOf(bolt, lines)).distinct()
                .forEach(line -> line.cost().ifPresent(cost -> fabrics.costs(line.fabricId(), cost)));
    }

    private NewBolt newBolt(CameBolt bolt, Fabric fabric) {
        return new NewBolt(
                bolt.code(), fabric.id(), bolt.lot(), bolt.place(), fabrics.usableWidth(fabric), bolt.length(), bolt.measured());
    }

    private static Purchase.Line lineOf(CameBolt bolt, Map<Long, Purchase.Line> lines) {
        return Optional.ofNullable(lines.get(bolt.lineId())).orElseThrow(() -> new NotFoundException("line", bolt.lineId()));
    }

    /** A receipt that was taken back did not come: its order is open again. */
    @EventListener
    void tookBack(MovementBook.NeverCame bolts) {
        deliveries.purchasesOf(bolts.boltIds()).forEach(purchases::settle);
    }
}
