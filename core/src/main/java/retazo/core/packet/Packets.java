package retazo.core.packet;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import retazo.core.block.shape.CutPiece;
import retazo.core.block.unit.SizedUnit;
import retazo.core.cloth.Role;
import retazo.core.cloth.RoleKey;
import retazo.core.measure.Count;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.piece.PieceNeed;
import retazo.core.quilt.plan.BlockCount;
import retazo.core.quilt.plan.MadeUnit;
import retazo.core.quilt.plan.QuiltPlan;

/** Parts the pieces of a bag into packets: each piece is in one, none in two. */
public final class Packets {

    private final QuiltDesign design;
    private final QuiltPlan plan;
    /** What is not in a packet yet, by key. */
    private final Map<String, ShopPiece> left = new LinkedHashMap<>();
    private final List<Packet> packets = new ArrayList<>();

    private Packets(QuiltDesign design, QuiltPlan plan, List<ShopPiece> pieces) {
        this.design = design;
        this.plan = plan;
        pieces.forEach(piece -> left.put(piece.key(), piece));
    }

    /** The packets, those of blocks or units first, then one for each kind of piece that is left. */
    public static List<Packet> of(PacketWay way, QuiltDesign design, QuiltPlan plan, List<ShopPiece> pieces) {
        Packets packets = new Packets(design, plan, pieces);
        switch (way) {
            case PIECE -> {
            }
            case BLOCK -> plan.blocks().forEach(packets::ofBlock);
            case PAIR -> plan.units().forEach(packets::ofUnit);
        }
        packets.left.values().forEach(piece -> packets.packets.add(new Packet(PacketWay.PIECE, "", 1, List.of(piece))));
        return packets.packets;
    }

    /** What one block takes for itself: pieces that serve several blocks at once, and strips of sets, are left. */
    private void ofBlock(BlockCount blocks) {
        int times = Math.toIntExact(blocks.count().value().value());
        Map<String, Integer> each = new LinkedHashMap<>();
        blocks.kind().block().units().forEach((unit, count) -> share(blocks, unit, count)
                .forEach((key, share) -> each.merge(key, share, Integer::sum)));
        each.entrySet().removeIf(share -> countLeft(share.getKey()) < share.getValue() * times);
        take(PacketWay.BLOCK, blocks.name(), times, each);
    }

    /** The pieces of so many units of one block, where they come out whole. */
    private Map<String, Integer> share(BlockCount blocks, SizedUnit sized, Count count) {
        Map<String, Integer> share = new LinkedHashMap<>();
        SizedUnit pooled = sized.pooled();
        plan.pieces().stream().filter(piece -> piece.shape().setRoles().isEmpty()).forEach(piece -> piece.units().stream()
                .filter(use -> use.unit().equals(pooled))
                .forEach(use -> {
                    long all = units(blocks, sized, count, use.lying()) * use.perSet().value();
                    long perCut = pooled.unit().perCut().value();
                    if (all % perCut == 0) {
                        share.merge(piece.label(), Math.toIntExact(all / perCut), Integer::sum);
                    }
                }));
        return share;
    }

    /** How many of a block's units lie so, where that is the same in every block of them; else none. */
    private static long units(BlockCount blocks, SizedUnit sized, Count count, PieceNeed.Lying lying) {
        if (lying == PieceNeed.Lying.ALL) {
            return count.value();
        }
        boolean allTurned = blocks.turned().equals(blocks.count().value());
        if (!allTurned && blocks.turned().value() > 0) {
            return 0;
        }
        long sideways = blocks.kind().block().turnedUnits().getOrDefault(sized, new Count(0)).value();
        return allTurned == (lying == PieceNeed.Lying.ON_ITS_SIDE) ? count.value() - sideways : sideways;
    }

    /** All pieces of one kind of unit that takes several fabrics; strips of a set lie with the first unit that they make. */
    private void ofUnit(MadeUnit unit) {
        if (unit.cut().pieces().stream().map(CutPiece::role).distinct().count() < 2) {
            return;
        }
        Map<String, Integer> each = new LinkedHashMap<>();
        for (CutPiece piece : unit.cut().pieces()) {
            List<String> labels = plan.labels(unit, piece);
            for (String label : labels) {
                int all = countLeft(label);
                if (all > 0) {
                    boolean whole = labels.size() > 1 || !piece.shape().setRoles().isEmpty();
                    each.merge(label, whole ? all : Math.toIntExact(piece.count().value().value()),
                            (one, other) -> whole ? all : one + other);
                }
            }
        }
        each.replaceAll((label, count) -> Math.min(count, countLeft(label)));
        take(PacketWay.PAIR, letters(unit), 1, each);
    }

    private int countLeft(String key) {
        return Optional.ofNullable(left.get(key)).map(ShopPiece::count).orElse(0);
    }

    /** The letters of its fabrics in the design's order: {@code A + B}. */
    private String letters(MadeUnit unit) {
        Set<RoleKey> roles = unit.cut().pieces().stream().map(CutPiece::role).collect(Collectors.toSet());
        return design.roles().stream().filter(role -> roles.contains(role.key())).map(Role::letter).collect(Collectors.joining(" + "));
    }

    private void take(PacketWay way, String name, int times, Map<String, Integer> each) {
        each.values().removeIf(count -> count == 0);
        if (each.isEmpty() || times == 0) {
            return;
        }
        packets.add(new Packet(way, name, times, each.entrySet().stream()
                .map(share -> requireNonNull(left.get(share.getKey())).times(share.getValue())).toList()));
        each.forEach((key, count) -> left.compute(key, (same, piece) -> piece.count() == count * times
                ? null
                : piece.times(piece.count() - count * times)));
    }
}
