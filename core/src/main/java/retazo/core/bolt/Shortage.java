package retazo.core.bolt;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import retazo.core.measure.Length;

/**
 * A fabric whose bolts do not give all that a run asks of it, whatever the other fabrics have.
 *
 * @param missing the lengths for which no bolt has room, added up
 * @param cuts    how many lengths that are
 */
public record Shortage(String fabricCode, Length missing, int cuts) {

    /** The fabrics that limit a request, in the order of their codes. */
    public static List<Shortage> of(BoltRequest request) {
        List<Shortage> shortages = new ArrayList<>();
        for (String code : request.neededFabrics()) {
            List<Length> asked = new ArrayList<>();
            for (BagGroup group : request.groups()) {
                Length length = group.lengths().get(code);
                if (length != null) {
                    asked.addAll(Collections.nCopies(group.quantity(), length));
                }
            }
            asked.sort(Comparator.reverseOrder());
            List<Length> missing = missing(asked, new FabricPacker(request.bolts(code), request.rests()));
            if (!missing.isEmpty()) {
                shortages.add(new Shortage(code, missing.stream().reduce(Length.ZERO, Length::plus), missing.size()));
            }
        }
        return shortages;
    }

    /** The lengths left over when the shortest ones are laid first, so that as few as possible are missing. */
    private static List<Length> missing(List<Length> longestFirst, FabricPacker packer) {
        for (int from = 0; from < longestFirst.size(); from++) {
            if (packer.pack(longestFirst.subList(from, longestFirst.size())).isPresent()) {
                return longestFirst.subList(0, from);
            }
        }
        return longestFirst;
    }
}
