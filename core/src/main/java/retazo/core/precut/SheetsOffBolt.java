package retazo.core.precut;

import java.util.Comparator;
import java.util.Optional;
import java.util.stream.Stream;
import retazo.core.cloth.PrintKind;
import retazo.core.cloth.SheetSize;
import retazo.core.explain.Arithmetic;
import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.explain.Origin;
import retazo.core.measure.Count;
import retazo.core.measure.Length;

/**
 * Sheets that are cut off a bolt to complete packs that are a few short: strips beside a roll, squares beside a stack.
 *
 * @param size   of each
 * @param sheets how many, 1 or more
 */
public record SheetsOffBolt(SheetSize size, Count sheets) {

    /** How they lie: so wide across the cloth, so high along it. */
    private record Lie(Length across, Length along) {
    }

    /**
     * The length that gives them: ⌈sheets ÷ ⌊U ÷ across⌋⌉ rows, each as high as a sheet, and squaring once; the shorter of both ways
     * round, or the one in which a print that keeps its direction reads up the shorter side of a sheet, as in a pack. Three strips of
     * 40 × 2½ on 40 in are 7½ in, nine squares of 5 in are 2 rows, 10 in. Empty where the cloth is too narrow for one.
     *
     * @param print of the cloth, as far as it matters to the sheets
     */
    public Optional<Figure<Length>> exact(String key, PrintKind print, Figure<Length> usableWidth, Figure<Length> squaring) {
        Lie along = new Lie(size.length(), size.width());
        Lie across = new Lie(size.width(), size.length());
        return (print.mayTurn() ? Stream.of(along, across) : Stream.of(print.liesAcross() ? across : along))
                .filter(lie -> !lie.across().isLongerThan(usableWidth.value()))
                .map(lie -> exact(key, lie, usableWidth, squaring))
                .min(Comparator.comparing(Figure::value));
    }

    private Figure<Length> exact(String key, Lie lie, Figure<Length> usableWidth, Figure<Length> squaring) {
        Figure<Length> across = Figure.given(key + ".across", Label.of("topUp.across"), lie.across(), Origin.craft("precut-measure"));
        Figure<Length> along = Figure.given(key + ".along", Label.of("topUp.along"), lie.along(), Origin.craft("precut-measure"));
        Figure<Count> all = Figure.given(key + ".sheets", Label.of("topUp.sheets"), sheets, Origin.craft("prints-together"));
        Figure<Count> rows = Arithmetic.groups(
                key + ".rows", Label.of("topUp.rows"), all,
                Arithmetic.wholeTimes(key + ".abreast", Label.of("topUp.abreast"), usableWidth, across));
        Figure<Length> length = Arithmetic.product(key + ".length", Label.of("topUp.length"), rows, along);
        return Arithmetic.sum(key + ".exact", Label.of("cloth.exact"), Stream.of(length, squaring)
                .filter(part -> !part.value().isZero()).toList());
    }
}
