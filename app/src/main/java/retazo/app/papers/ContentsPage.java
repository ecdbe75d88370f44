package retazo.app.papers;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import retazo.app.cloth.PartNames;
import retazo.app.fabrics.Fabric;
import retazo.app.kits.Kit;
import retazo.app.kits.KitWork;
import retazo.app.kits.ShopCutText;
import retazo.app.pictures.Ink;
import retazo.app.runs.packets.BagPacket;
import retazo.app.shared.LengthView;
import retazo.app.shared.Words;
import retazo.app.stock.goods.Good;
import retazo.core.kit.BillLine;
import retazo.core.measure.LengthUnit;
import retazo.core.packet.Packet;
import retazo.core.packet.PacketWay;
import retazo.core.packet.Packets;
import retazo.core.packet.ShopPiece;

/**
 * What lies in a bag, as it goes out with every kit: letters, cloths, lengths and counts, and no cut size, so that it may go out with
 * another designer's pattern too.
 *
 * @param lines   in the order of the bill; without what lies in packets
 * @param packets of the pieces that the shop cuts
 */
record ContentsPage(Kit kit, List<Line> lines, List<PacketLine> packets) {

    /**
     * Packets of one content.
     *
     * @param name   of what they hold; the label of one kind of piece
     * @param pieces of one of them, by their labels
     */
    record PacketLine(int number, String name, int times, List<PieceLine> pieces) {

        public int all() {
            return pieces.stream().mapToInt(PieceLine::count).sum();
        }
    }

    /** So many pieces of one label, in the colour of what they are cut from. */
    record PieceLine(CuttingPage.Letter letter, int count) {
    }

    /**
     * Something in the bag.
     *
     * @param letters of the roles that it serves, in its colour; none for what is no cloth
     * @param name    of the fabric, or of what is counted
     * @param amount  a count or what a length is cut into, in words; empty for one folded length
     * @param length  of one folded length
     * @param cloth   that it is, as its key shows it; empty for what is counted
     */
    record Line(List<CuttingPage.Letter> letters, String name, String amount, Optional<LengthView> length, Optional<Fabric> cloth) {
    }

    /** Packets and the codes of what lies in them. */
    record Packed(List<PacketLine> packets, Set<String> codes) {

        /** As the packets of new bags would be. */
        static Packed planned(KitWork work, PacketWay way, Words words) {
            List<ShopPiece> pieces = work.shopPieces();
            List<PacketLine> packets = new ArrayList<>();
            for (Packet packet : Packets.of(way, work.kit().pattern().design(), work.plan(), pieces)) {
                packets.add(new PacketLine(
                        packets.size() + 1, name(packet.way(), packet.name(), words), packet.times(),
                        packet.pieces().stream().map(piece -> piece(work.kit(), piece, words)).toList()));
            }
            return new Packed(packets, pieces.stream().map(ShopPiece::from).collect(Collectors.toSet()));
        }

        /** As a bag was confirmed with them. */
        static Packed frozen(Kit kit, List<BagPacket> packets, Words words) {
            Set<String> codes = new HashSet<>();
            packets.forEach(packet -> packet.pieces().forEach(piece -> from(kit, piece).ifPresent(codes::add)));
            return new Packed(
                    packets.stream().map(packet -> new PacketLine(
                            packet.position(), name(packet.way(), packet.name(), words), packet.times(),
                            packet.pieces().stream().map(piece -> piece(kit, piece)).toList())).toList(),
                    codes);
        }
    }

    static ContentsPage of(KitWork work, Packed packed, LengthUnit unit, Words words) {
        List<Line> lines = new ArrayList<>();
        for (BillLine line : work.bill().lines()) {
            if (!packed.codes().contains(line.match(BillLine.Cut::fabricCode, BillLine.Picked::code))) {
                lines.add(line.match(
                        cut -> ofCut(work.kit(), cut, unit, words),
                        picked -> ofPicked(work.kit(), picked, words)));
            }
        }
        return new ContentsPage(work.kit(), lines, packed.packets());
    }

    private static String name(PacketWay way, String name, Words words) {
        return way == PacketWay.PIECE ? "" : words.text("packet." + way, name);
    }

    /** The code of what a piece of a packet is cut from; empty where the kit has it no more. */
    private static Optional<String> from(Kit kit, BagPacket.Piece piece) {
        return piece.fabricId()
                .flatMap(id -> kit.fabrics().values().stream().filter(fabric -> fabric.id() == id).map(Fabric::code).findFirst())
                .or(() -> piece.goodId()
                        .flatMap(id -> kit.goods().values().stream().filter(good -> good.id() == id).map(Good::code).findFirst()));
    }

    private static PieceLine piece(Kit kit, BagPacket.Piece piece) {
        String name = piece.label().isEmpty() ? piece.what() : piece.label();
        return new PieceLine(
                new CuttingPage.Letter(piece.label(), name, from(kit, piece).map(code -> ink(kit, code)).orElse(Kit.NOT_CHOSEN)),
                piece.count());
    }

    private static Ink ink(Kit kit, String code) {
        return Optional.ofNullable(kit.goodsByCode().get(code)).map(Kit::ink).orElseGet(() -> Kit.ink(kit.fabric(code)));
    }

    private static PieceLine piece(Kit kit, ShopPiece piece, Words words) {
        String name = piece.label().isEmpty() ? new PartNames(words).strips(List.of(piece.use()), piece.runs()) : piece.label();
        return new PieceLine(new CuttingPage.Letter(
                piece.label(), name, ink(kit, piece.from())), piece.count());
    }

    private static Line ofCut(Kit kit, BillLine.Cut cut, LengthUnit unit, Words words) {
        String into = cut.into().map(quarters -> ShopCutText.of(quarters, words)).orElse("");
        Fabric fabric = kit.fabric(cut.fabricCode());
        return new Line(
                letters(kit, cut.letters(), Kit.ink(fabric)), fabric.name(), into,
                into.isEmpty() ? Optional.of(LengthView.of(cut.length(), unit)) : Optional.empty(), Optional.of(fabric));
    }

    private static Line ofPicked(Kit kit, BillLine.Picked picked, Words words) {
        Good good = requireNonNull(kit.goodsByCode().get(picked.code()));
        return new Line(
                letters(kit, picked.letters(), Kit.ink(good)), good.name(),
                words.text("paper.contents-count", picked.count().value(), good.unit(), good.perUnit()), Optional.empty(),
                Optional.empty());
    }

    private static List<CuttingPage.Letter> letters(Kit kit, List<String> letters, Ink ink) {
        return kit.pattern().design().roles().stream().filter(role -> letters.contains(role.letter()))
                .map(role -> new CuttingPage.Letter(role.letter(), role.name(), ink)).toList();
    }
}
