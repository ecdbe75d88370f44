package retazo.core.quilt.setting;

import java.util.List;
import retazo.core.explain.Arithmetic;
import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.explain.Operation;
import retazo.core.measure.ExactLength;
import retazo.core.measure.Length;

/** The finished sides of quilts on point. */
final class OnPointSides {

    private OnPointSides() {
    }

    /** A side worked exactly, and as it is quoted: rounded up to the cutting step, since borders are cut for it. */
    static Layout.Side side(LayoutRequest request, String name, Operation formula, List<Figure<?>> operands, ExactLength exact) {
        String key = request.key() + "." + name;
        Figure<ExactLength> unrounded = Arithmetic.formula(key + ".exact", Label.of("quilt." + name + ".exact"), formula, operands,
                () -> exact);
        Figure<Length> quoted = Arithmetic.toCut(key, Label.of("quilt." + name), unrounded, request.practice().cuttingStep());
        return new Layout.Side(exact, quoted);
    }
}
