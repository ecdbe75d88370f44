/**
 * Kits whose pieces the shop cuts: which pieces come from which cloth or precut, in which packets they lie, which of them look alike, and
 * in which stacks they are cut.
 *
 * <p>Entries: {@link retazo.core.packet.ShopPieces}, {@link retazo.core.packet.Packets}, {@link retazo.core.packet.StackStep}. May use all
 * other packages but {@code bolt} and {@code verdict}.
 */
@NullMarked
package retazo.core.packet;

import org.jspecify.annotations.NullMarked;
