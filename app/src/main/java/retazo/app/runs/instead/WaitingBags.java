package retazo.app.runs.instead;

import static java.util.Objects.requireNonNull;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.kits.Kit;
import retazo.app.kits.KitWorks;
import retazo.app.runs.BagsLeftOut;
import retazo.app.runs.book.Bag;
import retazo.app.runs.book.BagLineEntity;
import retazo.app.runs.book.BagLineRepository;
import retazo.app.runs.book.BagRepository;
import retazo.app.runs.book.RunBook;
import retazo.app.runs.book.RunEntity;
import retazo.app.runs.changes.ChangeBook;
import retazo.app.runs.changes.Happened;
import retazo.core.kit.BillLine;

/** Makes a bag that is confirmed and waits for cloth into another kit. The caller holds the lock of its run. */
@Component
@Transactional(propagation = Propagation.MANDATORY)
class WaitingBags {

    private final BagRepository bags;
    private final BagLineRepository lines;
    private final RunBook book;
    private final KitWorks works;
    private final BagsLeftOut leftOut;
    private final ChangeBook changes;

    WaitingBags(
            BagRepository bags, BagLineRepository lines, RunBook book, KitWorks works, BagsLeftOut leftOut, ChangeBook changes) {
        this.bags = bags;
        this.lines = lines;
        this.book = book;
        this.works = works;
        this.leftOut = leftOut;
        this.changes = changes;
    }

    /** A bag of a kit that waits, by its number; empty where there is none by now. */
    Optional<Bag> waiting(long runId, int number, long kitId) {
        return book.bags(Set.of(runId)).getOrDefault(runId, List.of()).stream()
                .filter(bag -> bag.number() == number && bag.kitId() == kitId && bag.waits()).findFirst();
    }

    /**
     * Its line of a fabric is cut from another one; what else it has stays. False where that line does not wait, or the shop cuts pieces.
     */
    boolean swap(RunEntity run, Bag bag, InsteadOffer.Swap swap, Kit as) {
        Optional<Bag.ClothLine> line = bag.lines().stream()
                .filter(one -> one.fabricId() == swap.own().id() && one.waits()).findFirst();
        Optional<BillLine.Cut> cut = works.work(as).bill().lines().stream().flatMap(one -> one.asCut().stream())
                .filter(one -> one.fabricCode().equals(swap.other().code())).findFirst();
        if (line.isEmpty() || cut.isEmpty() || as.isCutByTheShop()) {
            return false;
        }
        BagLineEntity own = lines.withBags(List.of(line.get().id())).get(0);
        lines.saveAndFlush(own.insteadWith(swap.other().id(), cut.get()));
        own.bag().becomeKit(as.id());
        bags.flush();
        changes.ask(run.id(), Happened.ASKED);
        return true;
    }

    /** It is left out, to be made smaller; false where it is begun. */
    boolean leaveOut(RunEntity run, Bag bag) {
        return leftOut.leaveOut(run, requireNonNull(bag).id());
    }
}
