package retazo.app.devices;

import java.util.Optional;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** The devices that there are. */
@Component
public class Devices {

    private final Optional<LabelPrinter> printer;
    private final Optional<MeasuringMachine> machine;
    private final Optional<Till> till;
    private final Optional<SupplierDesk> desk;
    private final boolean played;

    Devices(
            Optional<LabelPrinter> printer, Optional<MeasuringMachine> machine, Optional<Till> till, Optional<SupplierDesk> desk,
            @Value("${retazo.standins}") boolean played) {
        this.till = till;
        this.desk = desk;
        this.played = played;
        this.printer = printer;
        this.machine = machine;
    }

    public Optional<LabelPrinter> printer() {
        return printer;
    }

    public Optional<MeasuringMachine> machine() {
        return machine;
    }

    public Optional<Till> till() {
        return till;
    }

    public Optional<SupplierDesk> desk() {
        return desk;
    }

    /** Whether suppliers take orders without a person in between. */
    public boolean hasDesk() {
        return desk.isPresent();
    }

    /** Whether labels are printed at a press. */
    public boolean hasPrinter() {
        return printer.isPresent();
    }

    /** Whether stand-ins are in their places. */
    public boolean arePlayed() {
        return played;
    }

    public boolean hasMachine() {
        return machine.isPresent();
    }
}
