package retazo.app.packing;

import java.util.Optional;
import java.util.function.Function;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.interceptor.TransactionAspectSupport;
import retazo.app.runs.BagsOpened;
import retazo.app.runs.RunService;
import retazo.app.runs.book.Bag;
import retazo.app.runs.book.RunBook;
import retazo.app.shared.Outcome;
import retazo.app.stock.Entries;
import retazo.app.stock.Entry;
import retazo.app.stock.KitShelf;
import retazo.app.stock.Reason;
import retazo.app.stock.goods.GoodService;
import retazo.core.measure.Problem;

/** Opens a packed bag again, and takes bags apart. */
@Service
public class BagOpening {

    private final RunService runs;
    private final RunBook book;
    private final BagContentsBook contents;
    private final BagsOpened opened;
    private final KitShelf shelf;
    private final GoodService goods;
    private final Entries entries;

    BagOpening(
            RunService runs, RunBook book, BagContentsBook contents, BagsOpened opened, KitShelf shelf, GoodService goods,
            Entries entries) {
        this.runs = runs;
        this.book = book;
        this.contents = contents;
        this.opened = opened;
        this.shelf = shelf;
        this.goods = goods;
        this.entries = entries;
    }

    /** A packed bag is open again: off the shelf, its ticks kept, and what was picked for it back in stock and kept for it. */
    @Transactional
    public Outcome<Long> open(long bagId, Entry entry) {
        return once(entry, "open bag " + bagId, within -> {
            Bag bag = locked(bagId);
            Optional<Problem> why = opened.unpack(bagId);
            if (why.isPresent()) {
                return Outcome.refused(why.get());
            }
            Entry noted = within.noted(bag.code());
            for (int i = 0; i < bag.picks().size(); i++) {
                Bag.Pick pick = bag.picks().get(i);
                goods.moveWith(pick.goodId(), pick.count(), Reason.BAG_OPENED, noted, i + 1);
                goods.reserve(pick.goodId(), pick.count(), pick.owner());
            }
            return shelf.move(bag.kitId(), -1, Reason.BAG_OPENED, noted).match(left -> Outcome.done(bagId), Outcome::refused);
        });
    }

    /**
     * An open bag is taken apart: its lengths are remnants of their bolts, and its kit is open in the run again.
     *
     * @return how many remnants there are
     */
    @Transactional
    public Outcome<Long> takeApart(long bagId, Entry entry) {
        return once(entry, "apart bag " + bagId, within -> {
            Bag bag = locked(bagId);
            if (!bag.isOpen()) {
                return Outcome.refused(Problem.of("pack.not-open", bag.number()));
            }
            if (!contents.of(bagId).packets().isEmpty()) {
                return Outcome.refused(Problem.of("pack.cannot-come-apart", bag.number()));
            }
            return opened.takeApart(bag, within.noted(bag.code()))
                    .match(remnants -> Outcome.done((long) remnants.size()), Outcome::refused);
        });
    }

    /**
     * A packed bag on the shelf is opened for its cloth and taken apart at once, both or neither.
     *
     * @return how many remnants there are
     */
    @Transactional
    public Outcome<Long> openForCloth(long bagId, Entry entry) {
        return once(
                entry, "cloth of bag " + bagId,
                within -> open(bagId, entry.apart(1)).then(opened -> takeApart(bagId, entry.apart(2))));
    }

    private Outcome<Long> once(Entry entry, String asked, Function<Entry, Outcome<Long>> booking) {
        Outcome<Long> outcome = entries.once(entry, asked, booking);
        if (!outcome.match(done -> true, problems -> false)) {
            TransactionAspectSupport.currentTransactionStatus().setRollbackOnly();
        }
        return outcome;
    }

    private Bag locked(long bagId) {
        runs.lockForCutting(book.bag(bagId).runId());
        return book.bag(bagId);
    }
}
