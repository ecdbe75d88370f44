package retazo.app.patterns.rows;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import retazo.app.shared.FieldReader;
import retazo.app.shared.Typed;
import retazo.core.block.shape.FinishedSize;
import retazo.core.measure.Length;
import retazo.core.measure.LengthUnit;
import retazo.core.measure.Problem;
import retazo.core.quilt.design.DesignCheck;

/** A finished size as people type it: {@code 60 x 72}, {@code 60" × 72"}. */
public final class FinishedText {

    private static final Pattern SIDES = Pattern.compile("(?i)(.+?)\\s*(?:x|×|by)\\s*(.+)");

    private FinishedText() {
    }

    public static String write(Length width, Length height) {
        return Typed.inches(width) + " x " + Typed.inches(height);
    }

    /** Empty where nothing is typed, or with a problem at the field. */
    public static Optional<FinishedSize> read(String field, @Nullable String typed, FieldReader reader) {
        String text = Typed.text(typed);
        if (text.isEmpty()) {
            return Optional.empty();
        }
        Matcher sides = SIDES.matcher(text);
        if (!sides.matches()) {
            reader.add(Problem.at(field, "size.finished", text.length() > 30 ? text.substring(0, 30) + "…" : text));
            return Optional.empty();
        }
        Length width = reader.lengthAboveZero(field, sides.group(1), LengthUnit.INCH, DesignCheck.LARGEST_QUILT);
        Length height = reader.lengthAboveZero(field, sides.group(2), LengthUnit.INCH, DesignCheck.LARGEST_QUILT);
        return width.isPositive() && height.isPositive() ? Optional.of(new FinishedSize(width, height)) : Optional.empty();
    }
}
