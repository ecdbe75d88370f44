package retazo.app.shared;

import java.util.List;
import java.util.function.Consumer;

/** Takes a long list in parts, each short enough for one statement: it ends long before the database gives up on it. */
public final class Parts {

    private static final int AT_ONCE = 1_000;

    private Parts() {
    }

    public static <T> void of(List<T> all, Consumer<List<T>> each) {
        for (int from = 0; from < all.size(); from += AT_ONCE) {
            each.accept(all.subList(from, Math.min(all.size(), from + AT_ONCE)));
        }
    }
}
