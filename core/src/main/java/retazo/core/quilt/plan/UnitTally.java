package retazo.core.quilt.plan;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import retazo.core.block.BlockKey;
import retazo.core.block.shape.CutPiece;
import retazo.core.block.shape.UnitCut;
import retazo.core.block.spec.UnitPractice;
import retazo.core.block.unit.CutUnit;
import retazo.core.block.unit.SizedUnit;
import retazo.core.block.unit.UnitCutting;
import retazo.core.explain.Arithmetic;
import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.explain.Origin;
import retazo.core.measure.Count;
import retazo.core.quilt.piece.PieceNeed;
import retazo.core.quilt.piece.PieceNeeds;

/** Counts equal units over the whole quilt, so that those which come several at a time are rounded up once. */
final class UnitTally {

    /**
     * Blocks with the units of one of them.
     *
     * @param turned those of its units that lie a quarter turned in it
     */
    private record Counted(BlockCount blocks, Map<SizedUnit, Count> units, Map<SizedUnit, Count> turned) {

        /** How many of a unit lie a quarter turned in the quilt: those turned in upright blocks, and the others in turned ones. */
        long turnedInQuilt(SizedUnit unit) {
            long all = requireNonNull(units.get(unit)).value();
            long sideways = turned.getOrDefault(unit, new Count(0)).value();
            long upright = blocks.count().value().value() - blocks.turned().value();
            return upright * sideways + blocks.turned().value() * (all - sideways);
        }
    }

    private final String key;
    private final UnitPractice practice;

    UnitTally(String key, UnitPractice practice) {
        this.key = key;
        this.practice = practice;
    }

    /** All units of some blocks, and their pieces. */
    record Tally(List<MadeUnit> units, List<PieceNeeds.Source> sources) {
    }

    /** The units of these blocks. */
    Tally of(List<BlockCount> blocks) {
        Map<SizedUnit, Map<CutUnit, List<Counted>>> byUnit = new LinkedHashMap<>();
        for (BlockCount count : blocks) {
            Counted placed = new Counted(count, count.kind().block().units(), count.kind().block().turnedUnits());
            placed.units().keySet().forEach(unit -> byUnit
                    .computeIfAbsent(unit.pooled(), pooled -> new LinkedHashMap<>())
                    .computeIfAbsent(unit.unit(), arrangement -> new ArrayList<>())
                    .add(placed));
        }
        Tally tally = new Tally(new ArrayList<>(), new ArrayList<>());
        for (Map.Entry<SizedUnit, Map<CutUnit, List<Counted>>> unit : byUnit.entrySet()) {
            add(unit.getKey(), unit.getValue(), key + ".unit" + (tally.units().size() + 1), tally);
        }
        return tally;
    }

    private void add(SizedUnit unit, Map<CutUnit, List<Counted>> arrangements, String unitKey, Tally tally) {
        Map<CutUnit, Figure<Count>> needed = new LinkedHashMap<>();
        Map<BlockCount, Count> perVariant = new IdentityHashMap<>();
        Count turned = new Count(arrangements.entrySet().stream()
                .flatMapToLong(entry -> entry.getValue().stream()
                        .mapToLong(placed -> placed.turnedInQuilt(new SizedUnit(entry.getKey(), unit.size(), unit.mirrored()))))
                .sum());
        arrangements.forEach((arrangement, blocks) -> {
            SizedUnit sized = new SizedUnit(arrangement, unit.size(), unit.mirrored());
            String arrangementKey = arrangements.size() == 1 ? unitKey : unitKey + ".arrangement" + (needed.size() + 1);
            needed.put(arrangement, needed(sized, blocks, arrangementKey));
            blocks.forEach(placed -> perVariant.merge(placed.blocks(), placed.units().get(sized), Count::plus));
        });
        Map<BlockKey, Count> perBlock = new LinkedHashMap<>();
        perVariant.forEach((placed, count) -> perBlock.merge(placed.kind().key(), count, UnitTally::larger));
        Figure<Count> all = unit.unit().needed(unitKey + ".needed", needed);
        UnitCut cut = unit.unit().cut(new UnitCutting(unitKey, all, unit.size(), unit.mirrored(), practice));
        tally.units().add(new MadeUnit(unit, needed, all, cut, practice.seam().value()));
        List<CutPiece> oneSet = oneSet(unit);
        for (int i = 0; i < cut.pieces().size(); i++) {
            CutPiece piece = cut.pieces().get(i);
            tally.sources().add(PieceNeeds.Source.drawn(
                    piece,
                    new PieceNeed.PieceUse(unit, perBlock, piece.count(), oneSet.get(i).count().value(), turned, PieceNeed.Lying.ALL)));
        }
    }

    /** Of a kind that stands in several colourings, the one with most. */
    private static Count larger(Count one, Count other) {
        return one.compareTo(other) >= 0 ? one : other;
    }

    /** The pieces of as many units as one set of pieces gives. */
    private List<CutPiece> oneSet(SizedUnit unit) {
        Figure<Count> perCut = Figure.given("unit.perCut", Label.of("unit.perSet"), unit.unit().perCut(), Origin.craft("units-per-set"));
        return unit.unit().cut(new UnitCutting("set", perCut, unit.size(), unit.mirrored(), practice)).pieces();
    }

    private static Figure<Count> needed(SizedUnit unit, List<Counted> blocks, String key) {
        List<Figure<Count>> products = new ArrayList<>();
        for (Counted placed : blocks) {
            String blockKey = blocks.size() == 1 ? key : key + "." + placed.blocks().name();
            Figure<Count> each = Figure.given(
                    blockKey + ".perBlock", Label.of("unit.perBlock"), requireNonNull(placed.units().get(unit)),
                    Origin.pattern("block.cells"));
            products.add(Arithmetic.productOfCounts(blockKey + ".needed", Label.of("unit.needed"), placed.blocks().count(), each));
        }
        return products.size() == 1 ? products.get(0) : Arithmetic.sumOfCounts(key + ".needed", Label.of("unit.needed"), products);
    }
}
