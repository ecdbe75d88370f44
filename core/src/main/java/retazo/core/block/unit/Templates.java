package retazo.core.block.unit;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import retazo.core.block.shape.CutPiece;
import retazo.core.block.shape.DrawnPatch;
import retazo.core.block.shape.FinishedSize;
import retazo.core.block.shape.Hand;
import retazo.core.block.shape.PieceShape;
import retazo.core.block.shape.Point;
import retazo.core.block.shape.Polygon;
import retazo.core.block.shape.UnitCut;
import retazo.core.block.spec.UnitKind;
import retazo.core.block.spec.UnitMethod;
import retazo.core.block.spec.UnitPart;
import retazo.core.block.spec.UnitSpec;
import retazo.core.cloth.RoleKey;
import retazo.core.explain.Arithmetic;
import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.explain.Origin;
import retazo.core.measure.Count;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;

/** Patches of any straight-sided outline that fill a cell, each cut around a template. */
public record Templates(List<Shape> shapes) implements CutUnit {

    public static final int MOST_SHAPES = 16;
    public static final int MOST_CORNERS = 24;

    public Templates {
        shapes = List.copyOf(shapes);
    }

    /**
     * One patch.
     *
     * @param outline  finished, in the cell
     * @param measured how many a strip gave when the shop tried it, where it did
     */
    public record Shape(RoleKey role, List<Point> outline, Optional<Measured> measured) {
        public Shape {
            outline = List.copyOf(outline);
        }
    }

    /** So many from a strip of this height. */
    public record Measured(Length stripHeight, Count perStrip) {
    }

    @Override
    public UnitSpec spec() {
        List<UnitPart> parts = new ArrayList<>();
        for (Shape shape : shapes) {
            List<Length> sizes = new ArrayList<>();
            shape.measured().ifPresent(measured -> sizes.add(measured.stripHeight()));
            shape.outline().forEach(point -> sizes.addAll(List.of(point.x(), point.y())));
            parts.add(new UnitPart(
                    shape.role(), shape.measured().map(measured -> measured.perStrip() + "-per-strip").orElse(""), sizes));
        }
        return new UnitSpec(UnitKind.TEMPLATES, UnitMethod.ONLY, parts);
    }

    /** Outlines must be simple, lie inside the cell, not overlap, and leave no hole: their areas add up to the cell's. */
    @Override
    public Optional<Problem> problem(FinishedSize size) {
        List<Polygon> polygons = new ArrayList<>();
        BigInteger area = BigInteger.ZERO;
        for (int i = 0; i < shapes.size(); i++) {
            List<Point> outline = shapes.get(i).outline();
            if (outline.stream().anyMatch(point -> isOutside(point, size))) {
                return Optional.of(Problem.of("unit.template-outside", i + 1, size.width(), size.height()));
            }
            Polygon polygon = Polygon.of(outline);
            if (!polygon.isSimple()) {
                return Optional.of(Problem.of("unit.template-crosses", i + 1));
            }
            for (int before = 0; before < i; before++) {
                if (polygon.overlaps(polygons.get(before))) {
                    return Optional.of(Problem.of("unit.template-overlap", before + 1, i + 1));
                }
            }
            polygons.add(polygon);
            area = area.add(polygon.doubledArea());
        }
        BigInteger cell = BigInteger.valueOf(size.width().ticks()).multiply(BigInteger.valueOf(size.height().ticks())).shiftLeft(1);
        return area.equals(cell) ? Optional.empty() : Optional.of(Problem.of("unit.template-hole", size.width(), size.height()));
    }

    private static boolean isOutside(Point point, FinishedSize size) {
        return point.x().isNegative() || point.y().isNegative()
                || point.x().isLongerThan(size.width()) || point.y().isLongerThan(size.height());
    }

    @Override
    public List<DrawnPatch> draw(FinishedSize size) {
        return shapes.stream().map(shape -> new DrawnPatch(shape.role(), shape.outline())).toList();
    }

    /** Each outline has its own hand, so the mirror image is kept apart; outlines that are their own mirror image fall together again. */
    @Override
    public boolean isChiral() {
        return true;
    }

    /** {@inheritDoc} Each side of an outline is moved outward by the seam; the strip is as high as that. */
    @Override
    public UnitCut cut(UnitCutting cutting) {
        List<CutPiece> pieces = new ArrayList<>();
        for (int i = 0; i < shapes.size(); i++) {
            pieces.add(new CutPiece(
                    shapes.get(i).role(), shape(shapes.get(i), cutting, "template" + (i + 1)), cutting.needed()));
        }
        return UnitCut.untrimmed(pieces, cutting.needed());
    }

    private static PieceShape shape(Shape shape, UnitCutting cutting, String name) {
        Polygon outline = Polygon.of(shape.outline()).withSeam(cutting.seam());
        Polygon mirror = outline.mirrored();
        Hand hand = outline.sameAs(mirror) ? Hand.EITHER : outline.isBefore(mirror) ? Hand.LEFT : Hand.RIGHT;
        Polygon fixed = mirror.isBefore(outline) ? mirror : outline;
        String key = cutting.key() + "." + name;
        Figure<Length> across = Figure.given(key + ".across", Label.of("unit.templateAcross"), fixed.width(),
                Origin.pattern("block.template"));
        return shape.measured()
                .map(measured -> new PieceShape.Template(
                        Figure.given(key + ".strip", Label.of("unit.templateStrip"), measured.stripHeight(),
                                Origin.pattern("block.template")),
                        across, fixed.points(), hand.mirroredIf(cutting.mirrored()),
                        new PieceShape.Template.YieldRule.Measured(measured.perStrip())))
                .orElseGet(() -> new PieceShape.Template(
                        Arithmetic.roundedUp(
                                key + ".strip", Label.of("unit.templateStrip"),
                                Figure.given(key + ".height", Label.of("unit.templateHeight"), fixed.height(),
                                        Origin.pattern("block.template")),
                                cutting.practice().cuttingStep()),
                        across, fixed.points(), hand.mirroredIf(cutting.mirrored()), new PieceShape.Template.YieldRule.Nested()));
    }
}
