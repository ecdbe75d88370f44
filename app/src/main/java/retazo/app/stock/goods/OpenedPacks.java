package retazo.app.stock.goods;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.shared.Outcome;
import retazo.app.stock.Entries;
import retazo.app.stock.Entry;
import retazo.app.stock.Reason;
import retazo.core.cloth.Prices;
import retazo.core.measure.Money;
import retazo.core.measure.Problem;

/** Opens packs of precuts into loose pieces, each print by itself, and closes them again; whole packs are what is reserved for kits. */
@Service
public class OpenedPacks {

    private final GoodService goods;
    private final Entries entries;

    OpenedPacks(GoodService goods, Entries entries) {
        this.goods = goods;
        this.entries = entries;
    }

    /**
     * A print of a pack, and what lies loose of it.
     *
     * @param inPack pieces of it in one pack; 0 for one that is no longer among its prints
     * @param good   empty while none ever lay loose
     */
    public record LoosePrint(PackContents.OfPrint print, int inPack, Optional<Good> good, long onHand, long free) {

        /** How many packs its loose pieces are enough for. */
        long packs() {
            return free / inPack;
        }
    }

    /**
     * The loose pieces of a pack.
     *
     * @param closable how many packs they are enough for
     */
    public record LoosePieces(List<LoosePrint> prints, long closable) {

        public boolean any() {
            return prints.stream().anyMatch(print -> print.onHand() > 0);
        }

        /** Which prints the next pack to be closed is short of. */
        public List<LoosePrint> missing() {
            return prints.stream().filter(print -> print.free() < (closable + 1) * print.inPack()).toList();
        }
    }

    /** What lies loose of a pack; its prints in their order, then those that were its prints once. */
    @Transactional(readOnly = true)
    public LoosePieces loose(Good pack) {
        return loose(PackContents.of(pack, goods.prints(pack.id())), goods.looseOf(pack.id()));
    }

    private LoosePieces loose(PackContents contents, List<Good> kept) {
        Map<Long, GoodService.GoodCount> counts = goods.counts(kept.stream().map(Good::id).toList());
        Map<String, Good> byPrint = byPrint(kept);
        List<LoosePrint> prints = new ArrayList<>();
        for (PackContents.OfPrint print : contents.prints()) {
            prints.add(lying(print, print.pieces(), Optional.ofNullable(byPrint.remove(key(print.name()))), counts));
        }
        long closable = prints.stream().mapToLong(LoosePrint::packs).min().orElse(0);
        kept.stream().filter(byPrint::containsValue).forEach(good -> {
            GoodKind.Loose was = good.loose().orElseThrow();
            prints.add(lying(new PackContents.OfPrint(was.print(), was.value(), 0), 0, Optional.of(good), counts));
        });
        return new LoosePieces(prints, closable);
    }

    private static LoosePrint lying(
            PackContents.OfPrint print, int inPack, Optional<Good> good, Map<Long, GoodService.GoodCount> counts) {
        Optional<GoodService.GoodCount> count = good.map(one -> requireNonNull(counts.get(one.id())));
        return new LoosePrint(
                print, inPack, good, count.map(GoodService.GoodCount::onHand).orElse(0L),
                count.map(GoodService.GoodCount::free).orElse(0L));
    }

    private static Map<String, Good> byPrint(List<Good> kept) {
        return kept.stream().collect(Collectors.toMap(good -> key(good.loose().orElseThrow().print()), Function.identity()));
    }

    private static String key(String print) {
        return print.toLowerCase(Locale.ROOT);
    }

    /**
     * Opens packs that are not reserved; sent twice they are opened once.
     *
     * @param packs 1 or more
     * @return how many packs are left closed
     */
    @Transactional
    public Outcome<Long> open(long packId, int packs, Entry entry) {
        return entries.once(entry, "open pack " + packId + " " + packs, within -> of(packId).then(pack -> {
            long free = requireNonNull(goods.lock(List.of(packId)).get(packId)).free();
            if (free < packs) {
                return Outcome.refused(Problem.at("packs", "pack.not-free", pack.name(), free));
            }
            PackContents contents = PackContents.of(pack, goods.prints(packId));
            Map<String, Good> pieces = byPrint(goods.looseOf(packId));
            contents.prints().forEach(print -> pieces.computeIfAbsent(
                    key(print.name()), missing -> goods.loose(pack, print.name(), print.value())));
            goods.lock(pieces.values().stream().map(Good::id).toList());
            return moved(pack, contents, pieces, -packs, Reason.PACK_OPENED, within);
        }));
    }

    /**
     * Closes packs again, where all of their pieces lie loose and are not reserved; sent twice they are closed once.
     *
     * @param packs 1 or more
     * @return how many packs there are then
     */
    @Transactional
    public Outcome<Long> close(long packId, int packs, Entry entry) {
        return entries.once(entry, "close pack " + packId + " " + packs, within -> of(packId).then(pack -> {
            PackContents contents = PackContents.of(pack, goods.prints(packId));
            goods.lock(List.of(packId));
            List<Good> kept = goods.looseOf(packId);
            goods.lock(kept.stream().map(Good::id).toList());
            long closable = loose(contents, kept).closable();
            return closable < packs
                    ? Outcome.refused(Problem.at("packs", "pack.not-whole", pack.name(), closable))
                    : moved(pack, contents, byPrint(kept), packs, Reason.PACK_CLOSED, within);
        }));
    }

    /** Keeps what a loose piece is sold for, whatever its print. */
    @Transactional
    public void price(long packId, Optional<Money> each) {
        goods.looseOf(packId).forEach(good -> goods.price(good.id(), new Prices<>(each, good.prices().cost())));
    }

    private Outcome<Good> of(long packId) {
        Good pack = goods.good(packId);
        return PackContents.refused(pack, goods.prints(packId)).<Outcome<Good>>map(Outcome::refused).orElseGet(() -> Outcome.done(pack));
    }

    /** All of it is there: whoever asks has locked and counted it. */
    private Outcome<Long> moved(
            Good pack, PackContents contents, Map<String, Good> pieces, int packs, Reason reason, Entry entry) {
        int step = 1;
        for (PackContents.OfPrint print : contents.prints()) {
            goods.moveWith(requireNonNull(pieces.get(key(print.name()))).id(), (long) -packs * print.pieces(), reason, entry, step++);
        }
        return goods.moveWith(pack.id(), packs, reason, entry, 0);
    }
}
