package retazo.app.packing;

import static java.util.Objects.requireNonNull;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.fabrics.Fabric;
import retazo.app.kits.Kit;
import retazo.app.kits.KitBook;
import retazo.app.runs.book.Bag;
import retazo.app.runs.book.Run;
import retazo.app.runs.book.RunBook;

/** Puts the list of open bags together. */
@Service
@Transactional(readOnly = true)
class PackingList {

    private final RunBook book;
    private final KitBook kits;

    PackingList(RunBook book, KitBook kits) {
        this.book = book;
        this.kits = kits;
    }

    /** A bag in the list. */
    record ListedBag(long id, long runId, int number, String kit, boolean ready, long cut, int lines, String missing) {
    }

    /** The open bags, those that are all cut first. */
    List<ListedBag> openBags() {
        Set<Long> open = book.open().stream().map(Run::id).collect(Collectors.toSet());
        List<Bag> bags = book.bags(open).values().stream().flatMap(List::stream).filter(Bag::isOpen)
                .filter(bag -> bag.begun() || bag.lines().isEmpty()).toList();
        Map<Long, Kit> byId = kits.byIds(bags.stream().map(Bag::kitId).collect(Collectors.toSet()));
        return bags.stream()
                .map(bag -> new ListedBag(
                        bag.id(), bag.runId(), bag.number(), requireNonNull(byId.get(bag.kitId())).name(), bag.allCut(),
                        bag.lines().stream().filter(Bag.ClothLine::isCut).count(), bag.lines().size(), missing(bag, byId.get(bag.kitId()))))
                .sorted(Comparator.comparing((ListedBag bag) -> !bag.ready()).thenComparing(ListedBag::runId)
                        .thenComparing(ListedBag::number))
                .toList();
    }

    private static String missing(Bag bag, Kit kit) {
        Map<Long, String> names = kit.fabrics().values().stream().distinct().collect(Collectors.toMap(Fabric::id, Fabric::name));
        return bag.lines().stream()
                .filter(line -> !line.isCut())
                .map(line -> names.get(line.fabricId()) + (line.waits() ? " (no bolt)" : ""))
                .collect(Collectors.joining(", "));
    }
}
