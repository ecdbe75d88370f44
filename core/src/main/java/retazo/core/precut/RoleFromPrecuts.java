package retazo.core.precut;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import retazo.core.block.PieceShape;
import retazo.core.block.RoleKey;
import retazo.core.cloth.PrecutKind;
import retazo.core.cutting.CutPiece;
import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.explain.Origin;
import retazo.core.measure.Count;
import retazo.core.measure.Length;
import retazo.core.quilt.PieceNeed;
import retazo.core.quilt.QuiltPlan;

/**
 * What a role of a quilt takes of one kind of precut, with the cautious measure and with the one it is sold as.
 *
 * @param cautious the fewest sheets as they surely are; empty where a piece does not come out of one
 * @param nominal  the fewest of the full measure as sold, likewise
 * @param tooLarge pieces that no cautious sheet gives
 * @param others   labels of pieces that are cut in other ways than from a rectangle or a strip
 * @param takesLong whether it is also cut into long strips or a back, for which precuts do not serve
 */
public record RoleFromPrecuts(
        PrecutKind kind, Optional<SheetPlan> cautious, Optional<SheetPlan> nominal, List<CutPiece> tooLarge, List<String> others,
        boolean takesLong) {

    public RoleFromPrecuts {
        tooLarge = List.copyOf(tooLarge);
        others = List.copyOf(others);
    }

    /** So many packs of a size, with what is spare. */
    public record Packs(int inPack, long packs, long spare) {
    }

    /**
     * Quarters or eighths that the shop cuts itself, two to a length.
     *
     * @param sheets how many
     * @param plan   how they are cut
     * @param length off the bolt for all of them
     */
    public record ShopCut(long sheets, SheetPlan plan, Length length) {
    }

    public static RoleFromPrecuts of(QuiltPlan plan, RoleKey role, PrecutKind kind) {
        List<String> others = new ArrayList<>();
        List<CutPiece> cautious = new ArrayList<>();
        List<CutPiece> nominal = new ArrayList<>();
        for (PieceNeed need : plan.pieces()) {
            if (need.role().equals(role)) {
                Optional<CutPiece> piece = piece(need, kind.planLength());
                piece.ifPresent(cautious::add);
                piece(need, kind.nominalLength()).ifPresent(nominal::add);
                if (piece.isEmpty()) {
                    others.add(need.label());
                }
            }
        }
        boolean takesLong = plan.longPieces().stream().anyMatch(one -> one.role().equals(role))
                || plan.bindings().stream().anyMatch(one -> one.role().equals(role))
                || plan.backings().stream().anyMatch(one -> one.role().equals(role));
        return new RoleFromPrecuts(
                kind, fewest(kind.planLength(), kind.planWidth(), cautious), fewest(kind.nominalLength(), kind.nominalWidth(), nominal),
                cautious.stream().filter(piece -> !fits(piece, kind)).toList(), others, takesLong);
    }

    private static Optional<SheetPlan> fewest(Length length, Length width, List<CutPiece> pieces) {
        return pieces.isEmpty() ? Optional.empty() : new SheetPlanner().fewest(new SheetRequest(length, width, pieces));
    }

    /** A rectangle as it is; a strip of a set, or a whole strip, as long as the precut, as many as the set takes of that length. */
    private static Optional<CutPiece> piece(PieceNeed need, Length length) {
        PieceShape shape = need.shape();
        Optional<CutPiece> rectangle = shape.asRectangle().map(one -> new CutPiece(
                need.label(), one.width().value(), one.height().value(), Math.toIntExact(need.count().value().value()), true));
        return rectangle.or(() -> shape.setRoles().isEmpty() ? Optional.empty() : setStrips(need, length));
    }

    private static Optional<CutPiece> setStrips(PieceNeed need, Length length) {
        Figure<Length> across = Figure.given("precut.length", Label.of("precut.length"), length, Origin.craft("precut-length"));
        Figure<Count> perStrip = need.shape().perStrip("precut.perStrip", Label.of("precut.perStrip"), across, false);
        if (perStrip.value().value() == 0) {
            return Optional.empty();
        }
        Count strips = need.shape().strips("precut.strips", Label.of("precut.strips"), need.count(), perStrip).value();
        return Optional.of(new CutPiece(need.label(), length, need.shape().stripHeight().value(), Math.toIntExact(strips.value()), true));
    }

    private static boolean fits(CutPiece piece, PrecutKind kind) {
        Length longer = piece.width().isLongerThan(piece.height()) ? piece.width() : piece.height();
        Length shorter = piece.width().isLongerThan(piece.height()) ? piece.height() : piece.width();
        return !longer.isLongerThan(kind.planLength()) && !shorter.isLongerThan(kind.planWidth());
    }

    /**
     * The same from quarters or eighths that the shop cuts off a bolt: each as wide as half the usable width of that fabric, and as long as
     * they are sold; two of them to a length. Empty for other kinds, and where a piece does not come out.
     */
    public Optional<ShopCut> shopCut(Length usableWidth) {
        return kind.lengthForTwo().flatMap(each -> nominal.or(() -> cautious).flatMap(known -> new SheetPlanner()
                .fewest(new SheetRequest(new Length(usableWidth.ticks() / 2), each, known.request().set()))
                .map(plan -> new ShopCut(plan.sheets(), plan, each.times(new Count(plan.sheets()).inGroupsOf(new Count(2)))))));
    }

    /** How many packs of each customary size, for the cautious plan. */
    public List<Packs> packs() {
        return cautious.stream()
                .flatMap(plan -> kind.customaryPacks().stream().map(size -> {
                    long packs = new Count(plan.sheets()).inGroupsOf(new Count(size)).value();
                    return new Packs(size, packs, packs * size - plan.sheets());
                }))
                .toList();
    }

    /** The plan by the measure as sold, where it takes fewer sheets than the cautious one, or where only it comes out. */
    public Optional<SheetPlan> betterIfFull() {
        return nominal.filter(full -> cautious.map(sure -> full.sheets() < sure.sheets()).orElse(true));
    }
}
