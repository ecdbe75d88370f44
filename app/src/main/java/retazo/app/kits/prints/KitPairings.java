package retazo.app.kits.prints;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.kits.Kit;
import retazo.app.kits.KitBook;
import retazo.app.kits.KitService;
import retazo.app.kits.KitSingle;
import retazo.app.kits.KitWork;
import retazo.app.kits.KitWorks;
import retazo.app.shared.Outcome;
import retazo.app.stock.goods.BundlePrint;
import retazo.app.stock.goods.Good;
import retazo.app.stock.goods.GoodService;
import retazo.core.cloth.Role;
import retazo.core.cloth.RoleKey;
import retazo.core.measure.Count;
import retazo.core.measure.Problem;
import retazo.core.precut.PrintMatching;
import retazo.core.precut.SheetYield;

/** Which prints of a bundle go into which unit of a kit. */
@Service
public class KitPairings {

    private final KitPairingRepository pairings;
    private final KitService kits;
    private final KitBook book;
    private final KitWorks works;
    private final GoodService goods;

    KitPairings(KitPairingRepository pairings, KitService kits, KitBook book, KitWorks works, GoodService goods) {
        this.pairings = pairings;
        this.kits = kits;
        this.book = book;
        this.works = works;
        this.goods = goods;
    }

    /**
     * A role from a bundle whose prints are known.
     *
     * @param packs   that one bag takes
     * @param prints  of the bundle, dropped ones too
     * @param singles in place of dropped ones
     * @param rule    which prints a unit takes; empty while nobody said
     * @param pairing what comes of it, likewise
     * @param suggested how many units there may be: the blocks of the size
     */
    public record Bundle(
            Role role, Good good, int packs, List<BundlePrint> prints, List<KitSingle> singles, Optional<PairingRule> rule,
            Optional<PrintMatching.Pairing> pairing,
            int suggested) {

        /** How many pieces there are of all prints that are used. */
        public int pieces() {
            return used().stream().mapToInt(PrintMatching.Print::pieces).sum();
        }

        List<PrintMatching.Print> used() {
            return Stream.concat(
                    prints.stream().map(print -> print.inPacks(packs)),
                    singles.stream().map(single -> new PrintMatching.Print(single.good().name(), single.value(), single.piecesFor(good))))
                    .filter(print -> print.pieces() > 0).toList();
        }
    }

    /** The roles of a kit that come from a bundle whose prints are known. */
    @Transactional(readOnly = true)
    public List<Bundle> of(Kit kit) {
        if (kit.goods().isEmpty()) {
            return List.of();
        }
        KitWork work = works.work(kit);
        Map<String, PairingRule> rules = pairings.findByKeyKitId(kit.id()).stream()
                .collect(Collectors.toMap(KitPairingEntity::roleKey, KitPairingEntity::toRule));
        Map<String, Count> picked = work.bill().picked();
        int blocks = work.plan().layout().map(layout -> Math.toIntExact(layout.blocks().value().value())).orElse(1);
        List<Bundle> bundles = new ArrayList<>();
        for (Role role : kit.pattern().design().roles()) {
            @Nullable
            Good good = kit.goods().get(role.key());
            List<BundlePrint> prints = good == null ? List.of() : goods.prints(good.id());
            if (good != null && !prints.isEmpty()) {
                int packs = Math.toIntExact(Optional.ofNullable(picked.get(good.code())).map(Count::value).orElse(1L));
                Optional<PairingRule> rule = Optional.ofNullable(rules.get(role.key().value()));
                Bundle bundle = new Bundle(role, good, packs, prints, kit.sources().singlesOf(role.key()), rule, Optional.empty(), blocks);
                bundles.add(new Bundle(
                        role, good, packs, prints, bundle.singles(), rule,
                        rule.map(one -> new PrintMatching(bundle.used(), one.unit()).pair(one.units())), blocks));
            }
        }
        return bundles;
    }

    /** The loose precuts that one bundle's missing prints may be replaced by: those that give a piece of its measure. */
    @Transactional(readOnly = true)
    public List<Good> replacements(Kit kit, Bundle bundle) {
        Map<String, Good> inKit = kit.goodsByCode();
        return goods.singles().stream()
                .filter(good -> !inKit.containsKey(good.code()))
                .filter(good -> SheetYield.of(good.inKit().sheet(), bundle.good().inKit().sheet()) > 0)
                .toList();
    }

    /** Takes a single in place of a print, or says what speaks against it. */
    @Transactional
    Outcome<Kit> take(long kitId, KitSingle single) {
        Kit kit = book.kit(kitId);
        Optional<Bundle> bundle = of(kit).stream().filter(one -> one.role().key().equals(single.role())).findFirst();
        boolean gives = bundle.map(one -> replacements(kit, one).contains(single.good())).orElse(false);
        return gives
                ? kits.take(kitId, kit.sources().with(single))
                : Outcome.refused(Problem.at("good", "pairing.no-single", single.good().name()));
    }

    /** Does without a single. */
    @Transactional
    void giveBack(long kitId, long goodId) {
        kits.take(kitId, book.kit(kitId).sources().withoutSingle(goodId));
    }

    /** Keeps which prints a unit of a kit takes. */
    @Transactional
    public void keep(long kitId, RoleKey role, PairingRule rule) {
        pairings.saveAndFlush(KitPairingEntity.of(new KitPairingEntity.Key(kitId, role.value()), rule));
    }
}
