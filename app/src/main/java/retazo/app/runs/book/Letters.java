package retazo.app.runs.book;

import java.util.List;
import java.util.stream.Stream;

/**
 * The letters of the roles that a length or a precut is for, in the order of the pattern.
 *
 * @param all one or more, or none for what serves no role
 */
public record Letters(List<String> all) {

    private static final String BETWEEN = " ";

    public Letters {
        all = List.copyOf(all);
    }

    /** As they are kept and shown: {@code A C}. */
    static Letters read(String kept) {
        return new Letters(Stream.of(kept.split(BETWEEN)).filter(letter -> !letter.isEmpty()).toList());
    }

    @Override
    public String toString() {
        return String.join(BETWEEN, all);
    }
}
