package retazo.app.packing;

import static java.util.Objects.requireNonNull;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.app.kits.Kit;
import retazo.app.kits.KitBook;
import retazo.app.kits.ShopCutText;
import retazo.app.pictures.Ink;
import retazo.app.runs.book.Bag;
import retazo.app.runs.book.Letters;
import retazo.app.runs.book.PlannedCut;
import retazo.app.runs.packets.BagPacket;
import retazo.app.runs.progress.ClothHands;
import retazo.app.shared.FractionText;
import retazo.app.shared.LengthView;
import retazo.app.shared.Words;
import retazo.app.stock.Bolt;
import retazo.app.stock.StockService;
import retazo.app.stock.goods.Good;
import retazo.app.stock.goods.GoodService;
import retazo.core.packet.PacketWay;

/** Puts one bag together as its page shows it. */
@Service
@Transactional(readOnly = true)
class PackingPages {

    private final BagContentsBook contents;
    private final BagTicks ticks;
    private final KitBook kits;
    private final FabricService fabrics;
    private final StockService stock;
    private final GoodService goods;
    private final ClothHands hands;
    private final Words words;

    PackingPages(
            BagContentsBook contents, BagTicks ticks, KitBook kits, FabricService fabrics, StockService stock, GoodService goods,
            ClothHands hands, Words words) {
        this.hands = hands;
        this.contents = contents;
        this.ticks = ticks;
        this.kits = kits;
        this.fabrics = fabrics;
        this.stock = stock;
        this.goods = goods;
        this.words = words;
    }

    /**
     * A line of a bag's list.
     *
     * @param into   what the length is cut into, in words; empty for one folded length
     * @param from   bolt and lot it was cut from, or why it is not there
     * @param ticked by whom and when, or empty
     */
    record LineView(long id, List<Letter> letters, Fabric fabric, LengthView length, String into, boolean cut, String from, String ticked) {
    }

    /** A role's letter in its fabric. */
    record Letter(String letter, Ink ink) {

        static List<Letter> of(Letters letters, Ink ink) {
            return letters.all().stream().map(letter -> new Letter(letter, ink)).toList();
        }
    }

    /** Something counted that is taken from the shelf. */
    record PickView(long id, List<Letter> letters, Good good, int count, String ticked) {
    }

    /**
     * Packets of one content.
     *
     * @param name     of the block or the fabrics, in words; the label of one kind of piece
     * @param toCount  how many pieces or packets are counted
     * @param single  whether it is one packet, whose pieces are counted
     * @param cut      whether all of it is cut
     * @param counted  how many were counted; empty before
     */
    record PacketView(
            long id, int number, String name, int times, int toCount, boolean single, List<PieceView> pieces, boolean cut,
            Optional<Integer> counted, String ticked) {

        /** How many pieces one of them holds. */
        public int all() {
            return pieces.stream().mapToInt(PieceView::count).sum();
        }

        public boolean isIn() {
            return counted.map(number -> number == toCount).orElse(false);
        }

        public boolean isWrong() {
            return counted.isPresent() && !isIn();
        }
    }

    /** Pieces of one kind in a packet, in the colour of what they are cut from. */
    record PieceView(String label, String what, FractionText size, String alike, int count, String from, Ink ink) {
    }

    /** A bag against its list. */
    record BagPage(Bag bag, Kit kit, List<LineView> lines, List<PickView> picks, List<PacketView> packets, List<Fabric> prints) {

        public int all() {
            return lines.size() + picks.size() + packets.size();
        }

        public long ticked() {
            return Stream.concat(lines.stream().map(LineView::ticked), picks.stream().map(PickView::ticked))
                    .filter(ticked -> !ticked.isEmpty()).count() + packets.stream().filter(PacketView::isIn).count();
        }

        public int pieces() {
            return packets.stream().mapToInt(packet -> packet.times() * packet.all()).sum();
        }

        /** Whether so many of something counted go into it: what its kit takes today may be another number. */
        boolean takes(Good good, long count) {
            return bag.picks().stream().filter(pick -> pick.goodId() == good.id()).mapToLong(Bag.Pick::count).sum() == count;
        }

        /** Whether it was confirmed before the designer of its pattern was named, so that it has neither our page nor a copy of theirs. */
        public boolean lacksTheCopy() {
            return bag.isOpen() && kit.guided().moved()
                    && kit.copy().map(copy -> bag.picks().stream().noneMatch(pick -> pick.goodId() == copy.id())).orElse(true);
        }

        public boolean complete() {
            return bag.allCut() && ticked() == all();
        }
    }

    BagPage bag(long bagId) {
        BagContents found = contents.of(bagId);
        Bag bag = found.bag();
        Map<Long, Fabric> byId = fabrics.byIds(bag.lines().stream().map(Bag.ClothLine::fabricId).toList());
        Map<Long, Bolt> bolts = stock.boltsById(
                bag.lines().stream().flatMap(line -> line.cut().stream()).map(PlannedCut::boltId).collect(Collectors.toSet()));
        ClothHands.Held held = hands.of(bag.lines().stream().flatMap(line -> line.cut().stream()).toList());
        Map<BagItem, BagTickEntity> entities = ticks.of(found);
        Map<BagItem, String> ticked = ticks.words(entities);
        List<LineView> lines = found.lengths().stream()
                .map(line -> new LineView(
                        line.id(),
                        Letter.of(line.letters(), Kit.ink(requireNonNull(byId.get(line.fabricId())))),
                        requireNonNull(byId.get(line.fabricId())),
                        LengthView.of(line.length(), words.sellingUnit()),
                        line.into().map(into -> ShopCutText.of(into, words)).orElse(""),
                        line.isCut(),
                        from(line, bolts, held),
                        ticked.getOrDefault(BagItem.line(line.id()), "")))
                .toList();
        Map<Long, Good> precuts = goods.byIds(bag.picks().stream().map(Bag.Pick::goodId).toList());
        List<PacketView> packets = found.packets().stream().map(packet -> {
            BagItem item = BagItem.packet(packet.id());
            return new PacketView(
                    packet.id(), packet.position(), name(packet), packet.times(), packet.toCount(), packet.times() == 1,
                    packet.pieces().stream().map(piece -> piece(piece, byId, precuts)).toList(), found.isCut(packet),
                    Optional.ofNullable(entities.get(item)).flatMap(BagTickEntity::counted), ticked.getOrDefault(item, ""));
        }).toList();
        return new BagPage(bag, kits.kit(bag.kitId()), lines, picks(found.picks(), precuts, ticked), packets, List.copyOf(byId.values()));
    }

    private String name(BagPacket packet) {
        BagPacket.Piece first = packet.pieces().get(0);
        return packet.way() == PacketWay.PIECE
                ? first.label().isEmpty() ? first.what() : first.label()
                : words.text("packet." + packet.way(), packet.name());
    }

    private static PieceView piece(BagPacket.Piece piece, Map<Long, Fabric> fabrics, Map<Long, Good> goods) {
        return piece.goodId().map(goods::get)
                .map(good -> view(piece, good.name(), Kit.ink(good)))
                .orElseGet(() -> {
                    Fabric fabric = requireNonNull(fabrics.get(piece.fabricId().orElseThrow()));
                    return view(piece, fabric.name(), Kit.ink(fabric));
                });
    }

    private static PieceView view(BagPacket.Piece piece, String from, Ink ink) {
        return new PieceView(piece.label(), piece.what(), FractionText.of(piece.cutSize()), piece.alike(), piece.count(), from, ink);
    }

    private static List<PickView> picks(List<Bag.Pick> picks, Map<Long, Good> goods, Map<BagItem, String> ticked) {
        return picks.stream()
                .map(pick -> {
                    Good good = requireNonNull(goods.get(pick.goodId()));
                    return new PickView(
                            pick.id(), Letter.of(pick.letters(), Kit.ink(good)), good, pick.count(),
                            ticked.getOrDefault(BagItem.pick(pick.id()), ""));
                })
                .toList();
    }

    private String from(Bag.ClothLine line, Map<Long, Bolt> bolts, ClothHands.Held held) {
        return line.cut().map(cut -> {
            Bolt bolt = requireNonNull(bolts.get(cut.boltId()));
            String where = held.where(cut).orElse(bolt.place());
            String from = words.text(line.isCut() ? "bag.cut-from" : "bag.to-cut-from", bolt.code(), bolt.lot());
            return where.isEmpty() ? from : from + ", " + where;
        }).orElseGet(() -> words.text("bag.no-bolt"));
    }
}
