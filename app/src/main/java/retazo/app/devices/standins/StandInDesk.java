package retazo.app.devices.standins;

import java.time.LocalDate;
import java.util.Locale;
import java.util.UUID;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;
import retazo.app.devices.SupplierDesk;
import retazo.app.shared.Outcome;
import retazo.core.measure.Problem;

/** Stands in for the desks at which suppliers take orders. */
@Component
@ConditionalOnProperty("retazo.standins")
class StandInDesk implements SupplierDesk {

    private static final int DIGITS = 6;
    private static final int DAYS_LATER = 9;

    private final StandIns standIns;
    private final Received received;

    StandInDesk(StandIns standIns, Received received) {
        this.standIns = standIns;
        this.received = received;
    }

    @Override
    public Outcome<Answer> place(UUID key, String supplier, LocalDate promised, String order) {
        if (standIns.has(Fault.SUPPLIER_AWAY)) {
            return Outcome.refused(Problem.of("supplier.away", supplier));
        }
        received.keep(key, "supplier", order);
        LocalDate day = standIns.has(Fault.SUPPLIER_LATER) ? promised.plusDays(DAYS_LATER) : promised;
        return Outcome.done(new Answer(key.toString().substring(0, DIGITS).toUpperCase(Locale.ROOT), day));
    }
}
