package retazo.app.runs.packets;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Table;

import java.util.ArrayList;
import java.util.List;

import org.hibernate.annotations.Immutable;

import retazo.core.packet.PacketWay;

/** Packets of one content in a bag, frozen with its bill. */
@Entity
@Immutable
@Table(name = "bag_packet")
class BagPacketEntity {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Column(name = "bag_id", nullable = false)
    private long bagId;

    @Column(nullable = false)
    private int position;

    @Column(nullable = false)
    @Enumerated(EnumType.STRING)
    private PacketWay way;

    @Column(nullable = false)
    private String name;

    @Column(nullable = false)
    private int times;

    @ElementCollection
    @CollectionTable(name = "bag_packet_piece", joinColumns = @JoinColumn(name = "packet_id"))
    @OrderColumn(name = "position")
    private List<PacketPieceValue> pieces = new ArrayList<>();

    protected BagPacketEntity() {
    }

    static BagPacketEntity of(long bagId, BagPacket packet) {
        BagPacketEntity entity = new BagPacketEntity();
        entity.bagId = bagId;
        entity.position = packet.position();
        entity.way = packet.way();
        entity.name = packet.name();
        entity.times = packet.times();
        packet.pieces().stream().map(PacketPieceValue::of).forEach(entity.pieces::add);
        return entity;
    }

    BagPacket toPacket() {
        return new BagPacket(id, bagId, position, way, name, times, pieces.stream().map(PacketPieceValue::toPiece).toList());
    }
}
