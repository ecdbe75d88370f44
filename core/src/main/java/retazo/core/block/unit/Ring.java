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
import retazo.core.block.shape.PieceShape;
import retazo.core.block.shape.Point;
import retazo.core.block.shape.Subcut;
import retazo.core.block.shape.UnitCut;
import retazo.core.block.spec.UnitKind;
import retazo.core.block.spec.UnitMethod;
import retazo.core.block.spec.UnitSpec;
import retazo.core.cloth.RoleKey;
import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.explain.Operation;
import retazo.core.explain.Origin;
import retazo.core.measure.ExactLength;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;

/**
 * Eight wedges of 45° around a point, an octagon, squared with four corner triangles.
 *
 * @param wedges from the one at the top clockwise, repeated until there are eight; 1, 2, 4 or 8
 * @param blunt  whether the wedges are cut without their points, from lower strips
 */
public record Ring(List<RoleKey> wedges, RoleKey corners, boolean blunt) implements CutUnit {

    private static final int WEDGES = 8;

    /**
     * @throws IllegalArgumentException if eight is no multiple of the wedges
     */
    public Ring {
        wedges = List.copyOf(wedges);
        if (wedges.isEmpty() || WEDGES % wedges.size() != 0) {
            throw new IllegalArgumentException("Eight wedges are not made of " + wedges.size() + ".");
        }
    }

    @Override
    public UnitSpec spec() {
        List<RoleKey> roles = new ArrayList<>(wedges);
        roles.add(corners);
        return UnitSpec.plain(UnitKind.RING, blunt ? UnitMethod.BLUNT : UnitMethod.ONLY, roles);
    }

    @Override
    public Optional<Problem> problem(FinishedSize size) {
        return UnitProblems.notSquare(size);
    }

    /** The finished leg of a corner: B ÷ (2 + √2) = B − B√2 ÷ 2. */
    private static ExactLength cornerLeg(Length width) {
        return ExactLength.of(width).minus(ExactLength.rootTwo(width).dividedBy(2));
    }

    @Override
    public List<DrawnPatch> draw(FinishedSize size) {
        Length zero = Length.ZERO;
        Length all = size.width();
        Length near = cornerLeg(all).cutOffToTick();
        Length far = all.minus(near);
        List<Point> octagon = List.of(
                new Point(near, zero), new Point(far, zero), new Point(all, near), new Point(all, far),
                new Point(far, all), new Point(near, all), new Point(zero, far), new Point(zero, near));
        Point centre = Outlines.centre(size);
        List<DrawnPatch> drawn = new ArrayList<>();
        for (int i = 0; i < WEDGES; i++) {
            drawn.add(Outlines.patch(
                    wedges.get(i % wedges.size()), octagon.get(i), octagon.get((i + 1) % WEDGES), centre));
        }
        List<Point> at = Outlines.corners(size);
        for (int i = 0; i < 4; i++) {
            Point before = octagon.get((2 * i + 7) % WEDGES);
            Point after = octagon.get(2 * i);
            drawn.add(Outlines.patch(corners, before, at.get(i), after));
        }
        return drawn;
    }

    /** Wherever the roles stand in the ring, it takes the same pieces. */
    @Override
    public CutUnit pooled() {
        List<RoleKey> all = new ArrayList<>();
        for (int i = 0; i < WEDGES; i++) {
            all.add(wedges.get(i % wedges.size()));
        }
        all.sort(null);
        return new Ring(all, corners, blunt);
    }

    /**
     * {@inheritDoc}
     *
     * <p>A wedge reaches from s beyond the octagon's side to its true point: the finished point lies B ÷ 2 inside, and
     * moving both slanted sides outward by s moves the point s ÷ sin 22½° = s√(4 + 2√2) further. Its base is
     * 2 tan 22½° = 2(√2 − 1) times that, which is (√2 − 1)(B + 2s) + 2s√(4 − 2√2). For B = 12 at ¼: 6.903 in high.
     *
     * <p>A blunt wedge ends s beyond the finished point, since what lies farther is cut out of the seams: it is B ÷ 2 + 2s high, and
     * there it is as wide as the slanted sides are still apart, 2s(1 ÷ cos 22½° − tan 22½°) = 2s√(4 − 2√2) − 2s(√2 − 1). For B = 12 at ¼:
     * 6.5 in high and 0.335 in at the top.
     */
    @Override
    public UnitCut cut(UnitCutting cutting) {
        Length width = cutting.size().width();
        Length seam = cutting.seam();
        Figure<Length> finished = cutting.finished("octagon", width);
        Figure<Length> height = blunt
                ? cutting.byFormula(
                        "wedgeHeight", Operation.BLUNT_RING_HEIGHT, List.of(finished),
                        ExactLength.of(width).dividedBy(2).plus(ExactLength.of(seam.times(2))))
                : cutting.byFormula(
                        "wedgeHeight", Operation.RING_HEIGHT, List.of(finished),
                        ExactLength.of(width).dividedBy(2).plus(ExactLength.of(seam)).plus(ExactLength.root(seam, 4, 2)));
        Length outer = width.plus(seam.times(2));
        Figure<Length> base = cutting.byFormula(
                "wedgeBase", Operation.RING_BASE, List.of(finished),
                ExactLength.rootTwo(outer).minus(ExactLength.of(outer)).plus(ExactLength.root(seam.times(2), 4, -2)));
        Figure<Length> point = blunt
                ? cutting.byFormula(
                        "bluntPoint", Operation.BLUNT_RING_TOP, List.of(),
                        ExactLength.root(seam.times(2), 4, -2).minus(ExactLength.rootTwo(seam.times(2)))
                                .plus(ExactLength.of(seam.times(2))))
                : Figure.given(cutting.key() + ".point", Label.of("unit.wedgePoint"), Length.ZERO, Origin.craft("true-point"));
        Map<RoleKey, Long> perRole = new LinkedHashMap<>();
        for (int i = 0; i < WEDGES; i++) {
            perRole.merge(wedges.get(i % wedges.size()), 1L, Long::sum);
        }
        List<CutPiece> pieces = new ArrayList<>();
        perRole.forEach((role, each) -> pieces.add(new CutPiece(
                role, new PieceShape.Wedge(height, base, point), cutting.times("wedges" + each, cutting.needed(), each))));
        Figure<Length> square = cutting.byFormula(
                "ringCorner", Operation.RING_CORNER, List.of(finished), TriangleSquares.cutOnce(cornerLeg(width), seam));
        pieces.add(CutPiece.square(corners, square, Subcut.ONCE, cutting.times("ringCorner", cutting.needed(), 2)));
        return UnitCut.untrimmed(pieces, cutting.needed());
    }
}
