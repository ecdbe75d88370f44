package retazo.app.patterns;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import retazo.app.shared.LengthView;
import retazo.app.shared.MoneyText;
import retazo.app.shared.Words;
import retazo.core.cloth.LongLay;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.cloth.PrecutKind;
import retazo.core.cutting.ClothPlan;
import retazo.core.explain.Figure;
import retazo.core.kit.Instructions;
import retazo.core.kit.KitGood;
import retazo.core.kit.Need;
import retazo.core.measure.Count;
import retazo.core.measure.Length;
import retazo.core.measure.LengthUnit;
import retazo.core.precut.RoleFromPrecuts;

/** Ways to cut the same from a cloth, or from precuts, side by side with what they take and cost. */
final class ClothWays {

    /**
     * A way to cut the same.
     *
     * @param name   of it, and why, in words
     * @param exact  before margin and rounding; empty for precuts
     * @param sell   a length, or packs
     * @param money  what that costs; empty where no price is known
     * @param chosen whether the length of the kit is its length
     * @param instructions that make it so for a kit with our page; empty for a way that is only compared
     * @param source precuts that it takes; empty for cloth
     * @param longStrips how the long strips of a kit lie then; empty where that is no choice
     */
    public record Alternative(
            String name, String why, Optional<LengthView> exact, QuantityView sell, String money, boolean chosen, Optional<Instructions> instructions,
            String source, Optional<LongLay> longStrips) {
    }

    private final ClothQuestion asked;
    private final Words words;

    ClothWays(ClothQuestion asked, Words words) {
        this.asked = asked;
        this.words = words;
    }

    List<Alternative> all(Need.Amount.Cloth planned, Need.Amount.Cloth alone) {
        Figure<Length> rounded = alone.plan().roundedParts(asked.practice().figure(PracticeMeasure.SELLING_STEP));
        boolean together = asked.instructions().arePlanned();
        List<Alternative> ways = new ArrayList<>();
        ways.add(cloth("rounded", rounded.value(), rounded.value(), false, Optional.empty(), Optional.empty()));
        ways.add(cloth("alone", alone, !together, Instructions.OURS_ALONE));
        ways.add(cloth("together", planned, together, Instructions.OURS));
        otherwise(planned).ifPresent(other -> ways.add(cloth(
                isAlong(other.plan()) ? "along" : "across", other.plan().exact().value(), other.sell().value(), false, Optional.empty(),
                together ? Optional.of(isAlong(other.plan()) ? LongLay.ALONG : LongLay.ACROSS) : Optional.empty())));
        asked.compared().precuts().forEach(role -> ways.add(precuts(role)));
        return ways;
    }

    private Alternative cloth(String key, Need.Amount.Cloth way, boolean chosen, Instructions instructions) {
        return cloth(key, way.plan().exact().value(), way.sell().value(), chosen, Optional.of(instructions), Optional.empty());
    }

    private Alternative cloth(
            String key, Length exact, Length sell, boolean chosen, Optional<Instructions> instructions, Optional<LongLay> longStrips) {
        LengthUnit unit = asked.practice().sellingUnit();
        return new Alternative(
                words.text("laid.way." + key), chosen ? words.text("laid.way.chosen") : words.text("laid.way." + key + ".why"),
                Optional.of(LengthView.inches(exact)), QuantityView.of(sell, unit), asked.compared().price().map(price -> MoneyText.of(price.of(sell))).orElse(""),
                chosen, instructions, "", longStrips);
    }

    /** Everything laid together with the long strips the other way: along the cloth where they lie across it, and across where along. */
    private Optional<Need.Amount.Cloth> otherwise(Need.Amount.Cloth planned) {
        LongLay other = isAlong(planned.plan()) ? LongLay.ACROSS : LongLay.ALONG;
        return asked.cloth(asked.practice().with(asked.practice().lay().with(other)), Instructions.OURS, asked.usableWidth())
                .filter(cloth -> isAlong(cloth.plan()) != isAlong(planned.plan()));
    }

    private static boolean isAlong(ClothPlan plan) {
        return plan.laid().stream().anyMatch(cloth -> cloth.hasLongStretch());
    }

    private Alternative precuts(RoleFromPrecuts role) {
        PrecutKind kind = role.kind();
        Count sheets = new Count(role.cautious().orElseThrow().sheets());
        Count units = KitGood.customary("", kind).units(sheets);
        boolean packs = kind.surelyInPack().isPresent();
        String count = packs && units.equals(Count.ONE) ? words.text("laid.way.precut.pack") : words.text(packs ? "laid.way.precut.packs" : "laid.way.precut.units", units.value());
        return new Alternative(
                words.text("laid.way.precut", words.text("precuts.kind." + kind.code())), words.text("laid.way.precut.why", sheets.value()), Optional.empty(),
                QuantityView.ofText(count), asked.compared().usual().of(kind, units).map(MoneyText::of).orElse(""), false, Optional.empty(), kind.code(), Optional.empty());
    }
}
