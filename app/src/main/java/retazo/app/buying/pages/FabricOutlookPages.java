package retazo.app.buying.pages;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.buying.FabricKits;
import retazo.app.buying.Outlook;
import retazo.app.buying.Outlooks;
import retazo.app.cloth.FigureView;
import retazo.app.fabrics.Fabric;
import retazo.app.kits.index.KitTitle;
import retazo.app.orders.PurchaseBook.Coming;
import retazo.app.shared.LengthView;
import retazo.app.shared.Moments;
import retazo.app.shared.Words;
import retazo.core.buying.WeeklyUse;
import retazo.core.measure.Length;
import retazo.core.measure.LengthUnit;

/** How one fabric stands: what went of it, what wants it, and what its kits would take. */
@Component
@Transactional(readOnly = true)
class FabricOutlookPages {

    private static final int HIGH = 96;
    private static final int STEP = 14;
    private static final int WIDE = 11;

    private final Outlooks outlooks;
    private final FabricKits kits;
    private final Reasons reasons;
    private final Words words;

    FabricOutlookPages(Outlooks outlooks, FabricKits kits, Reasons reasons, Words words) {
        this.outlooks = outlooks;
        this.kits = kits;
        this.reasons = reasons;
        this.words = words;
    }

    /** A week as a bar; {@code high} of {@value #HIGH}. */
    record WeekBar(int x, int y, int high, boolean busiest, String text) {
    }

    /** The weeks of half a year; {@code line} is what they say together. */
    record Plot(List<WeekBar> bars, int width, String first, String most, String line) {
    }

    /** What is on its way. */
    record ComingView(long orderId, LengthView length, String expected) {
    }

    /** A kit of the fabric; {@code more} is how many bags of it somebody wants to count with. */
    record KitLine(long id, String name, LengthView one, long onShelf, int more) {
    }

    /**
     * What its kits would take.
     *
     * @param all   how many kits there are; the newest are shown
     * @param asked whether any number is typed
     * @param takes what the bags that are counted with take
     * @param missing for them beside all that is wanted already; empty where nothing is
     * @param bolts to order for them
     */
    record KitsView(List<KitLine> lines, int all, boolean asked, LengthView takes, String missing, long bolts) {
    }

    /** The page of one fabric. */
    record FabricPage(
            Outlook outlook, LengthView there, LengthView ahead, long bolts, LengthView bolt, Plot plot, List<Reasons.WantView> wants,
            List<ComingView> coming, List<FigureView> figures, String lastOrders, KitsView kits) {

        public Fabric fabric() {
            return outlook.fabric();
        }
    }

    /** @param more bags by kit that somebody counts with */
    FabricPage page(long fabricId, Map<Long, Integer> more) {
        Outlook one = outlooks.of(fabricId);
        LengthUnit unit = words.sellingUnit();
        Map<Long, KitTitle> titles = reasons.titles(List.of(one));
        List<FigureView> figures = new ArrayList<>();
        figures.add(FigureView.of(one.reorder().ahead(), words, unit));
        figures.add(FigureView.of(one.reorder().point(), words, unit));
        figures.add(FigureView.of(one.reorder().level(), words, unit));
        figures.add(FigureView.of(one.reorder().bolts(), words, unit));
        return new FabricPage(
                one, LengthView.compared(one.supply().onHand(), unit), LengthView.compared(one.reorder().ahead().value(), unit),
                one.reorder().bolts().value().value(), LengthView.of(one.bolt(), unit), plot(one, unit),
                one.wants().stream().map(want -> reasons.want(want, titles, unit)).toList(),
                one.coming().stream().map(coming -> coming(coming, unit)).toList(), figures,
                one.terms().lastOrders().map(Moments::day).orElse(""), kits(one, more, unit));
    }

    private static ComingView coming(Coming coming, LengthUnit unit) {
        return new ComingView(
                coming.purchaseId(), LengthView.of(coming.length(), unit), coming.expected().map(Moments::day).orElse(""));
    }

    private Plot plot(Outlook one, LengthUnit unit) {
        WeeklyUse use = one.use();
        WeeklyUse.Stretch busiest = use.busiest(one.supplier().leadWeeks());
        Length most = use.weeks().stream().reduce(Length.ZERO, (a, b) -> a.isLongerThan(b) ? a : b);
        LocalDate first = outlooks.firstWeek();
        List<WeekBar> bars = IntStream.range(0, use.weeks().size()).mapToObj(week -> {
            Length went = use.weeks().get(week);
            int high = most.isPositive() ? (int) (went.ticks() * HIGH / most.ticks()) : 0;
            boolean in = busiest.went().isPositive() && week >= busiest.first() && week < busiest.first() + busiest.weeks();
            return new WeekBar(
                    week * STEP, HIGH - high, high, in,
                    words.text("buying.week-of", Moments.day(first.plusWeeks(week)), LengthView.compared(went, unit).plain()));
        }).toList();
        return new Plot(
                bars, (use.weeks().size() - 1) * STEP + WIDE, Moments.day(first), LengthView.compared(most, unit).plain(),
                words.text("buying.went", LengthView.compared(use.all(), unit).plain(), use.weeks().size()));
    }

    private KitsView kits(Outlook one, Map<Long, Integer> more, LengthUnit unit) {
        FabricKits.Page found = kits.of(one.fabric().id());
        List<KitLine> lines = found.kits().stream().map(kit -> new KitLine(
                kit.id(), kit.name(), LengthView.of(kit.one(), unit), kit.onShelf(),
                Optional.ofNullable(more.get(kit.id())).orElse(0))).toList();
        Length takes = found.kits().stream().map(kit -> kit.one().times(Optional.ofNullable(more.get(kit.id())).orElse(0)))
                .reduce(Length.ZERO, Length::plus);
        Length missing = one.reorder().lackingFor(takes);
        return new KitsView(
                lines, found.all(), takes.isPositive(), LengthView.of(takes, unit),
                missing.isPositive() ? LengthView.of(missing, unit).plain() : "", one.boltsFor(missing));
    }
}
