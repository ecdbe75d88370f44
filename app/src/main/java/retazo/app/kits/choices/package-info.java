/**
 * What kits and colourways choose for their roles, as it is kept in their tables.
 *
 * <p>Entry: {@link retazo.app.kits.choices.RoleChoice}. May use {@code fabrics} and {@code stock.goods}.
 */
@NullMarked
package retazo.app.kits.choices;

import org.jspecify.annotations.NullMarked;
