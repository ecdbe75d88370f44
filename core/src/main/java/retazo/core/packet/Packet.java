package retazo.core.packet;

import java.util.List;

/**
 * Packets of one content.
 *
 * @param way    what they hold
 * @param name   of the block, or the letters of the fabrics of a unit; else empty
 * @param times  how many such packets the bag has, 1 or more
 * @param pieces of one packet, one or more kinds
 */
public record Packet(PacketWay way, String name, int times, List<ShopPiece> pieces) {

    public Packet {
        pieces = List.copyOf(pieces);
    }

    /** All pieces of one packet. */
    public int count() {
        return pieces.stream().mapToInt(ShopPiece::count).sum();
    }
}
