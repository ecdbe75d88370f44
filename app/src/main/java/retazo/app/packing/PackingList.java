package retazo.app.packing;

import static java.util.Objects.requireNonNull;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.app.kits.index.KitIndex;
import retazo.app.kits.index.KitTitle;
import retazo.app.runs.book.Bag;
import retazo.app.runs.book.Run;
import retazo.app.runs.book.RunBook;
import retazo.app.shared.Words;

/** Puts the list of open bags together. */
@Service
@Transactional(readOnly = true)
class PackingList {

    private final RunBook book;
    private final KitIndex kits;
    private final FabricService fabrics;
    private final Words words;

    PackingList(RunBook book, KitIndex kits, FabricService fabrics, Words words) {
        this.book = book;
        this.kits = kits;
        this.fabrics = fabrics;
        this.words = words;
    }

    /** A bag in the list. */
    record ListedBag(long id, long runId, int number, String kit, boolean ready, long cut, int lines, String missing) {
    }

    /** The open bags, those that are all cut first. */
    List<ListedBag> openBags() {
        Set<Long> open = book.open().stream().map(Run::id).collect(Collectors.toSet());
        List<Bag> bags = book.bags(open).values().stream().flatMap(List::stream).filter(Bag::isOpen)
                .filter(bag -> bag.begun() || bag.lines().isEmpty()).toList();
        Map<Long, KitTitle> titles = kits.titles(bags.stream().map(Bag::kitId).collect(Collectors.toSet()));
        Map<Long, Fabric> missing = fabrics.byIds(bags.stream().flatMap(PackingList::missing).map(Bag.ClothLine::fabricId).toList());
        return bags.stream()
                .map(bag -> new ListedBag(
                        bag.id(), bag.runId(), bag.number(), requireNonNull(titles.get(bag.kitId())).name(), bag.allCut(),
                        bag.lines().stream().filter(Bag.ClothLine::isCut).count(), bag.lines().size(), missing(bag, missing)))
                .sorted(Comparator.comparing((ListedBag bag) -> !bag.ready()).thenComparing(ListedBag::runId)
                        .thenComparing(ListedBag::number))
                .toList();
    }

    private String missing(Bag bag, Map<Long, Fabric> names) {
        Stream<String> pieces = bag.piecesLeft() ? Stream.of(words.text("packing.list.pieces")) : Stream.empty();
        return words.list(Stream.concat(missing(bag)
                .map(line -> {
                    String name = requireNonNull(names.get(line.fabricId())).name();
                    return line.waits() ? words.text("packing.list.no-bolt", name) : name;
                }), pieces)
                .toList());
    }

    private static Stream<Bag.ClothLine> missing(Bag bag) {
        return bag.lines().stream().filter(line -> !line.isCut());
    }
}
