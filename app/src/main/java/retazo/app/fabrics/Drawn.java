package retazo.app.fabrics;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.Optional;
import retazo.core.cloth.Colour;
import retazo.core.measure.Length;

/**
 * How a fabric is drawn: by a photograph of its print, or by a motif that stands for it.
 *
 * @param ground what shows most of it
 * @param print  of its motif
 * @param motif  that is drawn where there is no photograph
 * @param tile   of a photograph
 */
public record Drawn(Colour ground, Colour print, Motif motif, Optional<Tile> tile) {

    private static final Length SAMPLE = Length.ofInches(4);

    /** How wide the piece is that is repeated, in inches of cloth before it is scaled. */
    public String width() {
        return tile.map(one -> inches(one.width())).orElse(inches(SAMPLE));
    }

    public String height() {
        return tile.map(one -> inches(one.height())).orElse(inches(SAMPLE));
    }

    /** How much larger than the sample a motif is drawn, to the repeat of its fabric; a photograph is as large as it is. */
    String scale(Optional<Length> repeat) {
        return tile.isPresent() || repeat.isEmpty() ? "1" : ratio(repeat.get(), SAMPLE);
    }

    private static String inches(Length length) {
        return ratio(length, Length.ofInches(1));
    }

    private static String ratio(Length length, Length to) {
        return BigDecimal.valueOf(length.ticks()).divide(BigDecimal.valueOf(to.ticks()), MathContext.DECIMAL32).stripTrailingZeros()
                .toPlainString();
    }
}
