package retazo.app.runs.pages;

import java.time.LocalDate;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import retazo.app.orders.PurchaseBook;
import retazo.app.shared.LengthView;
import retazo.app.shared.Moments;
import retazo.app.shared.Words;
import retazo.core.measure.Length;
import retazo.core.measure.LengthUnit;

/** Says what is on its way of fabrics that a run lacks: it is not there, and no bag is planned of it. */
@Component
class ComingCloth {

    private final PurchaseBook orders;
    private final Words words;

    ComingCloth(PurchaseBook orders, Words words) {
        this.orders = orders;
        this.words = words;
    }

    /** By fabric; those of which nothing comes are absent. The day is that of what comes first. */
    Map<Long, String> of(Collection<Long> fabricIds) {
        LengthUnit unit = words.sellingUnit();
        Map<Long, String> said = new HashMap<>();
        orders.coming(fabricIds).forEach((fabric, coming) -> said.put(fabric, said(coming, unit)));
        return said;
    }

    private String said(List<PurchaseBook.Coming> coming, LengthUnit unit) {
        String length = LengthView.of(
                coming.stream().map(PurchaseBook.Coming::length).reduce(Length.ZERO, Length::plus), unit).plain();
        Optional<LocalDate> first = coming.get(0).expected();
        return first.map(day -> words.text("draft.coming-on", length, Moments.day(day)))
                .orElseGet(() -> words.text("draft.coming", length));
    }
}
