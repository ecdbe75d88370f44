/**
 * Bags whose pieces the shop cuts: the packets that they hold, and how far the pieces of each cloth and precut are cut.
 *
 * <p>Entries: {@link retazo.app.runs.packets.PacketBook} and {@link retazo.app.runs.packets.PieceJobs}. Uses no other room.
 */
@NamedInterface("packets")
@NullMarked
package retazo.app.runs.packets;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.NamedInterface;
