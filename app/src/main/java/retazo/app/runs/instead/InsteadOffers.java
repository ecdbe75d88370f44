package retazo.app.runs.instead;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.fabrics.Fabric;
import retazo.app.kits.Kit;
import retazo.app.kits.KitBook;
import retazo.app.kits.KitWork;
import retazo.app.kits.KitWorks;
import retazo.app.kits.StandInKits;
import retazo.app.kits.index.KitIndex;
import retazo.app.kits.index.KitTitle;
import retazo.app.runs.DraftPlan;
import retazo.app.runs.DraftPlans;
import retazo.app.runs.book.Run;
import retazo.app.stock.Bolt;
import retazo.app.stock.StockService;
import retazo.core.kit.BillLine;

/** Works out what bags that lack a fabric could be made as instead, and how many of them free cloth gives so. */
@Component
@Transactional(readOnly = true)
public class InsteadOffers {

    private static final int MOST_OF_ONE = 3;
    private static final int MOST_TRIED = 8;

    /** The id of a kit that is only tried. */
    private static final long TRIED = -1;

    private final KitBook kits;
    private final KitWorks works;
    private final KitIndex index;
    private final StandInKits standIns;
    private final LikeFabrics like;
    private final DraftPlans plans;
    private final StockService stock;

    InsteadOffers(
            KitBook kits, KitWorks works, KitIndex index, StandInKits standIns, LikeFabrics like, DraftPlans plans, StockService stock) {
        this.kits = kits;
        this.works = works;
        this.index = index;
        this.standIns = standIns;
        this.like = like;
        this.plans = plans;
        this.stock = stock;
    }

    /** The likest fabrics that suffice for each that is lacking, then the next smaller size; only what gives a bag at least. */
    public List<InsteadOffer> of(Stopped stopped) {
        KitWork own = works.work(stopped.kit());
        Stream<InsteadOffer> fabrics = stopped.lacking().stream().flatMap(fabric -> swaps(stopped, own, fabric).stream());
        return Stream.concat(fabrics, smaller(stopped).stream()).toList();
    }

    private List<InsteadOffer> swaps(Stopped stopped, KitWork own, Fabric lacking) {
        Optional<BillLine.Cut> cut = cutOf(own, lacking);
        if (cut.isEmpty() || stopped.bag().isPresent() && stopped.kit().isCutByTheShop()) {
            return List.of();
        }
        List<InsteadOffer> offers = new ArrayList<>();
        List<Fabric> like = this.like.of(lacking, cut.get().length()).stream()
                .filter(fabric -> !stopped.kit().cloths().contains(fabric)).limit(MOST_TRIED).toList();
        for (int i = 0; i < like.size() && offers.size() < MOST_OF_ONE; i++) {
            Fabric other = like.get(i);
            KitWork as = works.work(standIns.tried(stopped.kit(), lacking, other, TRIED));
            if (as.problems().isEmpty() && onlyChanges(own, as, lacking, other)) {
                offer(stopped, as, new InsteadOffer.Swap(lacking, other)).ifPresent(offers::add);
            }
        }
        return offers;
    }

    /** Where another fabric lacks too, that is told, and counted as if it did not. */
    private Optional<InsteadOffer> offer(Stopped stopped, KitWork as, InsteadOffer.Swap swap) {
        int alone = cutFrom(as, swap.other(), stopped.bags());
        int bags = stopped.bag().isPresent() ? alone : planned(stopped, as.kit());
        boolean others = bags == 0 || stopped.bag().isPresent();
        List<Fabric> still = others ? stopped.lacking().stream().filter(fabric -> !fabric.equals(swap.own())).toList() : List.of();
        int shown = bags == 0 && !still.isEmpty() ? alone : bags;
        return shown > 0 ? Optional.of(new InsteadOffer(as, Optional.of(swap), shown, still)) : Optional.empty();
    }

    /** Whether nothing else of the bill changes with the fabric. */
    private static boolean onlyChanges(KitWork own, KitWork as, Fabric lacking, Fabric other) {
        return lines(own, lacking).equals(lines(as, other));
    }

    private static List<BillLine> lines(KitWork work, Fabric but) {
        return work.bill().lines().stream()
                .filter(line -> line.match(cut -> !cut.fabricCode().equals(but.code()), picked -> true)).toList();
    }

    private static Optional<BillLine.Cut> cutOf(KitWork work, Fabric fabric) {
        return work.bill().lines().stream().flatMap(line -> line.asCut().stream())
                .filter(cut -> cut.fabricCode().equals(fabric.code())).findFirst();
    }

    private Optional<InsteadOffer> smaller(Stopped stopped) {
        Kit kit = stopped.kit();
        List<KitTitle> sizes = index.ofColourway(kit.id());
        Optional<KitTitle> before = sizes.stream().takeWhile(size -> size.id() != kit.id())
                .filter(size -> !size.size().equals(kit.sizeName())).reduce((one, next) -> next);
        if (stopped.begun() || before.isEmpty()) {
            return Optional.empty();
        }
        KitWork as = works.work(kits.kit(before.get().id()));
        int bags = as.problems().isEmpty() ? planned(stopped, as.kit()) : 0;
        return bags > 0 ? Optional.of(new InsteadOffer(as, Optional.empty(), bags, List.of())) : Optional.empty();
    }

    /** How many of the bags find their length of a fabric on its bolts, by that alone. */
    private int cutFrom(KitWork as, Fabric other, int most) {
        BillLine.Cut cut = cutOf(as, other).orElseThrow();
        long all = stock.boltsOf(List.of(other.id())).stream()
                .filter(bolt -> bolt.usableWidth().compareTo(cut.plannedWidth()) >= 0)
                .mapToLong(bolt -> bolt.free().wholeTimes(cut.length()).value()).sum();
        return (int) Math.min(most, all);
    }

    /** How many of the bags a plan builds that asks for them as another kit, after all else. */
    private int planned(Stopped stopped, Kit as) {
        List<Run.Asked> asked = new ArrayList<>(stopped.run().asked().stream()
                .map(one -> one.kitId() == stopped.kit().id() && stopped.bag().isEmpty()
                        ? new Run.Asked(one.kitId(), one.quantity() - stopped.bags())
                        : one)
                .filter(one -> one.quantity() > 0 && one.kitId() != as.id()).toList());
        int same = stopped.run().asked().stream().filter(one -> one.kitId() == as.id()).mapToInt(Run.Asked::quantity).sum();
        asked.add(new Run.Asked(as.id(), same + stopped.bags()));
        DraftPlan plan = plans.planTrying(stopped.run().asking(asked), as);
        return Math.max(0, plan.inOrder().built().get(asked.size() - 1) - same);
    }
}
