/**
 * What goes out of the shop: written in the transaction of what it tells of, carried afterwards until it has arrived, once.
 *
 * <p>Entry: {@link retazo.app.outbox.Outbox}; whoever brings a kind of it somewhere is a {@link retazo.app.outbox.Carrier}. May use
 * {@code shared}.
 */
@NullMarked
package retazo.app.outbox;

import org.jspecify.annotations.NullMarked;
