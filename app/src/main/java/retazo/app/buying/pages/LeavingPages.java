package retazo.app.buying.pages;

import static java.util.Objects.requireNonNull;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.data.domain.Slice;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.buying.FabricTerms;
import retazo.app.buying.FabricTermsBook;
import retazo.app.buying.Outlook;
import retazo.app.buying.Outlooks;
import retazo.app.fabrics.Fabric;
import retazo.app.kits.index.KitTitle;
import retazo.app.shared.LengthView;
import retazo.app.shared.Moments;
import retazo.app.shared.Words;
import retazo.core.measure.Length;
import retazo.core.measure.LengthUnit;

/** The fabrics that will soon not be had any more, with all that still needs them. */
@Component
@Transactional(readOnly = true)
class LeavingPages {

    private static final int ON_A_PAGE = 30;

    private final Outlooks outlooks;
    private final FabricTermsBook terms;
    private final Reasons reasons;
    private final Words words;
    private final Clock clock;

    LeavingPages(Outlooks outlooks, FabricTermsBook terms, Reasons reasons, Words words, Clock clock) {
        this.outlooks = outlooks;
        this.terms = terms;
        this.reasons = reasons;
        this.words = words;
        this.clock = clock;
    }

    /**
     * A fabric that is leaving.
     *
     * @param lastOrders the last day on which it can be ordered, in words
     * @param gone       whether that is over
     * @param missing    for all that wants it, with what is on its way; empty where nothing is
     * @param bolts      to order for that
     */
    record LeavingView(
            Fabric fabric, String lastOrders, boolean gone, LengthView there, LengthView promised, LengthView onOrder, boolean anyOnOrder,
            List<Reasons.WantView> wants, String missing, long bolts, String supplier) {
    }

    /** One page, counted from 0. */
    record LeavingPage(List<LeavingView> fabrics, List<String> ranges, int number, boolean more) {

        public List<Fabric> prints() {
            return fabrics.stream().map(LeavingView::fabric).toList();
        }
    }

    LeavingPage page(int page) {
        Slice<FabricTerms> found = terms.leaving(page, ON_A_PAGE);
        List<Outlook> some = outlooks.of(found.map(FabricTerms::fabricId).getContent());
        Map<Long, KitTitle> titles = reasons.titles(some);
        Map<Long, Outlook> byId = some.stream().collect(Collectors.toMap(one -> one.fabric().id(), Function.identity()));
        LengthUnit unit = words.sellingUnit();
        return new LeavingPage(
                found.stream().filter(one -> byId.containsKey(one.fabricId()))
                        .map(one -> view(requireNonNull(byId.get(one.fabricId())), titles, unit)).toList(),
                terms.ranges(), page, found.hasNext());
    }

    private LeavingView view(Outlook one, Map<Long, KitTitle> titles, LengthUnit unit) {
        Length missing = one.lacking();
        LocalDate today = Moments.today(clock);
        return new LeavingView(
                one.fabric(), one.terms().lastOrders().map(Moments::day).orElse(""), one.terms().isGone(today),
                LengthView.compared(one.supply().onHand(), unit), LengthView.compared(one.supply().promised(), unit),
                LengthView.compared(one.supply().onOrder(), unit), one.supply().onOrder().isPositive(),
                one.wants().stream().map(want -> reasons.want(want, titles, unit)).toList(),
                missing.isPositive() ? LengthView.of(missing, unit).plain() : "",
                one.boltsFor(missing), one.supplier().name());
    }
}
