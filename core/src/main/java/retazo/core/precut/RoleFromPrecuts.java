package retazo.core.precut;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import retazo.core.block.PieceShape;
import retazo.core.block.RoleKey;
import retazo.core.cloth.PrecutKind;
import retazo.core.cloth.SheetSize;
import retazo.core.cutting.CutPiece;
import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.explain.Origin;
import retazo.core.measure.Count;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;
import retazo.core.quilt.PieceNeed;
import retazo.core.quilt.QuiltPlan;

/**
 * What a role of a quilt takes of one kind of precut, with the cautious measure and with the one it is sold as.
 *
 * @param cautious the fewest sheets as they surely are, or as they were measured; empty where a piece does not come out of one
 * @param nominal  the fewest of the full measure as sold, likewise; empty where they were measured
 * @param tooLarge pieces that no cautious sheet gives
 * @param others   labels of pieces that are cut in other ways than from a rectangle or a strip
 * @param takesLong whether it is also cut into long strips or a back, for which precuts do not serve
 * @param blocks   of the quilt; 0 where it is not counted in blocks
 */
public record RoleFromPrecuts(
        PrecutKind kind, Optional<SheetPlan> cautious, Optional<SheetPlan> nominal, List<CutPiece> tooLarge, List<String> others,
        boolean takesLong, long blocks) {

    public RoleFromPrecuts {
        tooLarge = List.copyOf(tooLarge);
        others = List.copyOf(others);
    }

    /**
     * So many packs of a size.
     *
     * @param spare       sheets that are not needed
     * @param blocks      how many blocks all their sheets make; 0 where the quilt is not counted in blocks
     * @param oneFewer    how many blocks one pack less makes, likewise
     */
    public record Packs(int inPack, long packs, long spare, long blocks, long oneFewer) {
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

    /** What one role takes of a customary kind. */
    public static RoleFromPrecuts of(QuiltPlan plan, RoleKey role, PrecutKind kind) {
        boolean takesLong = takesLong(plan, role);
        RoleFromPrecuts pieces = of(plan.pieces().stream().filter(piece -> piece.role().equals(role)).toList(), kind, Optional.empty());
        long blocks = plan.layout().map(layout -> layout.blocks().value().value()).orElse(0L);
        return new RoleFromPrecuts(kind, pieces.cautious, pieces.nominal, pieces.tooLarge, pieces.others, takesLong, blocks);
    }

    /** The customary kinds that give a role all it takes, each planned cautiously. */
    public static List<RoleFromPrecuts> serving(QuiltPlan plan, RoleKey role) {
        if (takesLong(plan, role)) {
            return List.of();
        }
        List<PieceNeed> pieces = plan.pieces().stream().filter(piece -> piece.role().equals(role)).toList();
        return PrecutKind.customary().stream()
                .filter(kind -> !pieces.isEmpty() && pieces.stream().allMatch(piece -> gives(kind.cautious().orElseThrow(), piece)))
                .map(kind -> of(pieces, kind, kind.cautious()))
                .toList();
    }

    /** Whether a role is also cut into long strips or a back. */
    private static boolean takesLong(QuiltPlan plan, RoleKey role) {
        return plan.longPieces().stream().anyMatch(one -> one.role().equals(role))
                || plan.bindings().stream().anyMatch(one -> one.role().equals(role))
                || plan.backings().stream().anyMatch(one -> one.role().equals(role));
    }

    /**
     * What these pieces take together.
     *
     * @param measured how large the sheets really are, where somebody measured them
     * @throws IllegalArgumentException if the kind has no customary measure and none was measured
     */
    public static RoleFromPrecuts of(List<PieceNeed> needs, PrecutKind kind, Optional<SheetSize> measured) {
        SheetSize sure = measured.or(kind::cautious)
                .orElseThrow(() -> new IllegalArgumentException("Nobody measured these precuts, and " + kind + " has no measure of its own."));
        Optional<SheetSize> full = measured.isPresent() ? Optional.empty() : kind.nominal();
        List<String> others = new ArrayList<>();
        List<CutPiece> cautious = new ArrayList<>();
        List<CutPiece> nominal = new ArrayList<>();
        for (PieceNeed need : needs) {
            Optional<CutPiece> piece = piece(need, sure.length());
            piece.ifPresent(cautious::add);
            full.flatMap(size -> piece(need, size.length())).ifPresent(nominal::add);
            if (piece.isEmpty()) {
                others.add(need.label());
            }
        }
        return new RoleFromPrecuts(
                kind, fewest(sure, cautious), full.flatMap(size -> fewest(size, nominal)),
                cautious.stream().filter(piece -> !sure.holds(piece.width(), piece.height())).toList(), others, false, 0);
    }

    /** Whether one of these sheets gives this piece at all. */
    public static boolean gives(SheetSize sheet, PieceNeed need) {
        return piece(need, sheet.length()).map(piece -> sheet.holds(piece.width(), piece.height())).orElse(false);
    }

    private static Optional<SheetPlan> fewest(SheetSize sheet, List<CutPiece> pieces) {
        return pieces.isEmpty() ? Optional.empty() : new SheetPlanner().fewest(new SheetRequest(sheet.length(), sheet.width(), pieces));
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

    /**
     * The same from quarters or eighths that the shop cuts off a bolt: each as wide as half the usable width of that fabric, and as long as
     * they are sold; two of them to a length. Empty for other kinds, and where a piece does not come out.
     */
    public Optional<ShopCut> shopCut(Length usableWidth) {
        return kind.lengthForTwo().flatMap(each -> nominal.or(() -> cautious).flatMap(known -> new SheetPlanner()
                .fewest(new SheetRequest(new Length(usableWidth.ticks() / 2), each, known.request().set()))
                .map(plan -> new ShopCut(plan.sheets(), plan, each.times(new Count(plan.sheets()).inGroupsOf(new Count(2)))))));
    }

    /** How many packs of each customary size, for the cautious plan, and what they and one pack less make. */
    public List<Packs> packs() {
        return cautious.stream()
                .flatMap(plan -> kind.customaryPacks().stream().map(size -> {
                    long packs = new Count(plan.sheets()).inGroupsOf(new Count(size)).value();
                    return new Packs(size, packs, packs * size - plan.sheets(), blocksFrom(packs * size), blocksFrom((packs - 1) * size));
                }))
                .toList();
    }

    /**
     * How many blocks so many sheets make, each block with its share of the pieces, rounded up over all of them; 0 where the quilt is not
     * counted in blocks. Since more blocks never take fewer sheets, the search strides away from the share of sheets that the quilt takes
     * until it has the answer between two numbers, and halves that range.
     */
    public long blocksFrom(long sheets) {
        if (blocks == 0 || cautious.isEmpty() || sheets < 1) {
            return 0;
        }
        long made = blocks * sheets / cautious.get().sheets();
        long tooMany = made + 1;
        for (long stride = 1; made > 0 && sheetsFor(made) > sheets; stride *= 2) {
            tooMany = made;
            made = Math.max(0, made - stride);
        }
        for (long stride = 1; sheetsFor(tooMany) <= sheets; stride *= 2) {
            made = tooMany;
            tooMany += stride;
        }
        while (made + 1 < tooMany) {
            long tried = (made + tooMany) / 2;
            if (sheetsFor(tried) <= sheets) {
                made = tried;
            } else {
                tooMany = tried;
            }
        }
        return made;
    }

    private int sheetsFor(long tried) {
        SheetRequest all = cautious.orElseThrow().request();
        List<CutPiece> share = all.set().stream()
                .map(piece -> new CutPiece(
                        piece.id(), piece.width(), piece.height(),
                        Math.toIntExact(new Count(piece.count() * tried).inGroupsOf(new Count(blocks)).value()), piece.mayTurn()))
                .toList();
        return new SheetPlanner().fewest(new SheetRequest(all.width(), all.height(), share)).orElseThrow().sheets();
    }

    /** The plan by the measure as sold, where it takes fewer sheets than the cautious one, or where only it comes out. */
    public Optional<SheetPlan> betterIfFull() {
        return nominal.filter(full -> cautious.map(sure -> full.sheets() < sure.sheets()).orElse(true));
    }

    /** What keeps these precuts from giving all pieces, each named with what would help. */
    public List<Problem> problems(String code) {
        List<Problem> problems = new ArrayList<>();
        others.forEach(label -> problems.add(Problem.of("kit.piece-not-from-precut", label, code)));
        for (CutPiece piece : tooLarge) {
            boolean inFull = kind.nominal().map(size -> size.holds(piece.width(), piece.height())).orElse(false) && nominal.isPresent();
            problems.add(inFull
                    ? Problem.of("kit.precut-needs-nominal", piece.id(), code, kind.nominal().orElseThrow().width(), kind.nominal().orElseThrow().length())
                    : Problem.of("kit.precut-too-small", piece.id(), piece.width(), piece.height(), code));
        }
        return problems;
    }
}
