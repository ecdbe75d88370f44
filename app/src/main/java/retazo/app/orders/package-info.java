/**
 * Orders of cloth: whom the shop buys from, what is ordered, what came of it and what is still to come.
 *
 * <p>Entries: {@link retazo.app.orders.Purchases} to write and send, {@link retazo.app.orders.Deliveries} for what comes,
 * {@link retazo.app.orders.PurchaseBook} to read, {@link retazo.app.orders.Suppliers}.
 */
@NullMarked
package retazo.app.orders;

import org.jspecify.annotations.NullMarked;
