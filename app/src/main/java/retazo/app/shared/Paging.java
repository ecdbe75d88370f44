package retazo.app.shared;

import java.util.function.Consumer;
import java.util.function.IntFunction;
import org.springframework.data.domain.Slice;

/** Pages of lists. */
public final class Paging {

    private static final int LAST = 10_000;

    private Paging() {
    }

    /** A page number as it was asked for, from 0 to one that no list reaches. */
    public static int number(int asked) {
        return Math.max(0, Math.min(asked, LAST));
    }

    /** Takes all pages, one after the other. */
    public static <T> void each(IntFunction<Slice<T>> page, Consumer<Slice<T>> each) {
        Slice<T> here = page.apply(0);
        each.accept(here);
        for (int number = 1; here.hasNext(); number++) {
            here = page.apply(number);
            each.accept(here);
        }
    }
}
