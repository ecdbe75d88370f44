package retazo.core.quilt;

import java.util.List;
import retazo.core.block.RoleKey;
import retazo.core.explain.Arithmetic;
import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.explain.Operation;
import retazo.core.explain.Origin;
import retazo.core.measure.Count;
import retazo.core.measure.Length;

/**
 * The long strip around the edge of a quilt.
 *
 * @param key        stable start of the keys of its figures
 * @param length     all around, with the corners and the closing join
 * @param stripWidth as it is cut
 */
public record BindingStrip(String key, RoleKey role, Figure<Length> length, Figure<Length> stripWidth) {

    /** What corners and the closing join take: 10 in. */
    static final Length CORNERS_AND_JOIN = Length.ofInches(10);

    /** The strip around a finished quilt: 2(W + H) + 10 in. */
    static BindingStrip around(String key, RoleKey role, QuiltPlan.Finished quilt, Figure<Length> stripWidth) {
        Figure<Length> extra =
                Figure.given("binding.extra", Label.of("binding.extra"), CORNERS_AND_JOIN, Origin.craft("binding-extra"));
        Figure<Length> length = Arithmetic.formula(
                key + ".length",
                Label.of("binding.length"),
                Operation.AROUND,
                List.of(quilt.width(), quilt.height(), extra),
                () -> quilt.width().value().plus(quilt.height().value()).times(2).plus(CORNERS_AND_JOIN));
        return new BindingStrip(key, role, length, stripWidth);
    }

    /** The strips across cloth of this width, joined diagonally: each join costs the strip's cut width. */
    public Figure<Count> strips(Figure<Length> usableWidth) {
        return LongStrips.joined(key + ".strips", Label.of("binding.strips"), length, stripWidth, usableWidth);
    }
}
