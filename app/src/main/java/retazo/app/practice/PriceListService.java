package retazo.app.practice;

import java.util.Currency;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.shared.Outcome;
import retazo.app.shared.Seen;
import retazo.core.cloth.UsualPrices;
import retazo.core.measure.Problem;
import retazo.core.price.Tax;

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

    /** The tax on what is sold. */
    @Transactional(readOnly = true)
    public Tax tax() {
        return lists.findById(PriceListEntity.ONLY).map(PriceListEntity::toTax).orElse(Tax.NONE);
    }

    PriceListForm typed() {
        return PriceListForm.of(usual(), tax());
    }

    /** Changes them as typed; refused when somebody else did since the form was shown. */
    @Transactional
    Outcome<UsualPrices> change(UsualPrices wanted, Tax tax, PriceListForm typed, String seen) {
        lists.lock();
        List<Problem> meanwhile = Seen.meanwhile(seen, typed().texts(), typed.texts());
        if (meanwhile.isEmpty()) {
            change(wanted);
            change(tax);
            return Outcome.done(wanted);
        }
        return Outcome.refused(meanwhile);
    }

    @Transactional
    public void change(Tax tax) {
        PriceListEntity list = lists.findById(PriceListEntity.ONLY).orElseGet(() -> lists.save(PriceListEntity.of(NONE)));
        list.update(tax);
        lists.flush();
    }

    @Transactional
    public void change(UsualPrices prices) {
        lists.findById(PriceListEntity.ONLY).ifPresentOrElse(entity -> entity.update(prices), () -> lists.save(PriceListEntity.of(prices)));
    }
}
