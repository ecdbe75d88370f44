package retazo.core.quilt.plan;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import retazo.core.block.shape.CutPiece;
import retazo.core.block.shape.CutSize;
import retazo.core.block.shape.PieceShape;
import retazo.core.block.spec.OneWayEffect;
import retazo.core.cloth.PrintKind;
import retazo.core.cloth.RoleKey;
import retazo.core.cloth.ShopPractice;
import retazo.core.measure.Problem;
import retazo.core.quilt.design.Item;
import retazo.core.quilt.finish.BackingSheet;
import retazo.core.quilt.finish.BindingStrip;
import retazo.core.quilt.piece.PieceNeed;
import retazo.core.quilt.setting.Layout;
import retazo.core.quilt.setting.LongPieces;
import retazo.core.quilt.setting.TopSize;
import retazo.core.quilt.setting.Use;
import retazo.core.quilt.size.QuiltSize;
import retazo.core.quilt.size.Way;

/**
 * One size of a design worked out: everything that does not depend on the width of a cloth.
 *
 * @param way        from which of the design's ways it comes; from a size table, which names lengths only, there are no pieces
 * @param layout     the blocks, without borders; only of a drawing
 * @param finished   with borders; as printed where nothing is drawn
 * @param blocks     how many are sewn of each kind in each colouring, those of items too
 * @param units      that the blocks are sewn of
 * @param pieces     by role in the design's order, larger pieces first
 * @param longPieces borders from the inside out, row sashes, flange; of items too
 * @param piecedBorders sewn of blocks, which are among the blocks; of items too
 * @param bindings   the quilt's first, then those of its items
 * @param backings   likewise
 * @param warnings   what a cutter should know before cutting, such as sizes off the ruler's step
 */
public record QuiltPlan(
        QuiltSize size,
        Way way,
        Optional<Layout> layout,
        Optional<TopSize> finished,
        List<BlockCount> blocks,
        List<MadeUnit> units,
        List<PieceNeed> pieces,
        List<LongPieces> longPieces,
        List<PiecedBorder> piecedBorders,
        List<BindingStrip> bindings,
        List<BackingSheet> backings,
        List<MadeItem> items,
        List<Problem> warnings) {

    public QuiltPlan {
        blocks = List.copyOf(blocks);
        units = List.copyOf(units);
        pieces = List.copyOf(pieces);
        longPieces = List.copyOf(longPieces);
        piecedBorders = List.copyOf(piecedBorders);
        bindings = List.copyOf(bindings);
        backings = List.copyOf(backings);
        items = List.copyOf(items);
        warnings = List.copyOf(warnings);
    }

    /** Whether a role is also cut into long strips or a back, for which nothing but cloth off the bolt serves. */
    public boolean takesLong(RoleKey role) {
        return longPieces.stream().anyMatch(one -> one.role().equals(role))
                || bindings.stream().anyMatch(one -> one.role().equals(role))
                || backings.stream().anyMatch(one -> one.role().equals(role));
    }

    /**
     * The labels of the pieces that one of a unit is cut with: {@code A1}; {@code A1} and {@code A4} where a print keeps its direction
     * and some of the units lie on their side.
     */
    public List<String> labels(MadeUnit made, CutPiece piece) {
        Set<CutSize> sizes = Stream.concat(Stream.of(piece.shape()), piece.shape().asRectangle().stream().map(PieceShape.Rectangle::turned))
                .map(PieceShape::cutSize).collect(Collectors.toSet());
        return pieces.stream()
                .filter(need -> need.role().equals(piece.role()) && need.use().equals(Use.BLOCKS)
                        && sizes.contains(need.shape().cutSize())
                        && need.units().stream().anyMatch(use -> use.unit().equals(made.unit())))
                .map(PieceNeed::label).toList();
    }

    /** The pieces of some roles that only their print tells apart: of each pair the one stands in the quilt and the other lies. */
    public List<StandingPair> standingPairs(Collection<RoleKey> roles) {
        return StandingPair.among(pieces, roles);
    }

    /** The labels of pieces of some roles that have a head and a foot, so that where they point down they are cut pointing down. */
    public List<String> pointing(Collection<RoleKey> roles) {
        return pieces.stream().filter(piece -> roles.contains(piece.role()) && UprightPieces.isOf(piece, OneWayEffect.NOT_TURNED_ON_STRIP)
                && piece.shape().asRectangle().isEmpty()).map(PieceNeed::label).toList();
    }

    /**
     * What of the prints of some roles cannot stand upright; told at the label of a piece, what is cut again on the diagonal once for
     * all.
     */
    public List<Problem> lyingAgainstPrint(Collection<RoleKey> roles) {
        Set<String> labels = pieces.stream().filter(piece -> roles.contains(piece.role())).map(PieceNeed::label)
                .collect(Collectors.toSet());
        List<Problem> told = warnings.stream()
                .filter(warning -> warning.code().startsWith(UprightPieces.TOLD) && labels.contains(warning.place())).toList();
        String bothWays = told.stream().filter(UprightPieces::isBothWays).map(Problem::place).collect(Collectors.joining(", "));
        return Stream.concat(
                Stream.of(bothWays).filter(found -> !found.isEmpty()).map(UprightPieces::bothWays),
                told.stream().filter(warning -> !UprightPieces.isBothWays(warning))).toList();
    }

    /**
     * The same plan for cloth whose prints keep their direction: pieces are cut the way they will lie, and what cannot be is told among
     * the warnings. Done twice it is the same.
     *
     * @param prints what is printed on the cloth of each role
     */
    public QuiltPlan upright(Function<RoleKey, PrintKind> prints) {
        if (pieces.stream().allMatch(piece -> prints.apply(piece.role()).mayTurn())) {
            return this;
        }
        UprightPieces upright = new UprightPieces(this, prints);
        return new QuiltPlan(
                size, way, layout, finished, blocks, units, upright.pieces(), longPieces, piecedBorders, bindings, backings, items,
                Stream.concat(warnings.stream(), upright.problems().stream()).distinct().toList());
    }

    /** The item beside the quilt that long pieces belong to; empty for those of the quilt. */
    public Optional<MadeItem> itemOf(LongPieces pieces) {
        return itemOf(pieces.key());
    }

    /** The item beside the quilt that a figure with this key belongs to, such as that of its binding; empty for those of the quilt. */
    public Optional<MadeItem> itemOf(String key) {
        return IntStream.range(0, items.size())
                .filter(item -> key.startsWith(size.key() + ".item" + (item + 1) + ".")).mapToObj(items::get).findFirst();
    }

    /** Its long strips as a shop joins and lays them. */
    QuiltPlan by(ShopPractice practice) {
        return new QuiltPlan(
                size, way, layout, finished, blocks, units, pieces, longPieces.stream().map(one -> one.by(practice)).toList(),
                piecedBorders,
                bindings.stream().map(one -> one.by(practice)).toList(), backings.stream().map(one -> one.by(practice)).toList(), items,
                warnings);
    }

    /** An item beside the quilt, worked out. */
    public record MadeItem(Item item, Layout layout, TopSize finished) {
    }
}
