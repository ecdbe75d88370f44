package retazo.core.block.unit;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import retazo.core.block.shape.CutPiece;
import retazo.core.block.shape.DrawnPatch;
import retazo.core.block.shape.FinishedSize;
import retazo.core.block.shape.Outlines;
import retazo.core.block.shape.Point;
import retazo.core.block.shape.RightTriangle;
import retazo.core.block.shape.UnitCut;
import retazo.core.block.spec.UnitKind;
import retazo.core.block.spec.UnitMethod;
import retazo.core.block.spec.UnitPart;
import retazo.core.block.spec.UnitSpec;
import retazo.core.cloth.RoleKey;
import retazo.core.explain.Arithmetic;
import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.explain.Operation;
import retazo.core.explain.Origin;
import retazo.core.measure.Count;
import retazo.core.measure.ExactLength;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;

/**
 * A rectangle that was cut from side to side at a slope, in a stack of several fabrics, and sewn together of parts of
 * different fabrics. Upright, the cuts lean to the right; mirrored ones are another stack.
 *
 * @param parts from the left, one more than there are cuts
 * @param lean  how far each cut leans over the height of the unit, finished; zero or more
 */
public record Slashed(List<RoleKey> parts, Length lean) implements CutUnit {

    public static final int MOST_PARTS = 6;

    public Slashed {
        parts = List.copyOf(parts);
    }

    @Override
    public UnitSpec spec() {
        List<UnitPart> specs = new ArrayList<>(List.of(UnitPart.of(parts.get(0), lean)));
        parts.subList(1, parts.size()).forEach(role -> specs.add(UnitPart.of(role)));
        return new UnitSpec(UnitKind.SLASHED, UnitMethod.ONLY, specs);
    }

    /** Where a cut meets the lower and the upper edge of the rectangle, from its left edge. */
    public record Slash(ExactLength below, ExactLength above) {
    }

    /**
     * The cuts through the rectangle as it is cut, from the left.
     *
     * <p>Of n parts the i-th cut crosses the middle at s + i·W ÷ n + (2i − 1)·s ÷ cos θ: the outer seam, i parts, and of the seams square
     * to a cut one side of its own and both sides of those before it. Over the height with its seams it leans d(H + 2s) ÷ H, half of that
     * to either side of the middle. So W = 6, H = 4, d = 3, n = 3 at ¼: 0.25 + 2 + 0.3125 = 2 9⁄16, from ⅞ to 4¼.
     *
     * @param size finished
     */
    public List<Slash> slashes(FinishedSize size, Length seam) {
        RightTriangle slope = new RightTriangle(lean.times(2), size.height().times(2));
        ExactLength square = slope.along(seam);
        ExactLength half = ExactLength.of(lean).dividedBy(2).plus(slope.lean(seam));
        List<Slash> slashes = new ArrayList<>();
        for (int i = 1; i < parts.size(); i++) {
            ExactLength middle = ExactLength.of(seam).plus(ExactLength.of(size.width().times(i)).dividedBy(parts.size()))
                    .plus(square.times(2L * i - 1));
            slashes.add(new Slash(middle.minus(half), middle.plus(half)));
        }
        return slashes;
    }

    /** Half a cut's lean must stay inside the outer parts. */
    @Override
    public Optional<Problem> problem(FinishedSize size) {
        boolean outside = lean.isNegative() || !lean.times(parts.size()).isShorterThan(size.width().times(2));
        return outside ? Optional.of(Problem.of("unit.lean", lean, size.width(), parts.size())) : Optional.empty();
    }

    @Override
    public List<DrawnPatch> draw(FinishedSize size) {
        Length top = Length.ZERO;
        Length bottom = Length.ZERO;
        List<DrawnPatch> drawn = new ArrayList<>();
        for (int i = 0; i < parts.size(); i++) {
            boolean last = i == parts.size() - 1;
            Length middle = new Length(Math.floorDiv(size.width().times(i + 1).ticks(), parts.size()));
            Length nextBottom = last ? size.width() : middle.minus(Outlines.half(lean));
            Length nextTop = last ? size.width() : nextBottom.plus(lean);
            drawn.add(Outlines.patch(
                    parts.get(i),
                    new Point(top, Length.ZERO), new Point(nextTop, Length.ZERO),
                    new Point(nextBottom, size.height()), new Point(bottom, size.height())));
            top = nextTop;
            bottom = nextBottom;
        }
        return drawn;
    }

    /** All arrangements of the same roles come from one stack. */
    @Override
    public CutUnit pooled() {
        return new Slashed(parts.stream().sorted().toList(), lean);
    }

    @Override
    public boolean isChiral() {
        return !lean.isZero();
    }

    /** {@inheritDoc} Each rectangle of a stack gives each of its parts once, so the part asked for most often decides. */
    @Override
    public Figure<Count> needed(String key, Map<CutUnit, Figure<Count>> byArrangement) {
        record Part(RoleKey role, int place) {
        }
        Map<Part, List<Figure<Count>>> byPart = new LinkedHashMap<>();
        byArrangement.forEach((unit, count) -> {
            List<RoleKey> roles = unit.spec().roles();
            for (int i = 0; i < roles.size(); i++) {
                byPart.computeIfAbsent(new Part(roles.get(i), i), part -> new ArrayList<>()).add(count);
            }
        });
        List<Figure<Count>> sums = new ArrayList<>();
        for (List<Figure<Count>> counts : byPart.values()) {
            sums.add(counts.size() == 1
                    ? counts.get(0)
                    : Arithmetic.sumOfCounts(key + ".part" + (sums.size() + 1), Label.of("unit.needed"), counts));
        }
        return Arithmetic.greatest(key, Label.of("unit.stacks"), sums);
    }

    /**
     * {@inheritDoc}
     *
     * <p>The rectangle once per fabric. Each of the k seams takes 2s square to the cut, which is 2s ÷ cos θ along the
     * width, θ the slope: 1 ÷ cos θ = √(H² + d²) ÷ H. Lean 3 over 4 in, two cuts, ¼ seam: 2 · ½ · 5 ÷ 4 = 1¼ in more.
     */
    @Override
    public UnitCut cut(UnitCutting cutting) {
        FinishedSize size = cutting.size();
        int cuts = parts.size() - 1;
        Length seam = cutting.seam();
        ExactLength exact = ExactLength.of(size.width().plus(seam.times(2)))
                .plus(new RightTriangle(lean.times(2), size.height().times(2)).along(seam.times(2L * cuts)));
        Figure<Count> count = Figure.given(
                cutting.key() + ".cuts", Label.of("unit.cuts"), new Count(cuts), Origin.pattern("block"));
        Figure<Length> width = cutting.byFormula(
                "slashedWidth", Operation.SLASHED_WIDTH,
                List.of(cutting.finished("width", size.width()), count, cutting.finished("lean", lean),
                        cutting.finished("height", size.height())),
                exact);
        Figure<Length> height = cutting.withSeams("height", "unit.patchHeight", size.height());
        List<CutPiece> pieces = parts.stream().distinct()
                .map(role -> CutPiece.rectangle(role, width, height, cutting.needed()))
                .toList();
        UnitCut.Measures sewn = new UnitCut.Measures(cutting.withSeams("sewnWidth", "unit.sewnWidth", size.width()), height);
        return new UnitCut(pieces, cutting.needed(), Optional.of(sewn), Optional.empty());
    }
}
