/**
 * The counter: one field for a quilt, a cloth, a colour, a bolt or a bag, typed or scanned; what is sold to the customer who is there; what
 * is put aside and asked for.
 *
 * <p>Entry: {@link retazo.app.counter.CounterController}.
 */
@NullMarked
package retazo.app.counter;

import org.jspecify.annotations.NullMarked;
