package retazo.app.buying.pages;

import java.time.LocalDate;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import retazo.app.buying.FabricTerms;
import retazo.app.shared.FieldReader;
import retazo.app.stock.bulk.TypedBolt;
import retazo.core.measure.Length;
import retazo.core.measure.LengthParts;
import retazo.core.measure.LengthUnit;
import retazo.core.measure.Problem;

/** What the buyer keeps of a fabric, as typed; what is left empty is not known. */
public record TermsForm(@Nullable String point, @Nullable String bolt, @Nullable String lastOrders) {

    private static final Length HIGHEST_POINT = Length.ofYards(5_000, 1);

    static TermsForm of(FabricTerms terms, LengthUnit unit) {
        return new TermsForm(
                terms.point().map(length -> LengthParts.exactText(length, unit)).orElse(""),
                terms.bolt().map(length -> LengthParts.exactText(length, unit)).orElse(""),
                terms.lastOrders().map(LocalDate::toString).orElse(""));
    }

    /** With problems in the reader it must not be used. */
    FabricTerms read(long fabricId, FieldReader reader, LengthUnit unit) {
        Optional<Length> readPoint = isBlank(point) ? Optional.empty() : Optional.of(reader.length("point", point, unit));
        readPoint.filter(length -> length.isNegative() || length.isLongerThan(HIGHEST_POINT))
                .ifPresent(length -> reader.add(Problem.at("point", "length.above-zero", length, HIGHEST_POINT)));
        return new FabricTerms(
                fabricId, readPoint,
                isBlank(bolt) ? Optional.empty() : Optional.of(reader.lengthAboveZero("bolt", bolt, unit, TypedBolt.LONGEST)),
                reader.day("lastOrders", lastOrders));
    }

    private static boolean isBlank(@Nullable String text) {
        return text == null || text.isBlank();
    }
}
