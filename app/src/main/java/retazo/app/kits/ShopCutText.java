package retazo.app.kits;

import retazo.app.shared.LengthView;
import retazo.app.shared.Words;
import retazo.core.cloth.SheetSize;
import retazo.core.kit.ShopCut;
import retazo.core.measure.Count;

/** Quarters and eighths that a length is cut into, in words. */
public final class ShopCutText {

    private ShopCutText() {
    }

    /**
     * What the cutter does with the length: {@code every 18 in and along the fold, 6 fat quarters}; says so where half of one pair
     * is over.
     */
    public static String toCut(ShopCut cut, Words words) {
        if (cut.size().isPresent()) {
            return words.text("shopcut.sized", of(cut, words));
        }
        boolean odd = cut.sheets().value() % 2 > 0;
        return words.text(odd ? "shopcut.odd" : "shopcut.even", cut.kind().lengthForTwo().orElseThrow(), of(cut, words));
    }

    /** How many of what: {@code 6 fat quarters}. */
    public static String of(ShopCut cut, Words words) {
        if (cut.size().isPresent()) {
            SheetSize size = cut.size().get();
            return words.text("shopcut.sheets", cut.sheets().value(), LengthView.sides(size.width(), size.length()));
        }
        String unit = words.text((cut.sheets().equals(Count.ONE) ? "sizes.unit." : "sizes.units.") + cut.kind().code());
        return cut.sheets().value() + " " + unit;
    }
}
