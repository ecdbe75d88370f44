package retazo.app.packing;

import static java.util.Objects.requireNonNull;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.app.kits.index.KitIndex;
import retazo.app.kits.index.KitTitle;
import retazo.app.labels.Label;
import retazo.app.runs.book.Bag;
import retazo.app.runs.book.RunBook;
import retazo.app.shared.LengthView;
import retazo.app.shared.Words;
import retazo.app.stock.goods.Good;
import retazo.app.stock.goods.GoodService;
import retazo.core.measure.LengthUnit;

/** Says what stands on the labels of bags and of their packets: lengths, letters and counts, which may always go out. */
@Component
@Transactional(readOnly = true)
class BagLabels {

    private final RunBook runs;
    private final PackingPages pages;
    private final KitIndex kits;
    private final FabricService fabrics;
    private final GoodService goods;
    private final Words words;

    BagLabels(RunBook runs, PackingPages pages, KitIndex kits, FabricService fabrics, GoodService goods, Words words) {
        this.runs = runs;
        this.pages = pages;
        this.kits = kits;
        this.fabrics = fabrics;
        this.goods = goods;
        this.words = words;
    }

    /** One for each bag of a run that is not left out. */
    List<Label> ofRun(long runId) {
        return of(runs.bags(Set.of(runId)).getOrDefault(runId, List.of()).stream().filter(bag -> !bag.leftOut()).toList());
    }

    /** Those of bags that came with an entry as they stood; pages count from 0. */
    List<Label> ofFound(UUID entry, int page, int size) {
        return of(runs.foundWith(entry, page, size));
    }

    List<Label> ofBag(long bagId) {
        return of(List.of(runs.bag(bagId)));
    }

    private List<Label> of(List<Bag> bags) {
        Map<Long, KitTitle> titles = kits.titles(bags.stream().map(Bag::kitId).collect(Collectors.toSet()));
        Map<Long, Fabric> fabricById = fabrics.byIds(
                bags.stream().flatMap(bag -> bag.lines().stream()).map(Bag.ClothLine::fabricId).collect(Collectors.toSet()));
        Map<Long, Good> goodById = goods.byIds(
                bags.stream().flatMap(bag -> bag.picks().stream()).map(Bag.Pick::goodId).collect(Collectors.toSet()));
        LengthUnit unit = words.sellingUnit();
        return bags.stream().map(bag -> {
            KitTitle title = requireNonNull(titles.get(bag.kitId()));
            Stream<String> cloth = bag.lines().stream().map(line -> words.text(
                    "bag-label.cloth", line.letters(), requireNonNull(fabricById.get(line.fabricId())).name(),
                    LengthView.of(line.length(), unit).plain()));
            Stream<String> picked = bag.picks().stream().map(pick -> words.text(
                    "bag-label.pick", pick.letters(), pick.count(), requireNonNull(goodById.get(pick.goodId())).name()));
            return new Label(
                    bag.code(), title.pattern() + ", " + title.size(),
                    bag.found() ? title.colourway() : words.text("bag-label.under", title.colourway(), bag.runId(), bag.number()),
                    Stream.concat(cloth, picked).map(String::strip).toList());
        }).toList();
    }

    /** One for each packet of a bag; cut sizes only where they may go out. */
    List<Label> ofPackets(long bagId) {
        PackingPages.BagPage page = pages.bag(bagId);
        boolean sizes = page.kit().isOurs();
        return page.packets().stream().flatMap(packet -> IntStream.rangeClosed(1, packet.times())
                .mapToObj(copy -> new Label(
                        new PacketCode(page.bag().code(), packet.number()).written(copy, packet.times()),
                        words.text("packet-label.title", packet.number(), packet.name(), packet.all()), page.kit().name(),
                        packet.pieces().stream().map(piece -> line(piece, sizes)).toList())))
                .toList();
    }

    private String line(PackingPages.PieceView piece, boolean sizes) {
        String alike = Optional.of(piece.alike()).filter(other -> !other.isEmpty())
                .map(other -> words.text("labels.not", other)).orElse("");
        return words.text("packet-label.piece", piece.count(), piece.label(), sizes ? piece.size().plain() : "", piece.from(), alike)
                .strip();
    }
}
