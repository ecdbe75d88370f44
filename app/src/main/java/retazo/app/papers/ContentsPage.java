package retazo.app.papers;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import retazo.app.kits.Kit;
import retazo.app.kits.KitWork;
import retazo.app.kits.ShopCutText;
import retazo.app.pictures.Ink;
import retazo.app.pictures.RoleView;
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
     */
    record Line(List<CuttingPage.Letter> letters, String name, String amount, Optional<LengthView> length) {
    }

    static ContentsPage of(KitWork work, PacketWay way, LengthUnit unit, Words words) {
        List<ShopPiece> pieces = work.shopPieces();
        Set<String> inPackets = pieces.stream().map(ShopPiece::from).collect(Collectors.toSet());
        List<Line> lines = new ArrayList<>();
        for (BillLine line : work.bill().lines()) {
            if (inPackets.contains(line.match(BillLine.Cut::fabricCode, BillLine.Picked::code))) {
                continue;
            }
            lines.add(line.match(
                    cut -> ofCut(work.kit(), cut, unit, words),
                    picked -> ofPicked(work.kit(), picked, words)));
        }
        List<PacketLine> packets = new ArrayList<>();
        for (Packet packet : Packets.of(way, work.kit().pattern().design(), work.plan(), pieces)) {
            packets.add(new PacketLine(
                    packets.size() + 1, name(packet, words), packet.times(),
                    packet.pieces().stream().map(piece -> piece(work.kit(), piece, words)).toList()));
        }
        return new ContentsPage(work.kit(), lines, packets);
    }

    private static String name(Packet packet, Words words) {
        return packet.way() == PacketWay.PIECE ? "" : words.text("packet." + packet.way(), packet.name());
    }

    private static PieceLine piece(Kit kit, ShopPiece piece, Words words) {
        Ink ink = Optional.ofNullable(kit.goodsByCode().get(piece.from())).map(Kit::ink).orElseGet(() -> Kit.ink(kit.fabric(piece.from())));
        String name = piece.label().isEmpty() ? RoleView.uses(List.of(piece.use()), words) : piece.label();
        return new PieceLine(new CuttingPage.Letter(
                piece.label().isEmpty() ? kit.pattern().design().role(piece.role()).letter() : piece.label(), name, ink), piece.count());
    }

    private static Line ofCut(Kit kit, BillLine.Cut cut, LengthUnit unit, Words words) {
        String into = cut.into().map(quarters -> ShopCutText.of(quarters, words)).orElse("");
        return new Line(
                letters(kit, cut.letters(), Kit.ink(kit.fabric(cut.fabricCode()))), kit.fabric(cut.fabricCode()).name(), into,
                into.isEmpty() ? Optional.of(LengthView.of(cut.length(), unit)) : Optional.empty());
    }

    private static Line ofPicked(Kit kit, BillLine.Picked picked, Words words) {
        Good good = requireNonNull(kit.goodsByCode().get(picked.code()));
        return new Line(
                letters(kit, picked.letters(), Kit.ink(good)), good.name(),
                words.text("paper.contents-count", picked.count().value(), good.unit(), good.perUnit()), Optional.empty());
    }

    private static List<CuttingPage.Letter> letters(Kit kit, List<String> letters, Ink ink) {
        return kit.pattern().design().roles().stream().filter(role -> letters.contains(role.letter()))
                .map(role -> new CuttingPage.Letter(role.letter(), role.name(), ink)).toList();
    }
}
