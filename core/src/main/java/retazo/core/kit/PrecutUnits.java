package retazo.core.kit;

import java.util.ArrayList;
import java.util.List;
import retazo.core.explain.Arithmetic;
import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.explain.Operation;
import retazo.core.explain.Origin;
import retazo.core.measure.Count;

/** Strips, squares or quarters as units of stock: whole packs, or loose ones. */
final class PrecutUnits {

    private PrecutUnits() {
    }

    /** ⌈sheets ÷ pack⌉ packs, or as many loose ones; without the sheets that are left out, and less what is beside the packs. */
    static Figure<Count> of(String key, Figure<Count> sheets, KitGood good) {
        if (good.prints().dropped() > 0 || good.prints().sheetsBeside() > 0) {
            return Arithmetic.formula(key + ".units", label(good), Operation.PACKS_AND_SINGLES, operands(key, sheets, good), () -> {
                long missing = Math.max(0, sheets.value().value() - good.prints().sheetsBeside());
                return new Count(missing).inGroupsOf(good.usablePerUnit());
            });
        }
        return good.isLoose()
                ? sheets.named(key + ".units", label(good))
                : Arithmetic.groups(key + ".units", label(good), sheets, perPack(good));
    }

    /**
     * The fewest packs whose prints go together.
     *
     * @param packs as they were found
     * @param units that are made
     */
    static Figure<Count> matched(String key, Figure<Count> sheets, KitGood good, int packs, int units) {
        List<Figure<?>> operands = new ArrayList<>();
        operands.add(Figure.given(key + ".printUnits", Label.of("precut.printUnits"), new Count(units), Origin.craft("prints-together")));
        operands.addAll(operands(key, sheets, good));
        return Arithmetic.formula(key + ".units", label(good), Operation.PRINTS_MATCHED, operands, () -> new Count(packs));
    }

    private static List<Figure<?>> operands(String key, Figure<Count> sheets, KitGood good) {
        return List.of(
                sheets,
                Figure.given(key + ".beside", Label.of("precut.beside"), new Count(good.prints().sheetsBeside()),
                        Origin.craft("prints-together")),
                perPack(good),
                Figure.given(
                        "good." + good.code() + ".dropped", Label.of("precut.dropped"), new Count(good.prints().dropped()),
                        Origin.fabric(good.code())));
    }

    private static Label label(KitGood good) {
        return Label.of(good.isLoose() ? "precut.loose" : "precut.packs");
    }

    private static Figure<Count> perPack(KitGood good) {
        return Figure.given("good." + good.code() + ".perPack", Label.of("precut.perPack"), good.perUnit(), Origin.fabric(good.code()));
    }
}
