package retazo.core.precut;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import retazo.core.cloth.PrecutKind;
import retazo.core.cloth.PrintKind;
import retazo.core.cutting.strip.LaidPiece;
import retazo.core.measure.Count;
import retazo.core.measure.Length;
import retazo.core.quilt.piece.PieceNeed;

/**
 * Quarters or eighths that the shop cuts off a bolt, and how the pieces come out of them. Each is half as wide as the cloth is
 * usable and as
 * high as it is sold, 18 or 9 in; two of them lie side by side.
 *
 * @param plan which of them are cut how; the sheet lies as it comes off the bolt, its height along the length
 */
public record QuartersFromBolt(PrecutKind kind, SheetPlan plan) {

    /** The kinds that the shop cuts itself. */
    public static List<PrecutKind> kinds() {
        return PrecutKind.customary().stream().filter(kind -> kind.lengthForTwo().isPresent()).toList();
    }

    /**
     * The fewest quarters for these pieces together; empty for other kinds, for no pieces, and where one of them does not come out
     * of a quarter.
     */
    public static Optional<QuartersFromBolt> of(List<PieceNeed> pieces, PrecutKind kind, Length usableWidth, PrintKind print,
            SheetPlans plans) {
        if (pieces.isEmpty() || kind.lengthForTwo().isEmpty()) {
            return Optional.empty();
        }
        Length width = PrecutKind.widthOf(usableWidth);
        List<LaidPiece> set = new ArrayList<>();
        for (PieceNeed piece : pieces) {
            SheetPieces.of(piece, width, print.mayTurn()).ifPresent(set::add);
        }
        return set.size() < pieces.size()
                ? Optional.empty()
                : plans.fewest(new SheetRequest(width, kind.lengthForTwo().get(), set))
                        .map(plan -> new QuartersFromBolt(kind, plan));
    }

    /** How many quarters or eighths. */
    public Count sheets() {
        return new Count(plan.sheets());
    }

    /** The length off the bolt for all of them: ⌈sheets ÷ 2⌉ × 18 in for quarters, × 9 in for eighths. */
    public Length length() {
        return kind.lengthFor(sheets());
    }
}
