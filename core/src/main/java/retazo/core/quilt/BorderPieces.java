package retazo.core.quilt;

import java.util.List;
import java.util.Optional;
import retazo.core.block.RoleKey;
import retazo.core.explain.Arithmetic;
import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.explain.Operation;
import retazo.core.explain.Origin;
import retazo.core.measure.Count;
import retazo.core.measure.Length;

/**
 * The four long pieces of a butted border, as they are cut: two for the sides, then two for top and bottom.
 *
 * @param key       stable start of the keys of its figures
 * @param number    which border, from 1 at the inside
 * @param cutWidth  of every piece
 * @param side      cut length of each of the two sides
 * @param end       cut length of each of top and bottom
 * @param seam      the seam allowance
 */
public record BorderPieces(
        String key,
        int number,
        RoleKey role,
        Figure<Length> cutWidth,
        Figure<Length> side,
        Figure<Length> end,
        Figure<Length> seam) {

    private static final Figure<Count> TWO =
            Figure.given("border.pair", Label.of("border.pair"), new Count(2), Origin.craft("border-pair"));

    /**
     * The pieces of a border of finished width b around W × H: two sides of H, then two of W + 2b, each cut b + 2s wide,
     * 2s longer than it finishes, and longer by the trim.
     *
     * @param trim added to each piece, to trim after sewing; none where it is zero
     */
    static BorderPieces butted(
            String key, int number, RoleKey role, QuiltPlan.Finished inside, Figure<Length> border, Figure<Length> seam, Figure<Length> trim) {
        Figure<Length> across = bothEnds(key + ".across", "border.widthWithSides", inside.width(), border);
        return new BorderPieces(
                key,
                number,
                role,
                withSeams(key + ".cutWidth", "border.cutWidth", border, seam),
                cutLength(key + ".side", "border.side", inside.height(), seam, trim),
                cutLength(key + ".end", "border.end", across, seam, trim),
                seam);
    }

    /** The finished size with a border around it: width and height grow by twice its width. */
    static QuiltPlan.Finished around(String key, QuiltPlan.Finished inside, Figure<Length> border) {
        return new QuiltPlan.Finished(
                bothEnds(key + ".width", "quilt.widthWithBorder", inside.width(), border),
                bothEnds(key + ".height", "quilt.heightWithBorder", inside.height(), border));
    }

    private static Figure<Length> cutLength(
            String key, String label, Figure<Length> finished, Figure<Length> seam, Figure<Length> trim) {
        Figure<Length> exact = withSeams(key + ".exact", label + "Exact", finished, seam);
        return trim.value().isZero()
                ? exact.named(key, Label.of(label))
                : Arithmetic.sum(key, Label.of(label), List.of(exact, trim));
    }

    private static Figure<Length> withSeams(String key, String label, Figure<Length> finished, Figure<Length> seam) {
        return Arithmetic.formula(key, Label.of(label), Operation.WITH_SEAMS, List.of(finished, seam),
                () -> finished.value().plus(seam.value().times(2)));
    }

    private static Figure<Length> bothEnds(String key, String label, Figure<Length> side, Figure<Length> width) {
        return Arithmetic.formula(key, Label.of(label), Operation.BOTH_ENDS, List.of(side, width),
                () -> side.value().plus(width.value().times(2)));
    }

    /** The strips across cloth of this width: joined straight and cut apart again, or uncut where that takes fewer. */
    public Figure<Count> strips(Figure<Length> usableWidth) {
        Figure<Length> total = Arithmetic.sum(
                key + ".total",
                Label.of("border.total"),
                List.of(
                        Arithmetic.product(key + ".sides", Label.of("border.sides"), TWO, side),
                        Arithmetic.product(key + ".ends", Label.of("border.ends"), TWO, end)));
        Figure<Length> join = Arithmetic.product(key + ".join", Label.of("border.join"), TWO, seam);
        Figure<Count> joined = LongStrips.joined(key + ".joined", Label.of("border.joined"), total, join, usableWidth);
        List<Length> pieces = List.of(side.value(), side.value(), end.value(), end.value());
        Label label = Label.of("border.strips");
        return LongStrips.uncut(pieces, usableWidth.value())
                .map(uncut -> Arithmetic.<Count>formula(
                        key + ".uncut", Label.of("border.uncut"), Operation.UNCUT, List.of(side, end, usableWidth), () -> uncut))
                .map(uncut -> Arithmetic.least(key + ".strips", label, List.of(joined, uncut)))
                .orElseGet(() -> joined.named(key + ".strips", label));
    }

    /** The length of cloth that gives all four side by side along it, without joins; absent if they are too wide together. */
    public Optional<Length> alongLength(Length usableWidth) {
        Length longest = side.value().atLeast(end.value());
        return cutWidth.value().times(4).isLongerThan(usableWidth) ? Optional.empty() : Optional.of(longest);
    }
}
