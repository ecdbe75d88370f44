package retazo.core.block.unit;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import retazo.core.block.shape.CutPiece;
import retazo.core.block.shape.DrawnPatch;
import retazo.core.block.shape.FinishedSize;
import retazo.core.block.shape.Outlines;
import retazo.core.block.shape.PieceShape;
import retazo.core.block.shape.UnitCut;
import retazo.core.block.spec.UnitKind;
import retazo.core.block.spec.UnitMethod;
import retazo.core.block.spec.UnitPart;
import retazo.core.block.spec.UnitSpec;
import retazo.core.cloth.RoleKey;
import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.explain.Origin;
import retazo.core.measure.Count;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;

/**
 * A segment of a strip set: strips sewn side by side and cut across.
 *
 * @param strips from the top; the segment is as long as the cell is wide
 */
public record StripSet(List<Strip> strips) implements CutUnit {

    public static final int MOST_STRIPS = 12;

    public StripSet {
        strips = List.copyOf(strips);
    }

    /** A strip with its finished width. */
    public record Strip(RoleKey role, Length finishedWidth) {
    }

    @Override
    public UnitSpec spec() {
        return new UnitSpec(UnitKind.STRIP_SET, UnitMethod.ONLY,
                strips.stream().map(strip -> UnitPart.of(strip.role(), strip.finishedWidth())).toList());
    }

    private Length finishedWidth() {
        return strips.stream().map(Strip::finishedWidth).reduce(Length.ZERO, Length::plus);
    }

    @Override
    public Optional<Problem> problem(FinishedSize size) {
        return finishedWidth().equals(size.height())
                ? Optional.empty()
                : Optional.of(Problem.of("unit.strips-do-not-meet", finishedWidth(), size.height()));
    }

    @Override
    public List<DrawnPatch> draw(FinishedSize size) {
        List<DrawnPatch> drawn = new ArrayList<>();
        Length top = Length.ZERO;
        for (Strip strip : strips) {
            Length bottom = top.plus(strip.finishedWidth());
            drawn.add(new DrawnPatch(strip.role(), Outlines.corners(Length.ZERO, top, size.width(), bottom)));
            top = bottom;
        }
        return drawn;
    }

    /** The order of the strips and the reversed order are one set, turned. */
    @Override
    public CutUnit pooled() {
        List<Strip> reversed = new ArrayList<>(strips);
        Collections.reverse(reversed);
        StripSet turned = new StripSet(reversed);
        boolean first = UnitText.write(spec(), RoleKey::value).compareTo(UnitText.write(turned.spec(), RoleKey::value)) <= 0;
        return first ? this : turned;
    }

    /**
     * {@inheritDoc}
     *
     * <p>Strips, not pieces, are what is cut: each w + 2s wide, sewn to Σw + 2s, cut into segments of L + 2s. How many
     * segments a set gives depends on the cloth.
     */
    @Override
    public UnitCut cut(UnitCutting cutting) {
        Figure<Length> segment = cutting.withSeams("segment", "unit.segment", cutting.size().width());
        Map<Strip, Long> alike = new LinkedHashMap<>();
        strips.forEach(strip -> alike.merge(strip, 1L, Long::sum));
        List<CutPiece> pieces = new ArrayList<>();
        int number = 0;
        for (Map.Entry<Strip, Long> entry : alike.entrySet()) {
            number++;
            String name = "strip" + number;
            Figure<Count> times = Figure.given(
                    cutting.key() + "." + name + ".times", Label.of("unit.stripsPerSet"), new Count(entry.getValue()),
                    Origin.pattern("block"));
            pieces.add(new CutPiece(
                    entry.getKey().role(),
                    new PieceShape.SetStrip(
                            cutting.withSeams(name, "unit.stripWidth", entry.getKey().finishedWidth()), segment,
                            cutting.practice().stripSetLoss(), times, UnitText.write(spec(), RoleKey::value), roles()),
                    cutting.needed()));
        }
        Figure<Length> sewn = cutting.withSeams("sewnHeight", "unit.sewnWidth", finishedWidth());
        return new UnitCut(
                pieces, cutting.needed(), Optional.of(new UnitCut.Measures(segment, sewn)), Optional.empty());
    }
}
