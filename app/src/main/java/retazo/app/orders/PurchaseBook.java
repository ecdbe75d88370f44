package retazo.app.orders;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.data.domain.Limit;
import org.springframework.data.domain.PageRequest;
import org.springframework.data.domain.Slice;
import org.springframework.data.domain.SliceImpl;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.orders.Purchase.State;
import retazo.app.shared.NotFoundException;
import retazo.core.measure.Length;

/** Reads orders, and what is on its way. */
@Service
@Transactional(readOnly = true)
public class PurchaseBook {

    private static final int MOST_UNDER_WAY = 100;
    private static final int MOST_OF_SUPPLIER = 12;

    private final PurchaseRepository purchases;
    private final PurchaseLineRepository lines;

    PurchaseBook(PurchaseRepository purchases, PurchaseLineRepository lines) {
        this.purchases = purchases;
        this.lines = lines;
    }

    /**
     * Cloth that is on its way.
     *
     * @param expected the day on which it should be there, where one is known
     */
    public record Coming(long purchaseId, Length length, Optional<LocalDate> expected) {
    }

    public Purchase purchase(long id) {
        return read(List.of(purchases.findById(id).orElseThrow(() -> new NotFoundException("order", id)))).get(0);
    }

    /** Those that are being written or on their way, newest first. */
    public List<Purchase> open() {
        return read(purchases.in(Set.of(State.WRITTEN, State.SENT), Limit.of(MOST_UNDER_WAY)));
    }

    /** One page of all, newest first; pages count from 0. */
    public Slice<Purchase> page(int page, int size) {
        Slice<PurchaseEntity> found = purchases.newest(PageRequest.of(page, size));
        return new SliceImpl<>(read(found.getContent()), found.getPageable(), found.hasNext());
    }

    /** The newest to a supplier. */
    public List<Purchase> to(Supplier supplier) {
        return read(purchases.ofSupplier(supplier.id(), Limit.of(MOST_OF_SUPPLIER)));
    }

    /** What is on its way of fabrics, by fabric, first what comes first; other fabrics may be among them, those without are absent. */
    public Map<Long, List<Coming>> coming(Collection<Long> fabricIds) {
        Map<Long, List<Coming>> coming = new HashMap<>();
        read(purchases.underWay(fabricIds)).stream()
                .sorted(Comparator.comparing((Purchase one) -> one.expected().orElse(LocalDate.MAX)).thenComparing(Purchase::id))
                .forEach(one -> one.lines().stream().filter(line -> line.open().isPositive()).forEach(line -> coming
                        .computeIfAbsent(line.fabricId(), fabric -> new ArrayList<>())
                        .add(new Coming(one.id(), line.open(), one.expected()))));
        return coming;
    }

    private List<Purchase> read(List<PurchaseEntity> found) {
        if (found.isEmpty()) {
            return List.of();
        }
        List<Long> ids = found.stream().map(PurchaseEntity::id).toList();
        Map<Long, List<Length>> came = lines.came(ids).stream().collect(Collectors.groupingBy(
                PurchaseLineRepository.Came::getLineId, Collectors.mapping(one -> new Length(one.getTicks()), Collectors.toList())));
        Map<Long, List<Purchase.Line>> byPurchase = lines.findByPurchaseIdInOrderByPurchaseIdAscIdAsc(ids).stream()
                .collect(Collectors.groupingBy(PurchaseLineEntity::purchaseId, Collectors.mapping(
                        line -> line.toLine(came.getOrDefault(line.id(), List.of())), Collectors.toList())));
        return found.stream().map(one -> one.toPurchase(byPurchase.getOrDefault(one.id(), List.of()))).toList();
    }
}
