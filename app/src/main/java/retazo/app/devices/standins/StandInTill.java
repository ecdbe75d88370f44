package retazo.app.devices.standins;

import java.util.Locale;
import java.util.UUID;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;
import retazo.app.devices.Till;
import retazo.app.shared.Outcome;
import retazo.core.measure.Problem;

/** Stands in for a till. */
@Component
@ConditionalOnProperty("retazo.standins")
class StandInTill implements Till {

    static final String NAME = "till";
    private static final int DIGITS = 6;

    private final StandIns standIns;
    private final Received received;

    StandInTill(StandIns standIns, Received received) {
        this.standIns = standIns;
        this.received = received;
    }

    @Override
    public Outcome<String> ring(UUID key, String slip) {
        if (standIns.has(Fault.TILL_AWAY)) {
            return Outcome.refused(Problem.of("till.away"));
        }
        received.keep(key, NAME, slip);
        return standIns.has(Fault.TILL_MUTE)
                ? Outcome.refused(Problem.of("till.mute"))
                : Outcome.done(key.toString().substring(0, DIGITS).toUpperCase(Locale.ROOT));
    }
}
