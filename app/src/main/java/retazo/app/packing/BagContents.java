package retazo.app.packing;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;

import retazo.app.runs.book.Bag;
import retazo.app.runs.book.PlannedCut;
import retazo.app.runs.packets.BagPacket;
import retazo.app.runs.packets.PieceSource;

/**
 * What goes into a bag: lengths and what is picked as they are, and the packets of what the shop cuts into pieces.
 *
 * @param cut the sources of the bag's run whose pieces are all cut
 */
record BagContents(Bag bag, List<BagPacket> packets, Set<PieceSource> cut) {

    BagContents {
        packets = List.copyOf(packets);
        cut = Set.copyOf(cut);
    }

    /** The lengths that go in folded; those whose pieces lie in packets do not. */
    List<Bag.ClothLine> lengths() {
        return bag.lines().stream().filter(line -> !isFrom(piece -> piece.fabricId().equals(Optional.of(line.fabricId())))).toList();
    }

    /** What goes in as it was picked; precuts whose pieces lie in packets do not. */
    List<Bag.Pick> picks() {
        return bag.picks().stream().filter(pick -> !isFrom(piece -> piece.goodId().equals(Optional.of(pick.goodId())))).toList();
    }

    private boolean isFrom(Predicate<BagPacket.Piece> piece) {
        return packets.stream().flatMap(packet -> packet.pieces().stream()).anyMatch(piece);
    }

    /** Whether all that packets hold is cut. */
    boolean isCut(BagPacket packet) {
        return packet.pieces().stream().allMatch(this::isCut);
    }

    private boolean isCut(BagPacket.Piece piece) {
        return piece.fabricId().map(fabric -> bag.lines().stream().filter(line -> line.fabricId() == fabric)
                .allMatch(line -> line.cut().map(this::isCut).orElse(false)))
                .orElseGet(() -> piece.goodId()
                        .map(good -> cut.contains(PieceSource.ofPrecut(bag.runId(), bag.kitId(), good))).orElse(false));
    }

    private boolean isCut(PlannedCut length) {
        return length.state() == PlannedCut.State.CUT && cut.contains(PieceSource.ofCut(bag.runId(), length.id()));
    }

    /** How many things there are to put in. */
    int size() {
        return lengths().size() + picks().size() + packets.size();
    }

    /** Whether something is in the bag: ticked, and where it is counted, with as many as belong there. */
    boolean isIn(BagItem item, Map<BagItem, BagTickEntity> ticks) {
        return Optional.ofNullable(ticks.get(item))
                .map(tick -> tick.counted().map(counted -> counted == toCount(item)).orElse(true)).orElse(false);
    }

    /** How many of something are counted; 0 for what is not counted here. */
    int toCount(BagItem item) {
        return item.kind() == BagItem.Kind.PACKET ? packet(item.id()).map(BagPacket::toCount).orElse(0) : 0;
    }

    Optional<BagPacket> packet(long id) {
        return packets.stream().filter(packet -> packet.id() == id).findFirst();
    }
}
