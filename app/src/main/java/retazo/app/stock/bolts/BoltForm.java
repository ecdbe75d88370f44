package retazo.app.stock.bolts;

import org.jspecify.annotations.Nullable;

/**
 * What is typed on the page of a bolt.
 *
 * @param counted the length that is really there
 * @param count   how many quarters or eighths to cut
 */
record BoltForm(@Nullable String counted, @Nullable String count) {

    static final BoltForm EMPTY = new BoltForm("", "");
}
