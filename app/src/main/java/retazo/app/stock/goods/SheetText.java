package retazo.app.stock.goods;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
import retazo.app.shared.FieldReader;
import retazo.core.cloth.SheetSize;
import retazo.core.measure.Length;
import retazo.core.measure.LengthUnit;
import retazo.core.measure.Problem;

/** The measure of a precut as people type it: {@code 17 1/2 x 20 1/2}. */
final class SheetText {

    private static final Length LARGEST = Length.ofInches(120);

    private SheetText() {
    }

    /** Empty for nothing typed, or with a problem at the field for what cannot be read. */
    static Optional<SheetSize> read(String field, @Nullable String typed, FieldReader reader) {
        if (typed == null || typed.isBlank()) {
            return Optional.empty();
        }
        String[] sides = typed.strip().split("\\s*[x×X]\\s*");
        if (sides.length != 2) {
            reader.add(Problem.at(field, "good.sheet"));
            return Optional.empty();
        }
        int before = reader.problems().size();
        Length one = reader.lengthAboveZero(field, sides[0], LengthUnit.INCH, LARGEST);
        Length other = reader.lengthAboveZero(field, sides[1], LengthUnit.INCH, LARGEST);
        return reader.problems().size() == before ? Optional.of(SheetSize.of(one, other)) : Optional.empty();
    }

    static String write(SheetSize size) {
        return size.width() + " × " + size.length();
    }
}
