/**
 * Pieces that the shop cuts: the ticket of each cloth and precut, stack by stack, and what was recorded of it.
 *
 * <p>Entry: {@link retazo.app.cutting.stacks.OpenPieces}, the list of those tickets. May use {@code runs}, {@code kits}, {@code stock},
 * {@code fabrics}, {@code cloth}, {@code staff} and {@code shared}.
 */
@NullMarked
package retazo.app.cutting.stacks;

import org.jspecify.annotations.NullMarked;
