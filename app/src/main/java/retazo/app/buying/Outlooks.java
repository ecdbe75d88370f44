package retazo.app.buying;

import static java.util.Objects.requireNonNull;

import java.time.LocalDate;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.buying.ClothThere.There;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.app.orders.PurchaseBook;
import retazo.app.orders.PurchaseBook.Coming;
import retazo.app.orders.Supplier;
import retazo.app.orders.Suppliers;
import retazo.app.shared.NotFoundException;
import retazo.app.shared.Parts;
import retazo.core.buying.FabricSupply;
import retazo.core.buying.Reorder;
import retazo.core.buying.ReorderRule;
import retazo.core.buying.WeeklyUse;
import retazo.core.measure.Length;

/** Says how fabrics stand, and which are to be ordered. */
@Service
@Transactional(readOnly = true)
public class Outlooks {

    private final FabricTermsBook terms;
    private final ClothThere there;
    private final UseByWeek use;
    private final ClothWants wants;
    private final FabricService fabrics;
    private final Suppliers suppliers;
    private final PurchaseBook orders;

    Outlooks(
            FabricTermsBook terms, ClothThere there, UseByWeek use, ClothWants wants, FabricService fabrics, Suppliers suppliers,
            PurchaseBook orders) {
        this.terms = terms;
        this.there = there;
        this.use = use;
        this.wants = wants;
        this.fabrics = fabrics;
        this.suppliers = suppliers;
        this.orders = orders;
    }

    /** The Monday on which the oldest of the weeks began of which it is told what went. */
    public LocalDate firstWeek() {
        return use.first();
    }

    /** Of one fabric. */
    public Outlook of(long fabricId) {
        return of(List.of(fabricId)).stream().findFirst().orElseThrow(() -> new NotFoundException("fabric", fabricId));
    }

    /** Of some fabrics, in their order; fabrics that are gone are left out. */
    public List<Outlook> of(Collection<Long> fabricIds) {
        return of(fabricIds, wants.byFabric());
    }

    /**
     * The fabrics that are to be ordered, those first for which something waits, then those of which most is missing. Fabrics of which
     * nothing went for half a year, that nobody wants and that nobody said a length of are not looked at.
     */
    public List<Outlook> due() {
        Map<Long, List<Want>> wanted = wants.byFabric();
        Set<Long> candidates = new LinkedHashSet<>(wanted.keySet());
        candidates.addAll(use.byFabric().keySet());
        candidates.addAll(terms.withPoint());
        return of(candidates, wanted).stream().filter(one -> one.reorder().isDue())
                .sorted(Comparator.comparing((Outlook one) -> !one.lacking().isPositive())
                        .thenComparing(one -> one.reorder().ahead().value().minus(one.reorder().point().value()))
                        .thenComparing(one -> one.fabric().name()))
                .toList();
    }

    private List<Outlook> of(Collection<Long> fabricIds, Map<Long, List<Want>> wanted) {
        Map<Long, Fabric> byId = new HashMap<>();
        Map<Long, List<Coming>> coming = new HashMap<>();
        Parts.of(List.copyOf(fabricIds), part -> {
            byId.putAll(fabrics.byIds(part));
            coming.putAll(orders.coming(part));
        });
        Map<Long, There> onHand = there.of(byId.keySet());
        Map<Long, WeeklyUse> went = use.byFabric();
        Map<Long, FabricTerms> known = terms.of(byId.keySet());
        Map<String, Supplier> sellers = suppliers
                .named(byId.values().stream().map(fabric -> fabric.origin().supplier()).collect(Collectors.toSet()));
        return fabricIds.stream().filter(byId::containsKey).map(id -> {
            Fabric fabric = requireNonNull(byId.get(id));
            return outlook(
                    fabric, requireNonNull(sellers.get(Suppliers.key(fabric.origin().supplier()))), requireNonNull(known.get(id)),
                    onHand.getOrDefault(id, There.NOTHING), wanted.getOrDefault(id, List.of()), coming.getOrDefault(id, List.of()),
                    went.getOrDefault(id, UseByWeek.NOTHING));
        }).toList();
    }

    private static Outlook outlook(
            Fabric fabric, Supplier supplier, FabricTerms known, There onHand, List<Want> wanted, List<Coming> coming, WeeklyUse went) {
        FabricSupply supply = new FabricSupply(onHand.onHand(), sum(coming, Coming::length), onHand.promised(), sum(wanted, Want::length));
        Reorder reorder = Reorder.of(
                new ReorderRule(supplier.leadWeeks(), supplier.cycleWeeks(), known.point()), went, supply,
                known.bolt().orElse(supplier.bolt()));
        return new Outlook(fabric, supplier, known, supply, reorder, wanted, coming, went);
    }

    private static <T> Length sum(List<T> all, Function<T, Length> length) {
        return all.stream().map(length).reduce(Length.ZERO, Length::plus);
    }
}
