package retazo.app.cloth;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import retazo.app.shared.LengthView;
import retazo.app.shared.MoneyText;
import retazo.app.shared.Words;
import retazo.core.cloth.BackingSeams;
import retazo.core.cloth.LongLay;
import retazo.core.cutting.ClothPlan;
import retazo.core.explain.Figure;
import retazo.core.kit.Instructions;
import retazo.core.kit.Need;
import retazo.core.measure.Count;
import retazo.core.measure.Length;
import retazo.core.measure.LengthUnit;
import retazo.core.measure.Money;
import retazo.core.quilt.finish.BackingSheet;

/** Ways to cut the same from a cloth, or from precuts, side by side with what they take and cost. */
public final class ClothWays {

    /**
     * A way to cut the same.
     *
     * @param name   of it, and why, in words
     * @param exact  before margin and rounding; empty for precuts
     * @param sell   a length, packs, or both
     * @param money  what that costs; empty where no price is known
     * @param chosen whether it is what the kit takes
     * @param source that it comes from; empty for the whole cloth
     * @param choice how it is chosen; empty for a way that is only compared
     */
    public record Alternative(
            String name, String why, Optional<LengthView> exact, QuantityView sell, String money, boolean chosen, String source,
            Optional<Choice> choice) {
    }

    /**
     * What is sent to choose a way for a kit.
     *
     * @param action last part of the address
     * @param fields with their values
     * @param offers precuts in stock, one of which is taken; none where nothing is to be picked
     */
    public record Choice(String action, Map<String, String> fields, List<ClothQuestion.Offer> offers) {
    }

    private static final String SOURCE = "source";

    private final ClothQuestion asked;
    private final Words words;

    private ClothWays(ClothQuestion asked, Words words) {
        this.asked = asked;
        this.words = words;
    }

    /** @param asked of the whole cloth, whatever is chosen; no ways where nothing is laid on it */
    public static List<Alternative> of(ClothQuestion asked, Words words) {
        Optional<Need.Amount.Cloth> planned = asked.cloth(Instructions.OURS).filter(cloth -> cloth.plan().laid().isPresent());
        return planned.map(cloth -> new ClothWays(asked, words).all(cloth, asked.cloth(asked.instructions().alone()).orElse(cloth)))
                .orElse(List.of());
    }

    private List<Alternative> all(Need.Amount.Cloth planned, Need.Amount.Cloth alone) {
        Figure<Length> rounded = alone.plan().roundedParts(asked.practice().sellingSteps());
        boolean together = asked.instructions().arePlanned();
        List<Alternative> ways = new ArrayList<>();
        ways.add(cloth("rounded", rounded.value(), rounded.value(), false, Optional.empty()));
        ways.add(cloth("alone", alone.plan().exact().value(), alone.sell().value(), !together, choice(!together, Instructions.OURS_ALONE)));
        ways.add(cloth("together", planned.plan().exact().value(), planned.sell().value(), together, choice(together, Instructions.OURS)));
        otherwise(planned).ifPresent(other -> ways.add(cloth(
                isAlong(other.plan()) ? "along" : "across", other.plan().exact().value(), other.sell().value(), false,
                together ? longStrips(isAlong(other.plan()) ? LongLay.ALONG : LongLay.ACROSS) : Optional.empty())));
        ways.addAll(backs(planned, together));
        lying().ifPresent(ways::add);
        asked.compared().others().forEach(other -> ways.add(other(other)));
        return ways;
    }

    private Alternative cloth(String key, Length exact, Length sell, boolean ofTheKit, Optional<Choice> choice) {
        boolean chosen = ofTheKit && asked.compared().isWhole();
        return new Alternative(
                words.text("laid.way." + key), chosen ? words.text("laid.way.chosen") : words.text("laid.way." + key + ".why"),
                Optional.of(LengthView.needed(exact, asked.practice().sellingUnit())),
                QuantityView.of(sell, asked.practice().sellingUnit()),
                asked.compared().price().map(price -> MoneyText.of(price.of(sell))).orElse(""), chosen, "", choice);
    }

    /**
     * The whole cloth again where the pieces come from something else; else another plan of it, which only a pattern of ours
     * leaves open.
     */
    private Optional<Choice> choice(boolean ofTheKit, Instructions instructions) {
        if (ofTheKit) {
            boolean again = !asked.compared().isWhole() && asked.compared().mayChoose() != ClothQuestion.MayChoose.NOTHING;
            return again ? Optional.of(new Choice("source/none", Map.of(), List.of())) : Optional.empty();
        }
        return mayChoosePlan()
                ? Optional.of(new Choice("instructions", Map.of("wanted", instructions.name()), List.of()))
                : Optional.empty();
    }

    private Optional<Choice> longStrips(LongLay lay) {
        return mayChoosePlan() ? Optional.of(new Choice("long-strips", Map.of("lay", lay.name()), List.of())) : Optional.empty();
    }

    private boolean mayChoosePlan() {
        return asked.compared().isWhole() && asked.compared().mayChoose() == ClothQuestion.MayChoose.EVERYTHING;
    }

    /** Everything laid together with the long strips the other way: along the cloth where they lie across it, and across where along. */
    private Optional<Need.Amount.Cloth> otherwise(Need.Amount.Cloth planned) {
        LongLay other = isAlong(planned.plan()) ? LongLay.ACROSS : LongLay.ALONG;
        return asked.cloth(asked.practice().with(asked.practice().lay().with(other)), Instructions.OURS, asked.usableWidth())
                .filter(cloth -> isAlong(cloth.plan()) != isAlong(planned.plan()));
    }

    /** The seams of a back run another way than in the plan, where its print allows that. */
    private List<Alternative> backs(Need.Amount.Cloth planned, boolean together) {
        Optional<BackingSheet.Seams> now = seams(planned.plan());
        List<Alternative> ways = new ArrayList<>();
        for (BackingSeams other : List.of(BackingSeams.VERTICAL, BackingSeams.HORIZONTAL)) {
            asked.cloth(asked.practice().with(asked.practice().lay().with(other)), Instructions.OURS, asked.usableWidth())
                    .filter(cloth -> now.isPresent() && !seams(cloth.plan()).equals(now))
                    .ifPresent(cloth -> ways.add(cloth(
                            "seams." + other, cloth.plan().exact().value(), cloth.sell().value(), false,
                            asked.compared().lies().mayChoose() && together
                                    ? Optional.of(new Choice("backing-seams", Map.of("seams", other.name()), List.of()))
                                    : Optional.empty())));
        }
        return ways;
    }

    private static Optional<BackingSheet.Seams> seams(ClothPlan plan) {
        return plan.lines().stream().flatMap(line -> line.seams().stream()).findFirst();
    }

    /** The print any way where it stays upright, and upright where it may lie any way. */
    private Optional<Alternative> lying() {
        ClothQuestion.Lies lies = asked.compared().lies();
        return lies.otherwise()
                .flatMap(needing -> needing.need(asked.practice(), asked.instructions(), asked.usableWidth()))
                .flatMap(Need::cloth)
                .map(cloth -> cloth(
                        lies.upright() ? "any-way" : "upright", cloth.plan().exact().value(), cloth.sell().value(), false,
                        lies.mayChoose()
                                ? Optional.of(new Choice("direction", Map.of("upright", Boolean.toString(!lies.upright())), List.of()))
                                : Optional.empty()));
    }

    private static boolean isAlong(ClothPlan plan) {
        return plan.laid().stream().anyMatch(cloth -> cloth.hasLongStretch());
    }

    private Alternative other(ClothQuestion.Other other) {
        boolean precuts = other.role().isPresent();
        Optional<Length> cloth = other.needs().stream().flatMap(need -> need.sold().stream()).map(Figure::value).findFirst();
        Optional<Count> units = other.needs().stream().flatMap(need -> need.picked().stream()).map(Figure::value).findFirst();
        String kind = words.text("precuts.kind." + other.kind().code() + (precuts ? "" : "-cut"));
        boolean ready = asked.compared().mayChoose() != ClothQuestion.MayChoose.NOTHING && !other.chosen()
                && (!precuts || !other.offers().isEmpty());
        Map<String, String> fields = other.role().map(role -> Map.of("role", role.key().value()))
                .orElseGet(() -> Map.of("quarters", other.code()));
        return new Alternative(
                words.text("laid.way.precut", kind), other.chosen() ? words.text("laid.way.chosen") : why(other),
                precuts
                        ? Optional.empty()
                        : other.needs().get(0).exact().map(exact -> LengthView.needed(exact.value(), asked.practice().sellingUnit())),
                units.map(count -> QuantityView.ofText(text(count, other.inPack(), cloth)))
                        .orElseGet(() -> QuantityView.of(cloth.orElseThrow(), asked.practice().sellingUnit())),
                money(other, cloth, units), other.chosen(), other.code(),
                ready ? Optional.of(new Choice(SOURCE, fields, other.offers())) : Optional.empty());
    }

    private String why(ClothQuestion.Other other) {
        String pack = other.inPack() == 1 ? words.text("laid.way.precut.singly") : words.text("laid.way.precut.inPack", other.inPack());
        return other.role()
                .map(role -> words.text(other.needs().size() > 1 ? "laid.way.precut.partly" : "laid.way.precut.why", role.letter(), pack))
                .orElseGet(() -> words.text("laid.way.quarters.why",
                        other.needs().get(0).quarters().map(cut -> cut.sheets().value()).orElse(0L)));
    }

    /** Packs, or loose ones, and the cloth beside them. */
    private String text(Count units, int inPack, Optional<Length> cloth) {
        String packs = inPack == 1
                ? words.text("laid.way.precut.units", units.value())
                : units.equals(Count.ONE) ? words.text("laid.way.precut.pack") : words.text("laid.way.precut.packs", units.value());
        LengthUnit unit = asked.practice().sellingUnit();
        return cloth.map(length -> words.text("laid.way.precut.and", packs, LengthView.of(length, unit).plain())).orElse(packs);
    }

    private String money(ClothQuestion.Other other, Optional<Length> cloth, Optional<Count> units) {
        Money nothing = Money.zero(asked.compared().usual().currency());
        Optional<Money> ofCloth = cloth.isEmpty() ? Optional.of(nothing) : asked.compared().price().map(price -> price.of(cloth.get()));
        Optional<Money> ofUnits = units.isEmpty() ? Optional.of(nothing) : asked.compared().usual().of(other.kind(), units.get());
        return ofCloth.flatMap(first -> ofUnits.map(first::plus)).map(MoneyText::of).orElse("");
    }
}
