package retazo.app.shared;

/** Pages of lists. */
public final class Paging {

    private static final int LAST = 10_000;

    private Paging() {
    }

    /** A page number as it was asked for, from 0 to one that no list reaches. */
    public static int number(int asked) {
        return Math.max(0, Math.min(asked, LAST));
    }
}
