package retazo.app.stock.goods;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import retazo.core.measure.Problem;
import retazo.core.prints.PrintValue;

/**
 * What one pack falls into when it is opened.
 *
 * @param prints each once; what nobody wrote down is together one without a name. Their pieces are as many as a pack has.
 */
record PackContents(List<OfPrint> prints) {

    /** So many pieces of a print. */
    record OfPrint(String name, PrintValue value, int pieces) {
    }

    PackContents {
        prints = List.copyOf(prints);
    }

    static PackContents of(Good pack, List<BundlePrint> known) {
        List<OfPrint> prints = new ArrayList<>();
        known.forEach(print -> prints.add(new OfPrint(print.name(), print.value(), print.pieces())));
        int rest = pack.perUnit() - pieces(known);
        if (rest > 0) {
            prints.add(new OfPrint("", PrintValue.MEDIUM, rest));
        }
        return new PackContents(prints);
    }

    /** Why a pack cannot be opened or closed: it is none, or more prints were written down than it has pieces. */
    static Optional<Problem> refused(Good pack, List<BundlePrint> known) {
        if (pack.perUnit() == 1) {
            return Optional.of(Problem.of("pack.is-none", pack.name()));
        }
        return pieces(known) > pack.perUnit()
                ? Optional.of(Problem.of("pack.too-many-prints", pieces(known), pack.perUnit()))
                : Optional.empty();
    }

    private static int pieces(List<BundlePrint> known) {
        return known.stream().mapToInt(BundlePrint::pieces).sum();
    }
}
