package retazo.app.counter;

import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import retazo.app.fabrics.Fabric;
import retazo.app.kits.Kit;
import retazo.app.kits.options.KitOption;
import retazo.app.kits.options.KitOptions;
import retazo.app.shared.LengthView;
import retazo.app.shared.MoneyText;
import retazo.app.shared.Words;
import retazo.core.measure.LengthParts;
import retazo.core.measure.LengthUnit;

/** What can be added to a packed bag: of a cloth that is in it, from the lot that it was cut from, while that lasts. */
@Component
class BagOptions {

    private final KitOptions options;
    private final Words words;

    BagOptions(KitOptions options, Words words) {
        this.options = options;
        this.words = words;
    }

    /** An option with its price, which is empty where nobody knows it. */
    record Option(String name, List<Line> lines, String price) {
    }

    /**
     * A length that it takes.
     *
     * @param asked  what is typed in the counter's field to cut it; empty where its lot has not enough
     * @param sameLot whether that is the lot of the bag
     */
    record Line(Fabric fabric, LengthView length, Optional<String> asked, boolean sameLot) {
    }

    List<Option> of(Kit kit, List<MoreOfLots.OfLot> lots) {
        LengthUnit unit = words.sellingUnit();
        return options.of(kit, KitOptions.Wish.usual(unit)).stream().filter(option -> option.goods().isEmpty())
                .map(option -> new Option(
                        words.text("counter.option." + option.kind()),
                        option.cloth().stream().map(more -> line(more, lots, unit)).toList(),
                        option.price().map(MoneyText::of).orElse("")))
                .toList();
    }

    private static Line line(KitOption.MoreCloth more, List<MoreOfLots.OfLot> lots, LengthUnit unit) {
        String length = " " + LengthParts.exactText(more.length(), unit);
        LengthView shown = LengthView.of(more.length(), unit);
        return lots.stream().filter(lot -> lot.fabric().id() == more.fabric().id()).findFirst()
                .map(lot -> new Line(
                        more.fabric(), shown,
                        lot.bolt().filter(bolt -> !more.length().isLongerThan(lot.longest())).map(bolt -> bolt + length), true))
                .orElseGet(() -> new Line(more.fabric(), shown, Optional.of(more.fabric().code() + length), false));
    }
}
