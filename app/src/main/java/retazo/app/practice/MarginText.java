package retazo.app.practice;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import retazo.app.shared.FieldReader;
import retazo.core.cloth.Margin;
import retazo.core.measure.Length;
import retazo.core.measure.LengthParts;
import retazo.core.measure.LengthUnit;
import retazo.core.measure.Percent;
import retazo.core.measure.Problem;

/** A margin as people type it: {@code 5 %}, {@code 1/4 yd}, or nothing. */
public final class MarginText {

    private static final Pattern PERCENT = Pattern.compile("(\\d{1,3})(?:[.,](\\d{1,2}))?\\s*%");
    private static final int MOST_HUNDREDTHS = 5_000;

    private MarginText() {
    }

    public static String write(Margin margin, LengthUnit unit) {
        return margin.match(
                none -> "none", share -> share.percent().toString(), extra -> LengthParts.exactText(extra.length(), unit));
    }

    /** None, with a problem at the field, for what cannot be read. */
    public static Margin read(String field, @Nullable String typed, LengthUnit unit, FieldReader reader) {
        String text = typed == null ? "" : typed.strip();
        Matcher percent = PERCENT.matcher(text);
        if (text.isEmpty() || text.equalsIgnoreCase("none") || text.equals("0")) {
            return new Margin.None();
        }
        if (percent.matches()) {
            String rest = percent.group(2) == null ? "00" : (percent.group(2) + "0").substring(0, 2);
            int hundredths = Integer.parseInt(percent.group(1)) * 100 + Integer.parseInt(rest);
            if (hundredths > MOST_HUNDREDTHS) {
                reader.add(Problem.at(field, "practice.margin-share"));
                return new Margin.None();
            }
            return hundredths == 0 ? new Margin.None() : new Margin.Share(new Percent(hundredths));
        }
        Length length = reader.length(field, text, unit);
        if (length.isLongerThan(Length.ofYards(2, 1))) {
            reader.add(Problem.at(field, "length.above-zero", length, Length.ofYards(2, 1)));
        }
        return length.isPositive() ? new Margin.Extra(length) : new Margin.None();
    }
}
