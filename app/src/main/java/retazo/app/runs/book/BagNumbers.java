package retazo.app.runs.book;

import java.util.List;
import java.util.stream.Collectors;

/**
 * Bags of one run by their numbers.
 *
 * @param all one or more, rising
 */
public record BagNumbers(List<Integer> all) {

    public BagNumbers {
        all = List.copyOf(all);
    }

    public int count() {
        return all.size();
    }

    /** As they are shown: {@code 3}, or {@code 3, 4, 5}. */
    @Override
    public String toString() {
        return all.stream().map(String::valueOf).collect(Collectors.joining(", "));
    }
}
