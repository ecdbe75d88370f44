/**
 * What a bag is made as where its own fabric is not there: with a fabric of like colour, or one size less; offered, taken, and kept with a
 * name.
 *
 * <p>Entry: {@link retazo.app.runs.instead.InsteadOffers}. May use {@code runs} and what that may.
 */
@NamedInterface("instead")
@NullMarked
package retazo.app.runs.instead;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.NamedInterface;
