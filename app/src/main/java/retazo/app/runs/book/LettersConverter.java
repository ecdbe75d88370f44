package retazo.app.runs.book;

import jakarta.persistence.AttributeConverter;
import jakarta.persistence.Converter;
import org.jspecify.annotations.Nullable;

/** Keeps letters in one column. */
@Converter(autoApply = true)
class LettersConverter implements AttributeConverter<Letters, String> {

    @Override
    public @Nullable String convertToDatabaseColumn(@Nullable Letters letters) {
        return letters == null ? null : letters.toString();
    }

    @Override
    public @Nullable Letters convertToEntityAttribute(@Nullable String kept) {
        return kept == null ? null : Letters.read(kept);
    }
}
