package retazo.core.quilt.finish;

import java.util.List;
import retazo.core.cloth.RoleKey;
import retazo.core.explain.Arithmetic;
import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.explain.Operation;
import retazo.core.measure.Length;
import retazo.core.quilt.setting.Grain;
import retazo.core.quilt.setting.LayoutRequest;
import retazo.core.quilt.setting.LongPieces;
import retazo.core.quilt.setting.Runs;
import retazo.core.quilt.setting.TopSize;
import retazo.core.quilt.setting.Use;

/**
 * A narrow strip, folded lengthwise and caught in the seam around the blocks. It shows, and adds no size.
 *
 * @param width that shows, above zero
 */
public record Flange(RoleKey role, Length width) {

    /** No flange shows more. */
    public static final Length WIDEST = Length.ofInches(2);

    /** Four strips, as long as the sides that they are caught in, cut 2(w + s) wide since they lie doubled. */
    public LongPieces pieces(LayoutRequest request, TopSize around) {
        LayoutRequest at = request.named(request.key() + ".flange");
        Figure<Length> shown = at.given("width", "flange.width", width);
        Figure<Length> seam = request.practice().seam();
        Figure<Length> cutWidth = Arithmetic.formula(
                at.key() + ".cutWidth", Label.of("flange.cutWidth"), Operation.FOLDED, List.of(shown, seam),
                () -> width.plus(seam.value()).times(2));
        return new LongPieces(
                at.key(), Use.FLANGE, role, cutWidth,
                List.of(
                        new LongPieces.Piece(at.ofAll("sides", "flange.sides", 2), at.withSeams("side", "flange.side", around.height()),
                                Runs.UP),
                        new LongPieces.Piece(at.ofAll("ends", "flange.ends", 2), at.withSeams("end", "flange.end", around.width()),
                                Runs.LEVEL)),
                seam, Grain.ACROSS);
    }
}
