package retazo.app.devices.standins;

import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;
import retazo.app.devices.MeasuringMachine;
import retazo.core.measure.Length;

/** Stands in for a machine that measures bolts: it finds what the book says, unless it slips or drifts. */
@Component
@ConditionalOnProperty("retazo.standins")
class StandInMachine implements MeasuringMachine {

    private static final Length SLIP = Length.ofYards(1, 2);
    private static final Length LOST_OF_A_YARD = Length.ofInches(1, 8);

    private final StandIns standIns;

    StandInMachine(StandIns standIns) {
        this.standIns = standIns;
    }

    @Override
    public Length measure(Length byTheBook) {
        Length shown = byTheBook;
        if (standIns.has(Fault.MACHINE_SLIPS)) {
            shown = shown.minus(SLIP);
        }
        if (standIns.has(Fault.MACHINE_DRIFTS)) {
            shown = shown.minus(LOST_OF_A_YARD.times(Math.toIntExact(byTheBook.wholeTimes(Length.ofYards(1, 1)).value())));
        }
        return shown.atLeast(Length.ZERO);
    }
}
