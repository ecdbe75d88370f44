package retazo.app.shared;

import jakarta.persistence.AttributeConverter;
import jakarta.persistence.Converter;
import org.jspecify.annotations.Nullable;
import retazo.core.measure.Length;

/** Stores every length as its whole number of ticks. */
@Converter(autoApply = true)
public class LengthConverter implements AttributeConverter<Length, Long> {

    @Override
    public @Nullable Long convertToDatabaseColumn(@Nullable Length length) {
        return length == null ? null : length.ticks();
    }

    @Override
    public @Nullable Length convertToEntityAttribute(@Nullable Long ticks) {
        return ticks == null ? null : new Length(ticks);
    }
}
