package retazo.app.devices;

import java.util.Optional;

import org.springframework.stereotype.Component;

/** The devices that there are. */
@Component
public class Devices {

    private final Optional<LabelPrinter> printer;
    private final Optional<MeasuringMachine> machine;

    Devices(Optional<LabelPrinter> printer, Optional<MeasuringMachine> machine) {
        this.printer = printer;
        this.machine = machine;
    }

    public Optional<LabelPrinter> printer() {
        return printer;
    }

    public Optional<MeasuringMachine> machine() {
        return machine;
    }

    /** Whether labels are printed at a press. */
    public boolean hasPrinter() {
        return printer.isPresent();
    }

    public boolean hasMachine() {
        return machine.isPresent();
    }
}
