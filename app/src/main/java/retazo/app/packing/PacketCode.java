package retazo.app.packing;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What the label of a packet is read as: {@code B00012-3}, or {@code B00012-3-2} for the second of several alike.
 *
 * @param bag    the number of its bag
 * @param number of the packet in the bag
 */
record PacketCode(String bag, int number) {

    private static final Pattern WRITTEN = Pattern.compile("([bB]\\d{5,15})-(\\d{1,4})(-\\d{1,4})?");

    /** Empty for a text that is no such code. */
    static Optional<PacketCode> read(String text) {
        Matcher code = WRITTEN.matcher(text.strip());
        return code.matches() ? Optional.of(new PacketCode(code.group(1), Integer.parseInt(code.group(2)))) : Optional.empty();
    }

    /**
     * As it stands on a label.
     *
     * @param copy of how many alike, from 1
     */
    String written(int copy, int times) {
        return bag + "-" + number + (times > 1 ? "-" + copy : "");
    }
}
