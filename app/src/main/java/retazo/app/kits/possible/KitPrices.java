package retazo.app.kits.possible;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import retazo.app.kits.Kit;
import retazo.app.kits.KitWorks;
import retazo.app.kits.PriceTags;
import retazo.app.shared.FractionText;
import retazo.app.shared.LengthView;
import retazo.app.shared.MoneyText;
import retazo.core.measure.Money;
import retazo.core.quilt.setting.TopSize;

/** What bags of kits are sold for and how large their quilts are, as they are shown. */
@Component
public class KitPrices {

    private final PossibleKits possible;
    private final KitWorks works;

    KitPrices(PossibleKits possible, KitWorks works) {
        this.possible = possible;
        this.works = works;
    }

    /** Of some kits. */
    public record Told(Map<Long, PossibleKits.OneBag> bags, PriceTags tags) {

        /** Empty where a price of something in it is not known. */
        public Optional<Money> amount(Kit kit) {
            return Optional.ofNullable(bags.get(kit.id())).flatMap(one -> tags.of(kit, one.bill()));
        }

        /** The same as it is shown. */
        public String price(Kit kit) {
            return amount(kit).map(MoneyText::of).orElse("");
        }

        /** Its sides when it is sewn; empty where its pattern does not say. */
        public FractionText size(Kit kit) {
            return sides(Optional.ofNullable(bags.get(kit.id())).flatMap(PossibleKits.OneBag::finished));
        }
    }

    /** The sides of a top as they are shown; empty where nobody knows them. */
    public static FractionText sides(Optional<TopSize> finished) {
        return FractionText.of(finished.map(size -> LengthView.sides(size.width().value(), size.height().value())).orElse(""));
    }

    public Told of(List<Kit> kits) {
        return new Told(possible.oneBags(kits), works.priceTags());
    }
}
