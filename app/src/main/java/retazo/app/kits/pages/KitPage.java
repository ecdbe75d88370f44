package retazo.app.kits.pages;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import retazo.app.cloth.ClothView;
import retazo.app.cloth.FigureView;
import retazo.app.fabrics.Fabric;
import retazo.app.kits.Kit;
import retazo.app.kits.KitWork;
import retazo.app.kits.ShopCutText;
import retazo.app.pictures.Ink;
import retazo.app.pictures.QuiltPicture;
import retazo.app.pictures.RoleView;
import retazo.app.shared.FractionText;
import retazo.app.shared.LengthView;
import retazo.app.shared.MoneyText;
import retazo.app.shared.Words;
import retazo.app.stock.goods.Good;
import retazo.core.bolt.KitsPossible;
import retazo.core.cloth.Prices;
import retazo.core.explain.Figure;
import retazo.core.kit.BillCost;
import retazo.core.kit.BillLine;
import retazo.core.kit.Need;
import retazo.core.measure.Count;
import retazo.core.measure.Length;
import retazo.core.measure.LengthUnit;
import retazo.core.measure.Money;
import retazo.core.measure.Problem;
import retazo.core.price.Earning;
import retazo.core.price.KitPrice;
import retazo.core.quilt.size.Way;

/**
 * A kit as its page shows it.
 *
 * @param finished in words; empty where nobody knows
 * @param paper    what the pattern's paper leaves open
 * @param possible what can be made now
 * @param problems why it cannot be made at all by the practice of now
 * @param saving   what planning the cloths saves, or would save, in words; empty for nothing
 * @param costs    what one bag comes to
 * @param notions  that can be put into its bags
 * @param opened   the arithmetic of the figure asked for, of the first length where none is
 */
record KitPage(
        Kit kit,
        QuiltPicture picture,
        String finished,
        Paper paper,
        List<BilledItem> bill,
        Possible possible,
        long onShelf,
        List<String> problems,
        FractionText saving,
        Costs costs,
        List<Good> notions,
        Optional<FigureView> opened) {

    /**
     * What can be made now.
     *
     * @param bags  how many
     * @param stops what stops the next one, in words
     * @param more  what a bolt more of that would free, in words; empty where nothing
     */
    record Possible(long bags, String stops, String more) {
    }

    /**
     * What the pattern's paper leaves open.
     *
     * @param printed    whether the lengths are only printed
     * @param openStrips pieces of which nobody said from which strips they are cut; empty for none
     */
    record Paper(boolean printed, String openStrips) {
    }

    List<Fabric> prints() {
        return kit.cloths();
    }

    /** The key of the figure whose arithmetic is open; empty for none. */
    public String openKey() {
        return opened.map(FigureView::key).orElse("");
    }

    /**
     * What one bag comes to, in words.
     *
     * @param price    of all lines together; empty where one is not known
     * @param cost     to the shop, likewise
     * @param unpriced the lines whose price is not known
     * @param own      what it is sold for
     */
    record Costs(String price, String cost, String unpriced, OwnPrice own) {
    }

    /**
     * What a bag is sold for.
     *
     * @param sold   in words; empty where it cannot be worked out
     * @param margin how much of that the shop keeps, likewise
     * @param way    by what it is priced: {@code parts}, {@code margin} or {@code hand}
     * @param share  of a price by margin, as typed
     * @param amount of one by hand, as typed
     * @param seen   the mark of the kit's settings
     */
    record OwnPrice(String sold, String margin, String way, String share, String amount, String seen) {

        static OwnPrice of(Kit kit, Optional<Money> sold, Optional<Earning> earning) {
            KitPrice price = kit.settings().price().orElse(new KitPrice.Parts());
            return new OwnPrice(
                    sold.map(MoneyText::of).orElse(""), earning.map(one -> one.percent() + " %").orElse(""),
                    price.match(parts -> "parts", margin -> "margin", hand -> "hand"),
                    price.match(parts -> "", margin -> margin.margin().plainNumber(), hand -> ""),
                    price.match(parts -> "", margin -> "", hand -> hand.each().plainAmount()), kit.settings().mark());
        }
    }

    /** A letter of a role drawn in its fabric. */
    record Letter(String letter, Ink ink) {
    }

    /**
     * A line of the bill.
     *
     * @param lies   how a print with a direction lies and what that costs, in words; empty for others
     * @param into   what a length is cut into in the shop, in words; empty for a folded one
     * @param count  how many are picked; 0 for cloth
     * @param bags   how many bags the stock of it gives; empty for a left-over, without which a bag is made too
     * @param stops  whether it is one that stops the next bag
     */
    record BilledItem(
            What what, List<Letter> letters, String uses, List<FractionText> lies, LengthView exact,
            LengthView length, String into, long count, String figure, Optional<Long> bags, boolean stops, String price) {

        public String name() {
            return what.name();
        }
    }

    /** Cloth that is cut, or something that is picked. */
    record What(Optional<Fabric> fabric, Optional<Good> good) {

        static What cut(Fabric fabric) {
            return new What(Optional.of(fabric), Optional.empty());
        }

        static What picked(Good good) {
            return new What(Optional.empty(), Optional.of(good));
        }

        String name() {
            return fabric.map(Fabric::name).or(() -> good.map(Good::name)).orElseThrow();
        }
    }

    /** What is known of a kit beside its own work. */
    record Known(KitsPossible possible, long onShelf, Length savedByPlan, Prices<BillCost> costs,
            Map<Fabric, Length> soldOtherwise, List<Good> notions, Optional<Money> sold, Optional<Earning> earning,
            Map<String, Length> lastBolts) {
    }

    static KitPage of(KitWork work, Known known, LengthUnit unit, Optional<String> open, Words words) {
        Kit kit = work.kit();
        KitsPossible possible = known.possible();
        BillCost price = known.costs().price().orElseThrow();
        List<BilledItem> bill = work.bill().lines().stream().map(line -> line(line, work, known, unit, words)).toList();
        List<String> stopping = bill.stream().filter(BilledItem::stops).map(BilledItem::name).toList();
        return new KitPage(
                kit,
                QuiltPicture.of("quilt", kit.pattern().design(), kit.size(), kit::ink),
                work.plan().finished().map(finished -> LengthView.sides(finished.width().value(), finished.height().value())).orElse(""),
                new Paper(work.plan().way() == Way.SIZE_TABLE, String.join(", ", work.openStrips())),
                bill,
                new Possible(possible.bags().value(), words.list(stopping), more(work, known, unit, words)),
                known.onShelf(),
                work.problems().stream().map(words::of).toList(),
                FractionText.of(known.savedByPlan().isPositive()
                        ? words.text("kit.saving." + kit.instructions(), LengthView.of(known.savedByPlan(), unit).plain())
                        : ""),
                new Costs(
                        price.total().map(MoneyText::of).orElse(""),
                        known.costs().cost().flatMap(BillCost::total).map(MoneyText::of).orElse(""),
                        price.byCode().isEmpty()
                                ? ""
                                : price.unknown().stream().map(code -> name(kit, code)).collect(Collectors.joining(", ")),
                        OwnPrice.of(kit, known.sold(), known.earning())),
                known.notions(),
                find(work, open.orElse(bill.isEmpty() ? "" : bill.get(0).figure())).map(figure -> FigureView.of(figure, words, unit)));
    }

    private static String more(KitWork work, Known known, LengthUnit unit, Words words) {
        KitsPossible with = known.possible().withBolts(work.bill().lengths(), known.lastBolts());
        if (with.bags().compareTo(known.possible().bags()) <= 0) {
            return "";
        }
        List<String> bolts = known.possible().stoppedBy().stream().map(code -> words.text(
                "kit.bolt-of", LengthView.of(requireNonNull(known.lastBolts().get(code)), unit).plain(), name(work.kit(), code))).toList();
        return words.text("kit.one-bolt-more", words.list(bolts), with.bags().value(), words.list(work.kit().names(with.stoppedBy())));
    }

    private static String name(Kit kit, String code) {
        return Optional.ofNullable(kit.goodsByCode().get(code)).map(Good::name).orElseGet(() -> kit.fabric(code).name());
    }

    private static BilledItem line(BillLine line, KitWork work, Known known, LengthUnit unit, Words words) {
        KitsPossible possible = known.possible();
        Map<String, Money> prices = known.costs().price().orElseThrow().byCode();
        return line.match(
                cut -> {
                    Fabric fabric = work.kit().fabric(cut.fabricCode());
                    Optional<Need> need = work.need(cut.fabricCode());
                    return new BilledItem(
                            What.cut(fabric), letters(cut.letters(), Kit.ink(fabric)),
                            need.map(found -> RoleView.uses(found.uses(), words)).orElseGet(() -> words.text("kit.top-up")),
                            lies(fabric, cut.length(), work, known, unit, words),
                            LengthView.needed(cut.exact(), unit), LengthView.of(cut.length(), unit),
                            cut.into().map(into -> ShopCutText.of(into, words)).orElse(""), 0,
                            need.<Figure<?>>map(found -> found.amount().headline())
                                    .orElseGet(() -> requireNonNull(work.topUps().get(cut.fabricCode()))).key(),
                            Optional.of(bags(possible, cut.fabricCode())),
                            possible.stoppedBy().contains(cut.fabricCode()),
                            Optional.ofNullable(prices.get(cut.fabricCode())).map(MoneyText::of).orElse(""));
                },
                picked -> {
                    Good good = requireNonNull(work.kit().goodsByCode().get(picked.code()));
                    Optional<Need> need = Optional.ofNullable(work.needs().byFabric().get(picked.code()));
                    return new BilledItem(
                            What.picked(good), letters(picked.letters(), Kit.ink(good)),
                            need.map(found -> RoleView.uses(found.uses(), words))
                                    .orElseGet(() -> words.text(purpose(picked, good))),
                            Stream.of(against(picked.code(), work)).filter(labels -> !labels.isEmpty())
                                    .map(labels -> FractionText.of(words.text("kit.not-upright", labels))).toList(),
                            LengthView.cut(Length.ZERO), LengthView.cut(Length.ZERO), "", picked.count().value(),
                            need.map(found -> found.amount().headline().key()).orElse(""),
                            good.piece().isPresent() ? Optional.empty() : Optional.of(bags(possible, picked.code())),
                            possible.stoppedBy().contains(picked.code()),
                            Optional.ofNullable(prices.get(picked.code())).map(MoneyText::of).orElse(""));
                });
    }

    /** The labels of pieces whose print cannot stand upright; its page of the cloth says why. */
    private static String against(String code, KitWork work) {
        return work.lyingAgainstPrint(code).stream().map(Problem::place).distinct().collect(Collectors.joining(", "));
    }

    /** How a print with a direction lies, with what that costs, and what of it cannot stand upright. */
    private static List<FractionText> lies(Fabric fabric, Length length, KitWork work, Known known, LengthUnit unit, Words words) {
        List<String> told = new ArrayList<>();
        Optional.ofNullable(known.soldOtherwise().get(fabric)).ifPresent(other -> {
            boolean upright = work.kit().keepsUpright(fabric);
            Length more = length.isLongerThan(other) ? length.minus(other) : other.minus(length);
            told.add(words.text(
                    upright ? "kit.upright" : "kit.any-way", LengthView.of(more, unit).plain(),
                    ClothView.Direction.comparison(length, other)));
        });
        String against = against(fabric.code(), work);
        if (!against.isEmpty()) {
            told.add(words.text("kit.not-upright", against));
        }
        return told.stream().map(FractionText::of).toList();
    }

    /** What something counted is in a bag for, where no role of the pattern says it. */
    private static String purpose(BillLine.Picked picked, Good good) {
        if (good.isNotion()) {
            return "kit.notion";
        }
        return picked.letters().isEmpty() ? "kit.copy-of-pattern" : good.piece().isPresent() ? "kit.in-place-of-cloth" : "kit.single";
    }

    private static List<Letter> letters(List<String> letters, Ink ink) {
        return letters.stream().map(letter -> new Letter(letter, ink)).toList();
    }

    private static long bags(KitsPossible possible, String code) {
        return possible.bagsByCode().getOrDefault(code, new Count(0)).value();
    }

    private static Optional<Figure<?>> find(KitWork work, String key) {
        return Stream.concat(
                work.needs().byFabric().values().stream().<Figure<?>>map(need -> need.amount().headline()), work.topUps().values().stream())
                .filter(figure -> figure.key().equals(key))
                .findFirst();
    }
}
