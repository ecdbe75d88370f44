package retazo.core.quilt.plan;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import retazo.core.block.shape.CutSize;
import retazo.core.block.shape.PieceShape;
import retazo.core.block.shape.Subcut;
import retazo.core.block.spec.OneWayEffect;
import retazo.core.cloth.PrintKind;
import retazo.core.cloth.RoleKey;
import retazo.core.explain.Arithmetic;
import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.explain.Origin;
import retazo.core.measure.Count;
import retazo.core.measure.Problem;
import retazo.core.quilt.piece.PieceNeed;
import retazo.core.quilt.piece.PrecutSource;
import retazo.core.quilt.setting.Use;

/**
 * The pieces of prints that keep a direction, cut the way they will lie in the quilt.
 *
 * <p>A rectangle that lies on its side in the quilt is cut the other way round: a 3½ × 6½ patch of a print along the length comes from
 * strips 6½ high where it stands, and from strips 3½ high where it lies. Both are pieces of their own, with labels of their own, since
 * only the print tells them apart. Of a print across the width it is the other way round. What cannot be cut so (triangles of squares,
 * strips that are sewn together first, wedges and templates on their side, the wedges of a ring) is told.
 */
final class UprightPieces {

    /** How the codes of what is told begin. */
    static final String TOLD = "direction.";
    private static final String BOTH_WAYS = TOLD + "both-ways";

    private static final Count NONE = new Count(0);

    private final QuiltPlan plan;
    private final Function<RoleKey, PrintKind> prints;
    private final Map<Alike, PieceNeed> cut = new LinkedHashMap<>();
    private final List<Problem> problems = new ArrayList<>();

    /** Pieces that are one to the cutter. */
    private record Alike(RoleKey role, Use use, CutSize size, Optional<PrecutSource> precut) {
        static Alike of(PieceNeed need) {
            return new Alike(need.role(), need.use(), need.shape().cutSize(), need.precut());
        }
    }

    /** @param prints by role */
    UprightPieces(QuiltPlan plan, Function<RoleKey, PrintKind> prints) {
        this.plan = plan;
        this.prints = prints;
        List<PieceNeed> others = new ArrayList<>();
        for (PieceNeed need : plan.pieces()) {
            PrintKind print = prints.apply(need.role());
            if (print.mayTurn()) {
                add(need);
            } else {
                asShaped(need, print).ifPresent(this::add);
                otherWayRound(need, print).ifPresent(others::add);
                tell(need, print);
            }
        }
        others.forEach(this::add);
        problems.addAll(slanted());
    }

    List<PieceNeed> pieces() {
        return List.copyOf(cut.values());
    }

    /** What cannot stand upright, each with the pieces that it is said of. */
    List<Problem> problems() {
        return problems;
    }

    /** Those of one size are one piece, whatever they are for. */
    private void add(PieceNeed need) {
        Alike alike = Alike.of(need);
        PieceNeed known = cut.get(alike);
        cut.put(alike, known == null ? labelled(need) : merged(known, need));
    }

    private static PieceNeed merged(PieceNeed known, PieceNeed more) {
        Figure<Count> count = Arithmetic.sumOfCounts(
                known.count().key() + ".both", Label.of("piece.count", known.label()), List.of(known.count(), more.count()));
        return new PieceNeed(
                known.label(), known.role(), known.use(), known.shape(), count,
                Stream.concat(known.units().stream(), more.units().stream()).toList(), known.precut(),
                known.turned().plus(more.turned()));
    }

    /** With the next free number of its role, where its label is taken. */
    private PieceNeed labelled(PieceNeed need) {
        List<String> taken = Stream.concat(plan.pieces().stream(), cut.values().stream()).map(PieceNeed::label).toList();
        if (cut.values().stream().noneMatch(known -> known.label().equals(need.label()))) {
            return need;
        }
        String letter = need.label().replaceFirst("\\d+$", "");
        int number = 1;
        while (taken.contains(letter + number)) {
            number++;
        }
        return new PieceNeed(
                letter + number, need.role(), need.use(), need.shape(), need.count(), need.units(), need.precut(), need.turned());
    }

    /** How many have to be cut the other way round than they are drawn. */
    private static long sideways(PieceNeed need, PrintKind print) {
        return print.liesAcross() ? need.count().value().value() - need.turned().value() : need.turned().value();
    }

    private static Optional<PieceShape.Rectangle> oblong(PieceNeed need) {
        return need.shape().asRectangle()
                .filter(shape -> shape.subcut() == Subcut.NONE && !shape.width().value().equals(shape.height().value()));
    }

    private static Optional<PieceNeed> asShaped(PieceNeed need, PrintKind print) {
        long other = sideways(need, print);
        if (oblong(need).isEmpty() || other == 0) {
            return Optional.of(need);
        }
        return other == need.count().value().value()
                ? Optional.empty()
                : Optional.of(part(need, need.shape(), Arithmetic.without(
                        need.count().key() + ".asDrawn", Label.of("piece.asDrawn", need.label()), need.count(), turned(need, other)),
                        print, print.liesAcross() ? PieceNeed.Lying.ON_ITS_SIDE : PieceNeed.Lying.AS_DRAWN));
    }

    private static Optional<PieceNeed> otherWayRound(PieceNeed need, PrintKind print) {
        long other = sideways(need, print);
        boolean all = other == need.count().value().value();
        return oblong(need).filter(shape -> other > 0).map(shape -> part(
                need, shape.turned(), all ? need.count() : turned(need, other), print,
                all ? PieceNeed.Lying.ALL : print.liesAcross() ? PieceNeed.Lying.AS_DRAWN : PieceNeed.Lying.ON_ITS_SIDE));
    }

    private static Figure<Count> turned(PieceNeed need, long other) {
        return Figure.given(
                need.count().key() + ".onTheirSide", Label.of("piece.onTheirSide", need.label()), new Count(other),
                Origin.pattern("block.cells"));
    }

    /** Its width lies across the cloth: level in the quilt for a print along the length, up the quilt for one across. */
    private static PieceNeed part(PieceNeed need, PieceShape shape, Figure<Count> count, PrintKind print, PieceNeed.Lying lying) {
        return new PieceNeed(
                need.label(), need.role(), need.use(), shape, count, need.units().stream().map(use -> use.lying(lying)).toList(),
                need.precut(), print.liesAcross() ? count.value() : NONE);
    }

    private void tell(PieceNeed need, PrintKind print) {
        boolean rectangle = need.shape().asRectangle().isPresent();
        boolean bothWays = isOf(need, OneWayEffect.LIES_BOTH_WAYS)
                || need.shape().asRectangle().filter(shape -> shape.subcut() != Subcut.NONE).isPresent();
        if (!rectangle && isOf(need, OneWayEffect.LIES_AROUND)) {
            problems.add(Problem.at(need.label(), TOLD + "around", need.label()));
        } else if (bothWays) {
            problems.add(bothWays(need.label()));
        } else if (!rectangle && sideways(need, print) > 0) {
            problems.add(Problem.at(
                    need.label(), TOLD + "sideways", need.label(), sideways(need, print), need.count().value().value()));
        }
    }

    /** Triangles of these pieces lie both ways. */
    static Problem bothWays(String labels) {
        return Problem.at(labels, BOTH_WAYS, labels);
    }

    static boolean isBothWays(Problem problem) {
        return problem.code().equals(BOTH_WAYS);
    }

    /** Whether a piece is for a unit of which a print makes this. */
    static boolean isOf(PieceNeed need, OneWayEffect effect) {
        return need.units().stream().map(use -> use.unit().unit().spec()).anyMatch(spec -> spec.kind().oneWay(spec.method()) == effect);
    }

    /** Roles whose blocks or long strips lie at a slant. */
    private List<Problem> slanted() {
        boolean onPoint = plan.layout().filter(layout -> layout.grid().isSlanted()).isPresent();
        return plan.pieces().stream().map(PieceNeed::role).distinct()
                .filter(role -> onPoint && !prints.apply(role).mayTurn())
                .map(role -> plan.pieces().stream().filter(need -> need.role().equals(role)).findFirst().orElseThrow().label())
                .map(label -> Problem.at(label, TOLD + "slanted", label.replaceFirst("\\d+$", "")))
                .toList();
    }
}
