package retazo.app.runs.packets;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;

import java.util.Optional;

import org.jspecify.annotations.Nullable;

/** Pieces of one kind in a packet, as they are kept. */
@Embeddable
class PacketPieceValue {

    @Column(nullable = false)
    private String label;

    @Column(name = "fabric_id")
    private @Nullable Long fabricId;

    @Column(name = "good_id")
    private @Nullable Long goodId;

    @Column(nullable = false)
    private String what;

    @Column(name = "cut_size", nullable = false)
    private String cutSize;

    @Column(nullable = false)
    private String alike;

    @Column(nullable = false)
    private int count;

    protected PacketPieceValue() {
    }

    static PacketPieceValue of(BagPacket.Piece piece) {
        PacketPieceValue value = new PacketPieceValue();
        value.label = piece.label();
        value.fabricId = piece.fabricId().orElse(null);
        value.goodId = piece.goodId().orElse(null);
        value.what = piece.what();
        value.cutSize = piece.cutSize();
        value.alike = piece.alike();
        value.count = piece.count();
        return value;
    }

    BagPacket.Piece toPiece() {
        return new BagPacket.Piece(label, Optional.ofNullable(fabricId), Optional.ofNullable(goodId), what, cutSize, alike, count);
    }
}
