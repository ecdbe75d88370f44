package retazo.core.season;

import java.util.Map;
import java.util.TreeMap;
import retazo.core.measure.Count;
import retazo.core.measure.Length;

/**
 * A kit that a season may make.
 *
 * @param id      unique in the season
 * @param worth   what one brings, in any unit that is the same for all; zero or more
 * @param least   how many are made in any case
 * @param most    how many are wished at most; not below {@code least}
 * @param lengths what one takes of each fabric, by code, each longer than nothing
 * @param picked  what one takes of counted goods, by code, each 1 or more
 */
public record SeasonKit(String id, long worth, Count least, Count most, Map<String, Length> lengths, Map<String, Count> picked) {

    public SeasonKit {
        lengths = java.util.Collections.unmodifiableMap(new TreeMap<>(lengths));
        picked = java.util.Collections.unmodifiableMap(new TreeMap<>(picked));
        if (worth < 0 || most.compareTo(least) < 0) {
            throw new IllegalArgumentException("Kit '" + id + "' is worth " + worth + ", " + least + " to " + most + ".");
        }
        if (lengths.isEmpty() && picked.isEmpty()) {
            throw new IllegalArgumentException("Kit '" + id + "' takes nothing: it could be made without end.");
        }
    }
}
