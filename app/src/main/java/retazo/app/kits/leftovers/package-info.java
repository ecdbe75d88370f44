/**
 * What is left over when a kit is cut: offers to other jobs, and the decisions to keep and to take.
 *
 * <p>Entry: {@link retazo.app.kits.leftovers.LeftOverOffers} finds, {@link retazo.app.kits.leftovers.LeftOverDecisions} carries out. May
 * use {@code kits} and {@code cloth}.
 */
@NullMarked
package retazo.app.kits.leftovers;

import org.jspecify.annotations.NullMarked;
