/**
 * What can be added to a kit, for its page and for the counter: how much more cloth that is, for what price, and how many could be made.
 * Enter by {@link retazo.app.kits.options.KitOptions}.
 */
@NamedInterface("options")
@NullMarked
package retazo.app.kits.options;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.NamedInterface;
