package retazo.core.quilt.piece;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import retazo.core.block.BlockKey;
import retazo.core.block.shape.PieceShape;
import retazo.core.block.unit.SizedUnit;
import retazo.core.cloth.RoleKey;
import retazo.core.explain.Figure;
import retazo.core.measure.Count;
import retazo.core.quilt.setting.Use;

/**
 * Pieces of one role and one cut size for a whole quilt.
 *
 * @param label  the role's letter and a number: {@code A1}
 * @param use    what they are used for
 * @param units  the units that these pieces make; none where a cut list names the pieces alone
 * @param precut from which precut they may come, where a cut list says so
 * @param turned how many of them lie with their width up the quilt
 */
public record PieceNeed(
        String label, RoleKey role, Use use, PieceShape shape, Figure<Count> count, List<PieceUse> units, Optional<PrecutSource> precut,
        Count turned) {

    public PieceNeed {
        units = List.copyOf(units);
    }

    /** Which of a unit's pieces are meant, where a print keeps its direction. */
    public enum Lying {
        ALL,
        /** Of the units that lie in the quilt as they are drawn for themselves. */
        AS_DRAWN,
        /** Of the units that lie a quarter turned. */
        ON_ITS_SIDE
    }

    /**
     * A unit that pieces are cut for.
     *
     * @param perBlock how many of the unit each kind of block has, where it has any
     * @param pieces   how many pieces the quilt takes for it
     * @param perSet   how many of these pieces one set of pieces has, of which {@link SizedUnit#unit()} gives its number
     * @param turned   how many of the units lie a quarter turned in the quilt
     * @param lying    for which of them
     */
    public record PieceUse(
            SizedUnit unit, Map<BlockKey, Count> perBlock, Figure<Count> pieces, Count perSet, Count turned, Lying lying) {

        /** Where pieces are parted by how they lie, none has a share that is the same in every block. */
        public PieceUse lying(Lying part) {
            return part == Lying.ALL ? this : new PieceUse(unit, Map.of(), pieces, perSet, turned, part);
        }

        /** How many of the pieces lie a quarter turned with their units; no more than there are. */
        public Count turnedPieces() {
            long all = turned.value() * perSet.value() / unit.unit().perCut().value();
            return new Count(Math.min(all, pieces.value().value()));
        }
    }

    /**
     * How many of these pieces one block of such units takes, in its own colouring: of a kind that stands in several, each has a share of
     * its own.
     *
     * @param units of one block
     */
    public PieceShare in(Map<SizedUnit, Count> units) {
        return units.entrySet().stream()
                .flatMap(unit -> this.units.stream().filter(use -> use.unit().equals(unit.getKey().pooled()))
                        .map(use -> new PieceShare(
                                unit.getValue().value() * use.perSet().value(), use.unit().unit().perCut().value())))
                .reduce(PieceShare.NONE, PieceShare::plus);
    }

    /**
     * How many of these pieces one block takes, before whole sets are cut for the whole quilt: 1½ where three triangles
     * come two from a square.
     */
    public PieceShare perBlock(BlockKey block) {
        return units.stream()
                .filter(use -> use.perBlock().containsKey(block))
                .map(use -> new PieceShare(
                        use.perBlock().get(block).value() * use.perSet().value(), use.unit().unit().perCut().value()))
                .reduce(PieceShare.NONE, PieceShare::plus);
    }
}
