package retazo.app.runs;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import retazo.app.cloth.PartNames;
import retazo.app.cloth.ShapeWords;
import retazo.app.kits.Kit;
import retazo.app.kits.KitWork;
import retazo.app.practice.PracticeService;
import retazo.app.runs.packets.BagPacket;
import retazo.app.runs.packets.PacketBook;
import retazo.app.shared.LengthView;
import retazo.app.shared.Words;
import retazo.app.stock.goods.Good;
import retazo.core.packet.LookAlikes;
import retazo.core.packet.Packet;
import retazo.core.packet.Packets;
import retazo.core.packet.ShopPiece;

/** The packets of the bags of a kit whose pieces the shop cuts, as they are frozen with the bill. */
@Component
class FrozenPackets {

    private final PacketBook book;
    private final PracticeService practice;
    private final Words words;

    FrozenPackets(PacketBook book, PracticeService practice, Words words) {
        this.book = book;
        this.practice = practice;
        this.words = words;
    }

    /** None where the bags hold lengths. */
    List<BagPacket> of(KitWork work) {
        List<ShopPiece> pieces = work.shopPieces();
        Map<String, List<LookAlikes.LookAlike>> alike = LookAlikes.of(pieces);
        List<BagPacket> packets = new ArrayList<>();
        for (Packet packet : Packets.of(practice.packets(), work.kit().pattern().design(), work.plan(), pieces)) {
            packets.add(new BagPacket(
                    0, 0, packets.size() + 1, packet.way(), packet.name(), packet.times(),
                    packet.pieces().stream().map(piece -> frozen(work, piece, alike.getOrDefault(piece.key(), List.of())))
                            .toList()));
        }
        return packets;
    }

    void keep(long bagId, List<BagPacket> packets) {
        book.keep(bagId, packets);
    }

    private BagPacket.Piece frozen(KitWork work, ShopPiece piece, List<LookAlikes.LookAlike> alike) {
        Kit kit = work.kit();
        String use = new PartNames(words).strips(List.of(piece.use()), piece.runs());
        Optional<Long> good = Optional.ofNullable(kit.goodsByCode().get(piece.from())).map(Good::id);
        String size = piece.shape().map(shape -> ShapeWords.of(shape, words))
                .orElseGet(() -> LengthView.sides(piece.width(), piece.height()));
        return new BagPacket.Piece(
                piece.label(), good.isPresent() ? Optional.empty() : Optional.of(kit.fabric(piece.from()).id()), good,
                work.plan().itemOf(piece.key()).map(item -> words.text("sizes.of-item", use, item.item().name())).orElse(use), size,
                words.list(alike.stream().map(one -> words.text("packet.alike." + one.difference(), one.other().label())).toList()),
                piece.count());
    }
}
