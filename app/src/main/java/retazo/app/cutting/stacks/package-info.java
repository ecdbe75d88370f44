/**
 * Pieces that the shop cuts: the ticket of each cloth and precut, stack by stack, and what was recorded of it.
 *
 * <p>Entries: {@link retazo.app.cutting.stacks.OpenPieces}, the list of those tickets, and
 * {@link retazo.app.cutting.stacks.StackService}. May use {@code runs}, {@code kits}, {@code stock},
 * {@code fabrics}, {@code cloth}, {@code staff} and {@code shared}.
 */
@NamedInterface("stacks")
@NullMarked
package retazo.app.cutting.stacks;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.NamedInterface;
