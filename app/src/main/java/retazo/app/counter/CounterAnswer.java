package retazo.app.counter;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import retazo.app.fabrics.Fabric;
import retazo.app.kits.Kit;
import retazo.app.patterns.PatternVersion;
import retazo.app.runs.BagShelf;
import retazo.app.shared.FractionText;
import retazo.app.shared.LengthView;
import retazo.app.stock.Bolt;
import retazo.app.stock.goods.Good;

/**
 * What the shop has for what was asked.
 *
 * @param more what else was found than is shown, in words; empty where all is shown
 */
record CounterAnswer(
        CounterAsk ask, Optional<BagFound> bag, List<KitFound> kits, List<PatternVersion> patterns, List<ClothFound> cloths,
        List<GoodFound> goods, List<String> more) {

    CounterAnswer {
        kits = List.copyOf(kits);
        patterns = List.copyOf(patterns);
        cloths = List.copyOf(cloths);
        goods = List.copyOf(goods);
        more = List.copyOf(more);
    }

    public boolean isEmpty() {
        return bag.isEmpty() && kits.isEmpty() && patterns.isEmpty() && cloths.isEmpty() && goods.isEmpty();
    }

    /** The one cut that is proposed; empty where there is none or a choice of them. */
    public Optional<ClothFound> onlyCut() {
        List<ClothFound> cuts = cloths.stream().filter(cloth -> cloth.cut().isPresent()).toList();
        return cuts.size() == 1 && kits.isEmpty() && goods.isEmpty() ? Optional.of(cuts.get(0)) : Optional.empty();
    }

    /** Whether there is one thing to go on with, so that the keys start there. */
    public boolean isOne() {
        return bag.isPresent() || onlyCut().isPresent() || cloths.stream().anyMatch(cloth -> cloth.named().isPresent());
    }

    public List<Fabric> prints() {
        return Stream
                .concat(cloths.stream().map(ClothFound::fabric), bag.stream().flatMap(BagFound::cloths))
                .distinct().toList();
    }

    /** A bag that was named by its number, what there is of the lots that it was cut from, and what can be added to it. */
    record BagFound(
            BagShelf.ShelfBag bag, Kit kit, String state, String price, List<MoreOfLots.OfLot> lots, List<BagOptions.Option> options) {

        public Stream<Fabric> cloths() {
            return Stream.concat(kit.fabrics().values().stream(), options.stream().flatMap(one -> one.lines().stream())
                    .map(BagOptions.Line::fabric));
        }
    }

    /**
     * A kit, and whether it can be had.
     *
     * @param size     finished; empty where its pattern does not say
     * @param free     how many are on the shelf and not put aside
     * @param next     the number of the bag to take
     * @param possible how many bags free cloth and goods give, if nothing else were made
     * @param stops    what there is not enough of for one more, in words
     * @param making   how many bags of it are asked of runs and not packed
     * @param wished   how many bags customers wait for
     * @param price    of one; empty where nobody said
     */
    record KitFound(
            Kit kit, FractionText size, long free, long aside, Optional<String> next, long possible, String stops, int making, int wished,
            String price) {

        public boolean isHere() {
            return free > 0 && next.isPresent();
        }

        public boolean canBeMade() {
            return possible > 0 || making > 0;
        }
    }

    /**
     * A fabric, or one bolt of it that was named.
     *
     * @param named   the bolt that was named
     * @param free    of all its bolts, or of the named one
     * @param longest free in one piece
     * @param bolts   how many have something free
     * @param place   of the longest
     * @param price   for a unit of length; empty where nobody said
     * @param cut     what is proposed for the length that was asked
     * @param lack    why nothing is proposed, or not from the bolt that was named; else empty
     */
    record ClothFound(
            Fabric fabric, Optional<Bolt> named, LengthView free, LengthView longest, long bolts, String place, String price,
            Optional<CounterCut> cut, String lack) {

        /** What is typed before a length so that it is about this. */
        public String asked() {
            return named.map(Bolt::code).orElseGet(fabric::code);
        }
    }

    /** Something counted: a pack, a single print, a pattern copy, a notion. */
    record GoodFound(Good good, long free, String price) {
    }
}
