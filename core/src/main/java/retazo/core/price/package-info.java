/**
 * What things are sold for beyond their parts: the price of a kit, the tax on it and what the shop keeps of it.
 *
 * <p>Entry: {@link retazo.core.price.KitPrice}, {@link retazo.core.price.Tax}. May use {@code measure}.
 */
@NullMarked
package retazo.core.price;

import org.jspecify.annotations.NullMarked;
