package retazo.app.kits.prints;

import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.kits.Kit;
import retazo.app.kits.KitWorks;
import retazo.app.kits.sources.KitSingle;
import retazo.app.stock.goods.Good;
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

    /** More singles never take more packs, so the range is halved. */
    private Optional<TopUp> topUp(Kit kit, KitPairings.Bundle bundle, Good good) {
        PrintValue value = good.isLight() ? PrintValue.LIGHT : PrintValue.DARK;
        int tooFew = 0;
        int enough = MOST + 1;
        for (int tried = MOST; tooFew + 1 < enough && tried > 0; tried = (tooFew + enough) / 2) {
            if (packsWith(kit, bundle, single(bundle, good, value, tried)) < bundle.packs()) {
                enough = tried;
            } else {
                tooFew = tried;
            }
        }
        int count = enough;
        return count > MOST
                ? Optional.empty()
                : Optional.of(new TopUp(
                        single(bundle, good, value, count), works.priceOf(good).map(price -> price.times(count)),
                        works.priceOf(bundle.good())));
    }

    private static KitSingle single(KitPairings.Bundle bundle, Good good, PrintValue value, int count) {
        return new KitSingle(bundle.roles().get(0).key(), good, value, count);
    }

    private long packsWith(Kit kit, KitPairings.Bundle bundle, KitSingle single) {
        Kit with = kit.with(kit.sources().with(single));
        return works.precutNeed(with, bundle.good(), works.practiceOf(with))
                .flatMap(need -> need.picked()).map(picked -> picked.value().value()).orElse(Long.MAX_VALUE);
    }
}
