package retazo.core.precut;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import retazo.core.cloth.PrecutKind;
import retazo.core.cloth.PrintKind;
import retazo.core.cloth.RoleKey;
import retazo.core.cloth.SheetSize;
import retazo.core.cutting.strip.LaidPiece;
import retazo.core.measure.Count;
import retazo.core.measure.Problem;
import retazo.core.quilt.piece.PieceNeed;
import retazo.core.quilt.plan.QuiltPlan;

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
        PrecutKind kind, Optional<SheetPlan> cautious, Optional<SheetPlan> nominal, List<LaidPiece> tooLarge, List<String> others,
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

    /** What one role takes of a customary kind. */
    public static RoleFromPrecuts of(QuiltPlan plan, RoleKey role, PrecutKind kind, SheetPlans plans) {
        return of(plan, role, kind, Optional.empty(), plans);
    }

    /** The same, of sheets that somebody measured. */
    public static RoleFromPrecuts of(QuiltPlan plan, RoleKey role, PrecutKind kind, Optional<SheetSize> measured, SheetPlans plans) {
        RoleFromPrecuts pieces = of(plan.pieces().stream().filter(piece -> piece.role().equals(role)).toList(), kind, measured,
                PrintKind.ALL_OVER, plans);
        long blocks = plan.layout().map(layout -> layout.blocks().value().value()).orElse(0L);
        return new RoleFromPrecuts(kind, pieces.cautious, pieces.nominal, pieces.tooLarge, pieces.others, plan.takesLong(role), blocks);
    }

    /**
     * What these pieces take together.
     *
     * @param measured how large the sheets really are, where somebody measured them
     * @param print    of the sheets; one that keeps its direction reads up their shorter side off the bolt
     * @param plans    whom to ask how they are cut
     * @throws IllegalArgumentException if the kind has no customary measure and none was measured
     */
    public static RoleFromPrecuts of(
            List<PieceNeed> needs, PrecutKind kind, Optional<SheetSize> measured, PrintKind print, SheetPlans plans) {
        SheetSize sure = measured.or(kind::cautious)
                .orElseThrow(
                        () -> new IllegalArgumentException("Nobody measured these precuts, and " + kind + " has no measure of its own."));
        Optional<SheetSize> full = measured.isPresent() ? Optional.empty() : kind.nominal();
        List<String> others = new ArrayList<>();
        List<LaidPiece> cautious = new ArrayList<>();
        List<LaidPiece> nominal = new ArrayList<>();
        for (PieceNeed need : needs) {
            Optional<LaidPiece> piece = SheetPieces.of(need, sure.length(), print.mayTurn());
            piece.ifPresent(cautious::add);
            full.flatMap(size -> SheetPieces.of(need, size.length(), print.mayTurn())).ifPresent(nominal::add);
            if (piece.isEmpty()) {
                others.add(need.label());
            }
        }
        return new RoleFromPrecuts(
                kind, fewest(sure, cautious, plans), full.flatMap(size -> fewest(size, nominal, plans)),
                cautious.stream().filter(piece -> !holds(sure, piece)).toList(), others, false, 0);
    }

    /** Whether one of these sheets gives this piece at all. */
    public static boolean gives(SheetSize sheet, PieceNeed need, PrintKind print) {
        return SheetPieces.of(need, sheet.length(), print.mayTurn()).map(piece -> holds(sheet, piece)).orElse(false);
    }

    /** Whether a piece comes out of a sheet, turned only if it may be. */
    private static boolean holds(SheetSize sheet, LaidPiece piece) {
        return piece.mayTurn()
                ? sheet.holds(piece.width(), piece.height())
                : !piece.width().isLongerThan(sheet.length()) && !piece.height().isLongerThan(sheet.width());
    }

    private static Optional<SheetPlan> fewest(SheetSize sheet, List<LaidPiece> pieces, SheetPlans plans) {
        return pieces.isEmpty() ? Optional.empty() : plans.fewest(new SheetRequest(sheet.length(), sheet.width(), pieces));
    }

    /** How many packs of each customary size, for the cautious plan, and what they and one pack less make. */
    public List<Packs> packs(SheetPlans plans) {
        return cautious.stream()
                .flatMap(plan -> kind.customaryPacks().stream().map(size -> {
                    long packs = new Count(plan.sheets()).inGroupsOf(new Count(size)).value();
                    return new Packs(size, packs, packs * size - plan.sheets(), blocksFrom(packs * size, plans),
                            blocksFrom((packs - 1) * size, plans));
                }))
                .toList();
    }

    /**
     * How many blocks so many sheets make, each block with its share of the pieces, rounded up over all of them; 0 where the quilt is not
     * counted in blocks. Since more blocks never take fewer sheets, the search strides away from the share of sheets that the quilt takes
     * until it has the answer between two numbers, and halves that range.
     */
    public long blocksFrom(long sheets, SheetPlans plans) {
        if (blocks == 0 || cautious.isEmpty() || sheets < 1) {
            return 0;
        }
        long made = blocks * sheets / cautious.get().sheets();
        long tooMany = made + 1;
        for (long stride = 1; made > 0 && sheetsFor(made, plans) > sheets; stride *= 2) {
            tooMany = made;
            made = Math.max(0, made - stride);
        }
        for (long stride = 1; sheetsFor(tooMany, plans) <= sheets; stride *= 2) {
            made = tooMany;
            tooMany += stride;
        }
        while (made + 1 < tooMany) {
            long tried = (made + tooMany) / 2;
            if (sheetsFor(tried, plans) <= sheets) {
                made = tried;
            } else {
                tooMany = tried;
            }
        }
        return made;
    }

    private int sheetsFor(long tried, SheetPlans plans) {
        SheetRequest all = cautious.orElseThrow().request();
        List<LaidPiece> share = all.set().stream()
                .map(piece -> new LaidPiece(
                        piece.id(), piece.width(), piece.height(),
                        Math.toIntExact(new Count(piece.count() * tried).inGroupsOf(new Count(blocks)).value()), piece.mayTurn()))
                .toList();
        return plans.fewest(new SheetRequest(all.width(), all.height(), share)).orElseThrow().sheets();
    }

    /** The plan by the measure as sold, where it takes fewer sheets than the cautious one, or where only it comes out. */
    public Optional<SheetPlan> betterIfFull() {
        return nominal.filter(full -> cautious.map(sure -> full.sheets() < sure.sheets()).orElse(true));
    }

    /** What keeps these precuts from giving all pieces, each named with what would help. */
    public List<Problem> problems(String code) {
        List<Problem> problems = new ArrayList<>();
        others.forEach(label -> problems.add(Problem.of("kit.piece-not-from-precut", label, code)));
        for (LaidPiece piece : tooLarge) {
            boolean inFull = kind.nominal().map(size -> holds(size, piece)).orElse(false) && nominal.isPresent();
            problems.add(inFull
                    ? Problem.of("kit.precut-needs-nominal", piece.id(), code, kind.nominal().orElseThrow().width(),
                            kind.nominal().orElseThrow().length())
                    : Problem.of("kit.precut-too-small", piece.id(), piece.width(), piece.height(), code));
        }
        return problems;
    }
}
