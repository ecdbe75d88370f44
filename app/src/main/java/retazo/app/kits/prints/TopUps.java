package retazo.app.kits.prints;

import java.util.List;
import java.util.Optional;
import java.util.function.IntFunction;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.fabrics.Fabric;
import retazo.app.kits.Kit;
import retazo.app.kits.KitWork;
import retazo.app.kits.KitWorks;
import retazo.app.kits.sources.KitSingle;
import retazo.app.kits.sources.KitSources;
import retazo.app.kits.sources.KitTopUp;
import retazo.app.stock.goods.Good;
import retazo.core.cloth.RoleKey;
import retazo.core.measure.Length;
import retazo.core.measure.Money;
import retazo.core.prints.PrintValue;

/** What completes packs that are a little short, in place of one more. */
@Service
class TopUps {

    /** More singles than anybody picks instead of a pack. */
    private static final int MOST = 12;
    private static final int MOST_OFFERS = 4;

    private final KitWorks works;

    TopUps(KitWorks works) {
        this.works = works;
    }

    /**
     * Singles in place of the last pack.
     *
     * @param single what one bag would take
     * @param price  of those, where it is known
     * @param pack   what the pack costs, likewise
     */
    record TopUp(KitSingle single, Optional<Money> price, Optional<Money> pack) {
    }

    /** The fewest of each loose precut with which a bag takes a pack less, for the first few that do. */
    @Transactional(readOnly = true)
    List<TopUp> of(Kit kit, KitPairings.Bundle bundle, List<Good> replacements) {
        return bundle.good().perUnit() == 1 || bundle.packs() == 0
                ? List.of()
                : replacements.stream().limit(MOST_OFFERS).flatMap(good -> topUp(kit, bundle, good).stream()).toList();
    }

    /**
     * Sheets off a bolt in place of the last pack.
     *
     * @param topUp  what one bag would take; enough to spare the pack, or one sheet where no number does
     * @param spares whether it spares a pack
     * @param length that is sold for them
     * @param price  of that, where it is known
     * @param pack   what the pack costs, likewise
     */
    record OffBolt(KitTopUp topUp, boolean spares, Length length, Optional<Money> price, Optional<Money> pack) {
    }

    /** The fewest sheets of a fabric with which a bag takes a pack less; empty where its cloth is too narrow for one. */
    @Transactional(readOnly = true)
    Optional<OffBolt> offBolt(Kit kit, KitPairings.Bundle bundle, Fabric fabric, PrintValue value) {
        RoleKey role = bundle.roles().get(0).key();
        Optional<Integer> fewest = bundle.good().perUnit() == 1 || bundle.packs() == 0
                ? Optional.empty()
                : fewest(kit, bundle, count -> kit.sources().with(new KitTopUp(role, fabric, value, count)));
        KitTopUp topUp = new KitTopUp(role, fabric, value, fewest.orElse(1));
        KitWork with = works.work(kit.with(kit.sources().with(topUp)));
        return Optional.ofNullable(with.topUps().get(fabric.code())).map(sold -> new OffBolt(
                topUp, fewest.isPresent(), sold.value(), works.priceTags().of(fabric, sold.value()), works.priceTags().of(bundle.good())));
    }

    private Optional<TopUp> topUp(Kit kit, KitPairings.Bundle bundle, Good good) {
        PrintValue value = good.isLight() ? PrintValue.LIGHT : PrintValue.DARK;
        return fewest(kit, bundle, count -> kit.sources().with(single(bundle, good, value, count))).map(count -> new TopUp(
                single(bundle, good, value, count), works.priceTags().of(good).map(price -> price.times(count)),
                works.priceTags().of(bundle.good())));
    }

    /** More sheets never take more packs, so the range is halved. */
    private Optional<Integer> fewest(Kit kit, KitPairings.Bundle bundle, IntFunction<KitSources> with) {
        int tooFew = 0;
        int enough = MOST + 1;
        for (int tried = MOST; tooFew + 1 < enough && tried > 0; tried = (tooFew + enough) / 2) {
            if (packsWith(kit.with(with.apply(tried)), bundle) < bundle.packs()) {
                enough = tried;
            } else {
                tooFew = tried;
            }
        }
        return enough > MOST ? Optional.empty() : Optional.of(enough);
    }

    private static KitSingle single(KitPairings.Bundle bundle, Good good, PrintValue value, int count) {
        return new KitSingle(bundle.roles().get(0).key(), good, value, count);
    }

    private long packsWith(Kit with, KitPairings.Bundle bundle) {
        return works.precutNeed(with, bundle.good(), works.practiceOf(with))
                .flatMap(need -> need.picked()).map(picked -> picked.value().value()).orElse(Long.MAX_VALUE);
    }
}
