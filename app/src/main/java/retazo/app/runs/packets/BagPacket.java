package retazo.app.runs.packets;

import java.util.List;
import java.util.Optional;

import retazo.core.packet.PacketWay;

/**
 * Packets of a bag with one content, as they were when its run was confirmed.
 *
 * @param position in the bag, from 1: its number
 * @param name     of the block, or the letters of the fabrics; else empty
 * @param times    how many such packets there are
 * @param pieces   of one of them
 */
public record BagPacket(long id, long bagId, int position, PacketWay way, String name, int times, List<Piece> pieces) {

    public BagPacket {
        pieces = List.copyOf(pieces);
    }

    /**
     * Pieces of one kind in a packet.
     *
     * @param label    {@code A1}; empty for long strips and panels
     * @param fabricId what they are cut from; empty where that is a precut
     * @param goodId   the precut that they are cut from
     * @param what     they are, in words
     * @param cutSize  in words; for ourselves, and for whoever may know the pattern's measurements
     * @param alike    what they are easily taken for, in words; empty for nothing
     */
    public record Piece(
            String label, Optional<Long> fabricId, Optional<Long> goodId, String what, String cutSize, String alike, int count) {
    }

    /** How many pieces one of them holds. */
    public int pieceCount() {
        return pieces.stream().mapToInt(Piece::count).sum();
    }

    /** What is counted before it is put in: packets where there are several, else pieces. */
    public int toCount() {
        return times > 1 ? times : pieceCount();
    }
}
