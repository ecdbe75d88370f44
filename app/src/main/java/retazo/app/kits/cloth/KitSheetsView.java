package retazo.app.kits.cloth;

import java.util.Optional;
import retazo.app.cloth.FigureView;
import retazo.app.cloth.SheetsView;
import retazo.app.shared.FractionText;
import retazo.app.shared.LengthView;
import retazo.app.shared.Words;
import retazo.core.kit.Need;
import retazo.core.measure.LengthUnit;
import retazo.core.precut.SheetPlan;

/**
 * What a kit takes of a precut, or of a cloth that the shop cuts into quarters, with the drawing of its cuts.
 *
 * @param kind    of the quarters, in words; empty for precuts
 * @param sheets  the drawing; empty where the pattern says how many pieces each gives
 * @param measure what one sheet was planned as, in words; empty without a drawing
 * @param sell    the length off the bolt; empty for precuts
 * @param take    how many packs or loose ones are picked; 0 for a length
 * @param opened  the arithmetic
 */
public record KitSheetsView(
        String kind, Optional<SheetsView> sheets, FractionText measure, Optional<LengthView> sell, long take, FigureView opened) {

    /** Empty where the cloth is laid whole. */
    public static Optional<KitSheetsView> of(Need need, LengthUnit unit, Words words) {
        return need.amount().match(
                cloth -> Optional.empty(), printed -> Optional.empty(),
                quarters -> Optional.of(new KitSheetsView(
                        words.text("precuts.kind." + quarters.kind().code()), Optional.of(SheetsView.of(quarters.plan(), words)),
                        measure(quarters.plan(), words),
                        Optional.of(LengthView.of(quarters.sell().value(), unit)), 0, FigureView.of(quarters.sell(), words, unit))),
                units -> Optional.of(new KitSheetsView(
                        "", units.plan().map(plan -> SheetsView.of(plan, words)),
                        units.plan().map(plan -> measure(plan, words)).orElseGet(() -> FractionText.of("")),
                        Optional.empty(), units.count().value().value(), FigureView.of(units.count(), words, unit))));
    }

    private static FractionText measure(SheetPlan plan, Words words) {
        return FractionText.of(words.text("precuts.measure-cut", plan.request().height(), plan.request().width()));
    }
}
