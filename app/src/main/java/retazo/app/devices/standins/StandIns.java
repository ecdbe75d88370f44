package retazo.app.devices.standins;

import java.util.Collection;
import java.util.EnumSet;
import java.util.Set;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** The faults that are switched on, for all that is tried until they are switched off. */
@Component
@ConditionalOnProperty("retazo.standins")
class StandIns {

    private final Set<Fault> faults = EnumSet.noneOf(Fault.class);

    synchronized boolean has(Fault fault) {
        return faults.contains(fault);
    }

    synchronized Set<Fault> faults() {
        return EnumSet.copyOf(faults);
    }

    synchronized void switchTo(Collection<Fault> wanted) {
        faults.clear();
        faults.addAll(wanted);
    }
}
