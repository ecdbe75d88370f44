package retazo.app.kits.leftovers;

import java.time.Clock;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.fabrics.Fabric;
import retazo.app.kits.Decision;
import retazo.app.kits.KeptLeftOverEntity;
import retazo.app.kits.Kit;
import retazo.app.kits.KitBook;
import retazo.app.kits.KitWorks;
import retazo.app.kits.LeftOverBook;
import retazo.app.shared.NotFoundException;
import retazo.app.shared.Outcome;
import retazo.app.stock.goods.Good;
import retazo.app.stock.goods.GoodKind;
import retazo.app.stock.goods.GoodService;
import retazo.core.cloth.PrecutKind;
import retazo.core.measure.Problem;

/** Carries out what somebody decides of left-overs: which are kept, and which kits take them. */
@Service
class LeftOverDecisions {

    private final KitBook kits;
    private final KitWorks works;
    private final LeftOverOffers offers;
    private final GoodService goods;
    private final LeftOverBook book;
    private final Clock clock;

    LeftOverDecisions(KitBook kits, KitWorks works, LeftOverOffers offers, GoodService goods, LeftOverBook book, Clock clock) {
        this.kits = kits;
        this.works = works;
        this.offers = offers;
        this.goods = goods;
        this.book = book;
        this.clock = clock;
    }

    /**
     * What may become of a rest.
     *
     * @param cutInto quarters or eighths; empty to keep it whole
     * @param forKit  that takes it; empty for the shelf
     */
    record Purpose(Optional<PrecutKind> cutInto, Optional<Long> forKit) {
    }

    /** Keeps a rest of every bag that is cut from now on, or says why that cannot be. */
    @Transactional
    Outcome<Good> accept(long kitId, LeftOverOffers.Rest rest, Purpose purpose, long personId) {
        Kit kit = kits.kit(kitId);
        Fabric fabric = kit.fabric(rest.fabricCode());
        Optional<LeftOverOffers.Offer> offer = offers.of(kit, fabric).stream().filter(one -> rest.isOneOf(one.rests())).findFirst();
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
        Good good = purpose.cutInto().map(kind -> goods.quartersOf(fabric, kind, works.usableWidth(kit, fabric)))
                .orElseGet(() -> goods.leftOver(new GoodKind.LeftPiece(fabric.id(), rest.width(), rest.height()), fabric.name(),
                        fabric.groundColour()));
        book.keep(
                new KeptLeftOverEntity.Source(kitId, fabric.id(), offer.get().rests()), good, purpose.forKit(), decision(personId));
        return Outcome.done(good);
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
        boolean ofItsCloth = good.piece().map(piece -> kit.fabrics().values().stream().anyMatch(fabric -> fabric.id() == piece.fabricId()))
                .orElse(false);
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
