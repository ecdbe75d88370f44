package retazo.app.kits.prints;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.kits.Kit;
import retazo.app.kits.KitBook;
import retazo.app.kits.KitService;
import retazo.app.kits.KitWork;
import retazo.app.kits.KitWorks;
import retazo.app.kits.sources.KitSingle;
import retazo.app.kits.sources.KitSources;
import retazo.app.kits.sources.KitTopUp;
import retazo.app.shared.Outcome;
import retazo.app.stock.goods.BundlePrint;
import retazo.app.stock.goods.Good;
import retazo.app.stock.goods.GoodService;
import retazo.core.cloth.Role;
import retazo.core.kit.Need;
import retazo.core.kit.PrintRule;
import retazo.core.measure.Problem;
import retazo.core.precut.SheetYield;

/** Which prints of a kit's precuts go together, and what that takes. */
@Service
public class KitPairings {

    private final KitService kits;
    private final KitBook book;
    private final KitWorks works;
    private final GoodService goods;

    KitPairings(KitService kits, KitBook book, KitWorks works, GoodService goods) {
        this.kits = kits;
        this.book = book;
        this.works = works;
        this.goods = goods;
    }

    /**
     * A precut of a kit.
     *
     * @param roles     that take it, in the order of their letters
     * @param prints    as far as they are known, dropped ones too
     * @param singles   beside its packs
     * @param rule      which prints go together; mixed freely where nobody said
     * @param taken     what one bag takes of it; empty where the kit cannot be made
     * @param suggested how many units there may be: the blocks of the size
     */
    public record Bundle(
            Good good, List<Role> roles, List<BundlePrint> prints, List<KitSingle> singles, Optional<PrintRule> rule,
            Optional<Need.Amount.Units> taken, int suggested) {

        /** How many packs, or loose pieces, one bag takes. */
        public long packs() {
            return taken.map(units -> units.count().value().value()).orElse(0L);
        }
    }

    /** The precuts of a kit, once each, in the order of the letters of their first roles. */
    @Transactional(readOnly = true)
    public List<Bundle> of(Kit kit) {
        return kit.goods().isEmpty() ? List.of() : bundles(works.work(kit));
    }

    private static List<Bundle> bundles(KitWork work) {
        Kit kit = work.kit();
        int blocks = work.plan().layout().map(layout -> Math.toIntExact(layout.blocks().value().value())).orElse(1);
        Map<Good, List<Role>> roles = new LinkedHashMap<>();
        for (Role role : kit.pattern().design().roles()) {
            Optional.ofNullable(kit.goods().get(role.key()))
                    .ifPresent(good -> roles.computeIfAbsent(good, any -> new ArrayList<>()).add(role));
        }
        return roles.entrySet().stream().map(entry -> new Bundle(
                entry.getKey(), entry.getValue(), kit.prints().getOrDefault(entry.getKey().id(), List.of()),
                kit.singlesFor(entry.getKey()), Optional.ofNullable(kit.sources().printRules().get(entry.getKey().id())),
                work.need(entry.getKey().code()).flatMap(KitPairings::units), blocks)).toList();
    }

    private static Optional<Need.Amount.Units> units(Need need) {
        return need.amount().match(cloth -> Optional.empty(), printed -> Optional.empty(), quarters -> Optional.empty(), Optional::of);
    }

    /** The loose precuts that may stand beside a bundle: those that give a piece of its measure. */
    @Transactional(readOnly = true)
    public List<Good> replacements(Kit kit, Bundle bundle) {
        Map<String, Good> inKit = kit.goodsByCode();
        return goods.singles().stream()
                .filter(good -> !inKit.containsKey(good.code()))
                .filter(good -> SheetYield.of(good.inKit().sheet(), bundle.good().inKit().sheet()) > 0)
                .toList();
    }

    /** Takes a single beside a bundle, or says what speaks against it. */
    @Transactional
    Outcome<Kit> take(long kitId, KitSingle single) {
        Kit kit = book.kit(kitId);
        boolean gives = of(kit).stream()
                .filter(bundle -> bundle.roles().stream().anyMatch(role -> role.key().equals(single.role())))
                .anyMatch(bundle -> replacements(kit, bundle).contains(single.good()));
        return gives
                ? kits.take(kitId, kit.sources().with(single))
                : Outcome.refused(Problem.at("good", "pairing.no-single", single.good().name()));
    }

    /** Takes sheets off a bolt beside a bundle, or says what speaks against it. */
    @Transactional
    Outcome<Kit> take(long kitId, KitTopUp topUp) {
        Kit kit = book.kit(kitId);
        boolean elsewhere = kit.sources().topUps().stream()
                .anyMatch(other -> other.fabric().id() == topUp.fabric().id()
                        && !Objects.equals(kit.goods().get(other.role()), kit.goods().get(topUp.role())));
        return elsewhere
                ? Outcome.refused(Problem.at("cloth", "kit.top-up-elsewhere", topUp.fabric().name()))
                : kits.take(kitId, kit.sources().with(topUp));
    }

    /** Does without the sheets off a fabric's bolts, or says why the kit cannot. */
    @Transactional
    Outcome<Kit> giveBackOffBolt(long kitId, long fabricId) {
        return change(kitId, sources -> sources.withoutTopUp(fabricId));
    }

    /** Does without a single, or says why the kit cannot. */
    @Transactional
    Outcome<Kit> giveBack(long kitId, long goodId) {
        return change(kitId, sources -> sources.withoutSingle(goodId));
    }

    /** Keeps which prints of a precut go together, or says why that cannot be. */
    @Transactional
    public Outcome<Kit> keep(long kitId, Good good, PrintRule rule) {
        return change(kitId, sources -> sources.withPrints(good, rule));
    }

    /** Mixes the prints of a precut freely. */
    @Transactional
    Outcome<Kit> mix(long kitId, Good good) {
        return change(kitId, sources -> sources.mixing(good));
    }

    private Outcome<Kit> change(long kitId, UnaryOperator<KitSources> change) {
        return kits.take(kitId, change.apply(book.kit(kitId).sources()));
    }
}
