package retazo.app.opening;

import java.util.List;
import java.util.Map;

/**
 * A list, read.
 *
 * @param faults  by line; with any of them nothing may be booked
 * @param given   cells that were empty and that are filled now, such as the number of a bolt, by line
 * @param sum     what is in it, in words
 * @param booking books it all; only where there are no faults
 */
record Checked(List<LineFault> faults, Map<Integer, Map<String, String>> given, String sum, Booking booking) {

    boolean isRight() {
        return faults.isEmpty();
    }
}
