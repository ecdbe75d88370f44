package retazo.app.kits;

import java.time.Clock;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.app.shared.NotFoundException;
import retazo.app.shared.Outcome;
import retazo.app.stock.Good;
import retazo.app.stock.GoodService;
import retazo.app.stock.NewGood;
import retazo.core.cloth.PrecutKind;
import retazo.core.cloth.ShopPractice;
import retazo.core.cutting.LaidCloth;
import retazo.core.cutting.LeftOver;
import retazo.core.cutting.RestUse;
import retazo.core.kit.Need;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;

/** What the left-overs of a kit whose pieces the shop cuts could serve: other such kits, quarters, the shelf. */
@Service
class LeftOverOffers {

    private static final int MOST_OFFERS = 6;

    private final KitService kits;
    private final KitWorks works;
    private final LeftOverBook book;
    private final FabricService fabrics;
    private final GoodService goods;
    private final Clock clock;

    LeftOverOffers(
            KitService kits, KitWorks works, LeftOverBook book, FabricService fabrics, GoodService goods, Clock clock) {
        this.kits = kits;
        this.works = works;
        this.book = book;
        this.fabrics = fabrics;
        this.goods = goods;
        this.clock = clock;
    }

    /** How much shorter a cloth becomes: as cut, and as sold. */
    record Less(Length exact, Length sold) {
        boolean isSome() {
            return exact.isPositive();
        }
    }

    /** A kit that a left-over could serve. */
    record Serves(Kit kit, Less less) {
    }

    /**
     * A size of rest and what may become of it.
     *
     * @param kept     where somebody decided it
     * @param shopCuts how many quarters or eighths one bag's rests give; kinds that give none are left out
     */
    record Offer(LaidCloth.Rests rests, Optional<KitLeftOvers.Kept> kept, List<Serves> serves, Map<PrecutKind, Long> shopCuts) {
    }

    /** Left-overs of one size that a kit takes, or could take. */
    record AtHand(Good good, long free, boolean taken, Less less) {
    }

    /**
     * What may become of a rest.
     *
     * @param cutInto quarters or eighths; empty to keep it whole
     * @param forKit  that takes it; empty for the shelf
     */
    record Purpose(Optional<PrecutKind> cutInto, Optional<Long> forKit) {
    }

    /** A rest of a kit's cloth, by fabric and size. */
    record Rest(String fabricCode, Length width, Length height) {
        boolean isOneOf(LaidCloth.Rests rests) {
            return rests.width().equals(width) && rests.height().equals(height);
        }
    }

    /** The largest rests of a fabric in one bag, each with what it could serve. */
    @Transactional(readOnly = true)
    List<Offer> of(Kit kit, Fabric fabric) {
        List<Kit> others = kits.all().stream()
                .filter(other -> other.id() != kit.id() && other.isCutByTheShop() && other.lettersByFabric().containsKey(fabric))
                .toList();
        return works.work(kit).rests(fabric.code()).stream().limit(MOST_OFFERS).map(rests -> offer(kit, fabric, rests, others)).toList();
    }

    private Offer offer(Kit kit, Fabric fabric, LaidCloth.Rests rests, List<Kit> others) {
        Optional<KitLeftOvers.Kept> kept = kit.leftOvers().keptOf(fabric.id()).stream()
                .filter(one -> new Rest(fabric.code(), one.width(), one.height()).isOneOf(rests)).findFirst();
        List<Serves> serves = others.stream()
                .map(other -> new Serves(other, less(other, fabric, new LeftOver("rest", rests.width(), rests.height(), 1))))
                .filter(one -> one.less().isSome())
                .sorted(Comparator.comparing((Serves one) -> one.less().exact()).reversed())
                .toList();
        Map<PrecutKind, Long> shopCuts = new EnumMap<>(PrecutKind.class);
        for (PrecutKind kind : PrecutKind.values()) {
            long each = RestUse.shopCuts(rests, kind, width(kit, fabric));
            if (each > 0) {
                shopCuts.put(kind, each * rests.count());
            }
        }
        return new Offer(rests, kept, serves, shopCuts);
    }

    /** Left-overs of a fabric that a kit takes, and those on the shelf that would make its cloth shorter. */
    @Transactional(readOnly = true)
    List<AtHand> atHand(Kit kit, Fabric fabric) {
        List<Good> all = goods.leftOversOf(fabric.id());
        Map<Long, GoodService.GoodCount> counts = goods.counts(all.stream().map(Good::id).toList());
        List<AtHand> atHand = new ArrayList<>();
        for (Good good : all) {
            boolean taken = kit.leftOvers().taken().contains(good);
            long free = counts.get(good.id()).free();
            if (taken || free > 0) {
                atHand.add(new AtHand(good, free, taken, less(kit, fabric, good.leftOver(1))));
            }
        }
        return atHand.stream().filter(one -> one.taken() || one.less().isSome()).toList();
    }

    private Less less(Kit kit, Fabric fabric, LeftOver leftOver) {
        ShopPractice own = works.practiceOf(kit);
        Length width = width(kit, fabric);
        Optional<Need.Amount.Cloth> without = cloth(new KitCloth(kit, own, fabrics, Map.of()), fabric, width);
        Optional<Need.Amount.Cloth> with = cloth(new KitCloth(kit, own, fabrics, Map.of(fabric.code(), List.of(leftOver))), fabric, width);
        return without.flatMap(all -> with.map(less -> new Less(
                        all.plan().exact().value().minus(less.plan().exact().value()), all.sell().value().minus(less.sell().value()))))
                .orElse(new Less(Length.ZERO, Length.ZERO));
    }

    private static Optional<Need.Amount.Cloth> cloth(KitCloth cloth, Fabric fabric, Length width) {
        return cloth.need(fabric, cloth.kit().instructions(), width)
                .flatMap(Need::cloth);
    }

    private Length width(Kit kit, Fabric fabric) {
        return fabrics.inKit(fabric, works.practiceOf(kit)).usableWidth().value();
    }

    /** Keeps a rest of every bag that is cut from now on, or says why that cannot be. */
    @Transactional
    Outcome<Good> accept(long kitId, Rest rest, Purpose purpose, long personId) {
        Kit kit = kits.kit(kitId);
        Fabric fabric = kit.fabric(rest.fabricCode());
        Optional<Offer> offer = of(kit, fabric).stream().filter(one -> rest.isOneOf(one.rests())).findFirst();
        if (offer.isEmpty()) {
            return Outcome.refused(Problem.of("left.gone", rest.height(), rest.width()));
        }
        if (offer.get().kept().isPresent()) {
            return Outcome.refused(Problem.of("left.kept-already", rest.height(), rest.width()));
        }
        boolean canServe = purpose.forKit().map(id -> offer.get().serves().stream().anyMatch(one -> one.kit().id() == id)).orElse(true);
        boolean canBeCut = purpose.cutInto().map(offer.get().shopCuts()::containsKey).orElse(true);
        if (!canServe || !canBeCut) {
            return Outcome.refused(Problem.of("left.does-not-serve", rest.height(), rest.width()));
        }
        Good good = purpose.cutInto().map(kind -> shopCut(kind, fabric))
                .orElseGet(() -> goods.leftOver(new Good.Piece(fabric.id(), rest.width(), rest.height()), fabric.name(), fabric.groundColour()));
        book.keep(
                new KeptLeftOverEntity.Source(kitId, fabric.id(), offer.get().rests()), good, purpose.forKit(), decision(personId));
        return Outcome.done(good);
    }

    /** Quarters of a fabric that the shop cuts itself. */
    private Good shopCut(PrecutKind kind, Fabric fabric) {
        String code = (kind == PrecutKind.FAT_QUARTER ? "Q4-" : "Q8-") + fabric.id();
        return goods.byCode(code).orElseGet(() -> goods.add(NewGood.shopCut(code, kind, fabric.name(), fabric.groundColour()))
                .match(good -> good, problems -> {
                    throw new IllegalStateException("Quarters were refused: " + problems);
                }));
    }

    /** Keeps a rest no longer. What is in stock of it stays there. */
    @Transactional
    void takeBack(long kitId, long keptId) {
        book.takeBack(kits.kit(kitId).leftOvers().kept().stream().filter(one -> one.id() == keptId).findFirst()
                .orElseThrow(() -> new NotFoundException("left-over", keptId)));
    }

    /** Lets a kit take left-overs from the shelf, as long as there are some. */
    @Transactional
    Outcome<Kit> take(long kitId, long goodId, long personId) {
        Kit kit = kits.kit(kitId);
        Good good = goods.good(goodId);
        boolean ofItsCloth = good.piece().map(piece -> kit.fabrics().values().stream().anyMatch(fabric -> fabric.id() == piece.fabricId())).orElse(false);
        if (!kit.isCutByTheShop() || !ofItsCloth) {
            return Outcome.refused(Problem.of("left.not-for-this-kit"));
        }
        book.take(kitId, goodId, decision(personId));
        return Outcome.done(kits.kit(kitId));
    }

    @Transactional
    void doWithout(long kitId, long goodId) {
        book.doWithout(kitId, goodId);
    }

    private Decision decision(long personId) {
        return new Decision("", personId, clock.instant());
    }
}
