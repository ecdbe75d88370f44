package retazo.core.quilt.finish;

import java.util.List;
import java.util.Optional;
import retazo.core.cloth.Join;
import retazo.core.cloth.RoleKey;
import retazo.core.cloth.ShopPractice;
import retazo.core.explain.Arithmetic;
import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.explain.Operation;
import retazo.core.explain.Origin;
import retazo.core.measure.Count;
import retazo.core.measure.ExactLength;
import retazo.core.measure.Length;
import retazo.core.quilt.setting.LayoutRequest;
import retazo.core.quilt.setting.LongPieces;
import retazo.core.quilt.setting.LongStrips;
import retazo.core.quilt.setting.TopSize;

/**
 * The long strip around the edge of a quilt.
 *
 * @param key        stable start of the keys of its figures
 * @param length     all around, with the corners and the closing join; of all copies together
 * @param stripWidth as it is cut
 * @param practice   seam and cutting step
 */
public record BindingStrip(
        String key, RoleKey role, BindingCut cut, Figure<Length> length, Figure<Length> stripWidth, Practice practice) {

    /** What corners and the closing join take: 10 in. */
    static final Length CORNERS_AND_JOIN = Length.ofInches(10);

    /** The settings that decide how it is cut on the bias, and joined. */
    public record Practice(Figure<Length> seam, Figure<Length> cuttingStep, Join join) {
    }

    /**
     * Squares that give the whole strip, cut on the bias.
     *
     * @param side   of each
     * @param length of cloth for all of them, side by side as far as the width allows
     */
    public record BiasSquares(Figure<Count> squares, Figure<Length> side, Figure<Count> rows, Figure<Length> length) {
    }

    /** The strip around a finished quilt: 2(W + H) + 10 in. */
    public static BindingStrip around(LayoutRequest request, Finishing finishing, TopSize quilt, Figure<Length> stripWidth) {
        String key = request.key() + ".binding";
        Figure<Length> extra = Figure.given("binding.extra", Label.of("binding.extra"), CORNERS_AND_JOIN, Origin.craft("binding-extra"));
        Figure<Length> one = Arithmetic.formula(
                key + ".length",
                Label.of("binding.length"),
                Operation.AROUND,
                List.of(quilt.width(), quilt.height(), extra),
                () -> quilt.width().value().plus(quilt.height().value()).times(2).plus(CORNERS_AND_JOIN));
        Figure<Length> all = request.copies() == 1
                ? one
                : Arithmetic.product(key + ".all", Label.of("binding.all"), request.ofAll("bindings", "item.copies", 1), one);
        return new BindingStrip(
                key, finishing.binding().orElseThrow(), finishing.bindingCut(), all, stripWidth,
                new Practice(request.practice().seam(), request.practice().cuttingStep(), Join.DIAGONAL));
    }

    /** As the shop joins it. */
    public BindingStrip by(ShopPractice shop) {
        return new BindingStrip(key, role, cut, length, stripWidth,
                new Practice(practice.seam(), practice.cuttingStep(), shop.joins().bindings()));
    }

    /** The same cut to another width, as thick cloth asks for. */
    public BindingStrip cutTo(Figure<Length> width) {
        return new BindingStrip(key, role, cut, length, width, practice);
    }

    /** What one join costs: the strip's cut width on the diagonal, two seam allowances straight. */
    public Figure<Length> join() {
        return switch (practice.join()) {
            case STRAIGHT -> Arithmetic.product(key + ".join", Label.of("long.join"), LongPieces.TWO, practice.seam());
            case DIAGONAL -> stripWidth;
        };
    }

    /** The strips across cloth of this width, joined. */
    public Figure<Count> strips(Figure<Length> usableWidth) {
        return LongStrips.joined(key + ".strips", Label.of("binding.strips"), length, join(), usableWidth);
    }

    /**
     * The least squares for a continuous strip on the bias, no wider than the cloth; empty where the cloth is too narrow for
     * any that gives a strip.
     *
     * <p>A square of side q is cut on its diagonal, and the halves are sewn along a straight edge: a slanted piece whose
     * bias edges lie (q − 2s) ÷ √2 apart, since the seam takes 2s. It gives k = ⌊(q − 2s) ÷ (w√2)⌋ strips of width w, sewn
     * end to end in a spiral; the second seam takes 2s of the other side, so each adds (q − 2s)√2. With x = q − 2s the least
     * square for a given k is x = max(k·w√2, L ÷ (k√2)). For 300 in of 2¼ in: k = 8, x = 26½, q = 27.
     */
    public Optional<BiasSquares> biasSquares(Figure<Length> usableWidth) {
        for (int squares = 1; squares <= MOST_SQUARES; squares++) {
            Length side = leastSide(squares);
            if (!side.isLongerThan(usableWidth.value())) {
                return Optional.of(biasSquares(squares, side, usableWidth));
            }
        }
        return Optional.empty();
    }

    private static final int MOST_SQUARES = 40;

    private BiasSquares biasSquares(int squares, Length side, Figure<Length> usableWidth) {
        Figure<Count> count = Figure.given(
                key + ".squares", Label.of("binding.squares"), new Count(squares), Origin.craft("bias-squares"));
        Figure<Length> cutSide = Arithmetic.formula(
                key + ".square", Label.of("binding.square"), Operation.BIAS_SQUARE, List.of(length, stripWidth, practice.seam()),
                () -> side);
        Figure<Count> perRow = Arithmetic.wholeTimes(key + ".perRow", Label.of("binding.perRow"), usableWidth, cutSide);
        Figure<Count> rows = Arithmetic.groups(key + ".rows", Label.of("binding.rows"), count, perRow);
        return new BiasSquares(
                count, cutSide, rows, Arithmetic.product(key + ".biasLength", Label.of("binding.biasLength"), rows, cutSide));
    }

    /** The side of each of so many squares, rounded up to the cutting step. */
    private Length leastSide(int squares) {
        Length share = new Length(-Math.floorDiv(-length.value().ticks(), squares));
        Length step = practice.cuttingStep().value();
        Length best = null;
        for (long strips = 1; best == null || stripsWide(strips, step).isShorterThan(best); strips++) {
            Length needed = ExactLength.rootTwo(share).dividedBy(2 * strips).roundedUpTo(step).atLeast(stripsWide(strips, step));
            best = best == null || needed.isShorterThan(best) ? needed : best;
        }
        return best.plus(practice.seam().value().times(2));
    }

    private Length stripsWide(long strips, Length step) {
        return ExactLength.rootTwo(stripWidth.value().times(strips)).roundedUpTo(step);
    }
}
