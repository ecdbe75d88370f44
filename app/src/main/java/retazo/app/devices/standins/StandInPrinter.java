package retazo.app.devices.standins;

import java.time.Clock;
import java.time.Instant;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;
import retazo.app.devices.LabelPrinter;
import retazo.app.shared.Outcome;
import retazo.core.measure.Problem;

/** Stands in for a printer of labels: what came out lies in a tray. */
@Component
@ConditionalOnProperty("retazo.standins")
class StandInPrinter implements LabelPrinter {

    private static final int TRAY = 40;

    private final StandIns standIns;
    private final Clock clock;
    private final Deque<Printed> tray = new ArrayDeque<>();
    private int last;

    StandInPrinter(StandIns standIns, Clock clock) {
        this.standIns = standIns;
        this.clock = clock;
    }

    /** Something that came out. */
    record Printed(int number, String name, Instant at, byte[] pdf) {
    }

    @Override
    public synchronized Outcome<String> print(String name, byte[] pdf) {
        if (standIns.has(Fault.PRINTER_EMPTY)) {
            return Outcome.refused(Problem.of("printer.empty"));
        }
        tray.addFirst(new Printed(++last, name, clock.instant(), pdf.clone()));
        if (tray.size() > TRAY) {
            tray.removeLast();
        }
        return Outcome.done(name);
    }

    /** The newest first. */
    synchronized List<Printed> tray() {
        return List.copyOf(tray);
    }

    synchronized Optional<Printed> printed(int number) {
        return tray.stream().filter(one -> one.number() == number).findFirst();
    }
}
