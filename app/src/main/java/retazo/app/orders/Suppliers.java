package retazo.app.orders;

import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.shared.NotFoundException;

/** Whom the shop buys from. A supplier is known by the name that stands at its fabrics, in any spelling of small and capital letters. */
@Service
@Transactional(readOnly = true)
public class Suppliers {

    private static final int MOST = 200;

    private final SupplierRepository suppliers;

    Suppliers(SupplierRepository suppliers) {
        this.suppliers = suppliers;
    }

    /** How names are compared. */
    public static String key(String name) {
        return name.strip().toLowerCase(Locale.ROOT);
    }

    /** By {@link #key}; one of whom nothing is kept has what is usual. */
    public Map<String, Supplier> named(Collection<String> names) {
        Map<String, Supplier> kept = suppliers.named(names.stream().map(Suppliers::key).collect(Collectors.toSet())).stream()
                .map(SupplierEntity::toSupplier).collect(Collectors.toMap(one -> key(one.name()), Function.identity()));
        return names.stream().distinct().collect(Collectors.toMap(
                Suppliers::key, name -> Optional.ofNullable(kept.get(key(name))).orElseGet(() -> Supplier.named(name.strip())),
                (one, same) -> one));
    }

    public Supplier named(String name) {
        return named(List.of(name)).values().iterator().next();
    }

    /** The names of all, in their order. */
    public List<String> names() {
        return suppliers.names(Limit.of(MOST));
    }

    public Supplier supplier(long id) {
        return suppliers.findById(id).map(SupplierEntity::toSupplier).orElseThrow(() -> new NotFoundException("supplier", id));
    }

    public Map<Long, Supplier> byIds(Collection<Long> ids) {
        return suppliers.findAllById(ids).stream().map(SupplierEntity::toSupplier)
                .collect(Collectors.toMap(Supplier::id, Function.identity()));
    }

    /** Keeps what is typed of one by its name, and the name if it is new. */
    @Transactional
    public Supplier keep(Supplier wanted) {
        SupplierEntity kept = kept(wanted.name());
        kept.become(wanted);
        return suppliers.saveAndFlush(kept).toSupplier();
    }

    /** The same supplier with an id. */
    @Transactional
    public Supplier known(String name) {
        return kept(name).toSupplier();
    }

    private SupplierEntity kept(String name) {
        Supplier usual = Supplier.named(name.strip());
        suppliers.keep(usual.name(), usual.leadDays(), usual.cycleWeeks(), usual.bolt().ticks());
        return suppliers.lock(key(name)).orElseThrow(() -> new NotFoundException("supplier", name));
    }
}
