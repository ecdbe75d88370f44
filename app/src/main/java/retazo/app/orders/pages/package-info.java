/** The pages of orders: what is being written, what is on its way, and what comes in. */
@NullMarked
package retazo.app.orders.pages;

import org.jspecify.annotations.NullMarked;
