package retazo.app.practice;

import retazo.core.packet.PacketWay;

/**
 * How bags are packed.
 *
 * @param packets what a packet of pieces holds
 * @param closing who may close a bag
 */
record PackingWay(PacketWay packets, BagClosing closing) {

    static final PackingWay CUSTOMARY = new PackingWay(PacketWay.PIECE, BagClosing.ANYBODY);
}
