package retazo.core.bolt.search;

import java.util.List;
import java.util.Optional;
import retazo.core.bolt.BoltRequest;
import retazo.core.measure.Count;

/**
 * Counted goods.
 *
 * @param free how many of each can be picked
 * @param each how many of each a bag of each group takes
 */
record GoodUnits(long[] free, long[][] each) {

    static GoodUnits of(BoltRequest request) {
        List<String> codes = List.copyOf(request.neededGoods());
        return new GoodUnits(
                codes.stream().mapToLong(request::free).toArray(),
                codes.stream().map(code -> request.groups().stream()
                        .mapToLong(group -> Optional.ofNullable(group.picked().get(code)).map(Count::value).orElse(0L)).toArray())
                        .toArray(long[][]::new));
    }

    int size() {
        return free.length;
    }

    long free(int good) {
        return free[good];
    }

    long each(int good, int group) {
        return each[good][group];
    }

    /** Whether there are enough of all for so many bags of each group. */
    boolean sufficeFor(int[] counts) {
        for (int good = 0; good < free.length; good++) {
            long taken = 0;
            for (int group = 0; group < counts.length; group++) {
                taken += each[good][group] * counts[group];
            }
            if (taken > free[good]) {
                return false;
            }
        }
        return true;
    }
}
