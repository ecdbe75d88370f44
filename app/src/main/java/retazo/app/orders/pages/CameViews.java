package retazo.app.orders.pages;

import static java.util.Objects.requireNonNull;

import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import retazo.app.fabrics.Fabric;
import retazo.app.orders.DeliveryBook;
import retazo.app.orders.Purchase;
import retazo.app.shared.LengthView;
import retazo.app.shared.Moments;
import retazo.app.shared.Words;
import retazo.app.staff.StaffService;
import retazo.core.measure.LengthUnit;

/** Shows what came of an order. */
@Component
class CameViews {

    private final DeliveryBook deliveries;
    private final StaffService staff;
    private final Words words;
    private final Clock clock;

    CameViews(DeliveryBook deliveries, StaffService staff, Words words, Clock clock) {
        this.deliveries = deliveries;
        this.staff = staff;
        this.words = words;
        this.clock = clock;
    }

    /**
     * Something that came.
     *
     * @param boltId 0 for what is not in stock under this entry
     * @param entry  under which it can be labelled
     */
    record CameView(Fabric fabric, long boltId, String bolt, LengthView length, String lot, String note, String who, UUID entry) {
    }

    /** @param byId the fabrics of the order */
    List<CameView> of(Purchase purchase, Map<Long, Fabric> byId) {
        List<DeliveryBook.Came> came = deliveries.of(purchase.id());
        Map<Long, Long> fabricOf = purchase.lines().stream().collect(Collectors.toMap(Purchase.Line::id, Purchase.Line::fabricId));
        Map<Long, String> names = staff.names(came.stream().map(DeliveryBook.Came::personId).collect(Collectors.toSet()));
        LengthUnit unit = words.sellingUnit();
        return came.stream().map(one -> view(
                one, requireNonNull(byId.get(requireNonNull(fabricOf.get(one.lineId())))), names.getOrDefault(one.personId(), ""), unit))
                .toList();
    }

    private CameView view(DeliveryBook.Came one, Fabric fabric, String person, LengthUnit unit) {
        String state = one.boltId().isEmpty()
                ? words.text("order.came.damaged")
                : one.stands() ? words.text("order.came.bolt", one.code()) : words.text("order.came.taken-back");
        return new CameView(
                fabric, one.stands() ? one.boltId().orElse(0L) : 0, state, LengthView.of(one.length(), unit), one.lot(), one.note(),
                words.text("order.came.who", person, Moments.near(one.at(), clock.instant())), one.entryId());
    }
}
