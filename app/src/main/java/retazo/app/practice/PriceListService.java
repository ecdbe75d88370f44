package retazo.app.practice;

import java.util.Currency;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import retazo.core.cloth.UsualPrices;

/** The shop's currency and usual prices. A shop that has set nothing counts in dollars and has no prices. */
@Service
public class PriceListService {

    private static final UsualPrices NONE = UsualPrices.none(Currency.getInstance("USD"));

    private final PriceListRepository lists;

    PriceListService(PriceListRepository lists) {
        this.lists = lists;
    }

    @Transactional(readOnly = true)
    public UsualPrices usual() {
        return lists.findById(PriceListEntity.ONLY).map(PriceListEntity::toPrices).orElse(NONE);
    }

    @Transactional
    public void change(UsualPrices prices) {
        lists.findById(PriceListEntity.ONLY).ifPresentOrElse(entity -> entity.update(prices), () -> lists.save(PriceListEntity.of(prices)));
    }
}
