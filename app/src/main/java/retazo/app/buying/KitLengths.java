package retazo.app.buying;

import static java.util.Objects.requireNonNull;

import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import retazo.app.kits.Kit;
import retazo.app.kits.KitBook;
import retazo.app.kits.possible.PossibleKits;
import retazo.core.measure.Length;

/** What bags take of fabrics. */
@Component
class KitLengths {

    private final KitBook kits;
    private final PossibleKits possible;

    KitLengths(KitBook kits, PossibleKits possible) {
        this.kits = kits;
        this.possible = possible;
    }

    /** The lengths of one bag of each kit by fabric; a kit that cannot be worked out is absent. */
    Map<Long, Map<Long, Length>> of(Collection<Long> kitIds) {
        List<Kit> some = List.copyOf(kits.byIds(kitIds).values());
        Map<Long, PossibleKits.OneBag> one = possible.oneBags(some);
        return some.stream().filter(kit -> one.containsKey(kit.id()))
                .collect(Collectors.toMap(Kit::id, kit -> lengths(kit, requireNonNull(one.get(kit.id())))));
    }

    private static Map<Long, Length> lengths(Kit kit, PossibleKits.OneBag one) {
        Map<String, Long> ids = kit.fabricIdByCode();
        Map<Long, Length> lengths = new HashMap<>();
        one.bill().lengths().forEach((code, length) -> Optional.ofNullable(ids.get(code)).ifPresent(id -> lengths.put(id, length)));
        return lengths;
    }
}
