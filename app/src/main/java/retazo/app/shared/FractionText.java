package retazo.app.shared;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A sentence whose fractions are set as true fractions: {@code 2 1/2} is the text 2 and the fraction 1/2. */
public record FractionText(List<Part> parts) {

    private static final Pattern FRACTION = Pattern.compile("(\\d )?(?<![\\d/])(\\d{1,4}/\\d{1,4})(?![\\d/])");

    /** A stretch of text, or a fraction. */
    public record Part(String text, boolean fraction) {
    }

    public static FractionText of(String sentence) {
        List<Part> parts = new ArrayList<>();
        Matcher fraction = FRACTION.matcher(sentence);
        int from = 0;
        while (fraction.find()) {
            boolean joined = fraction.group(1) != null;
            parts.add(new Part(sentence.substring(from, fraction.start(2) - (joined ? 1 : 0)), false));
            parts.add(new Part(fraction.group(2), true));
            from = fraction.end();
        }
        parts.add(new Part(sentence.substring(from), false));
        return new FractionText(parts.stream().filter(part -> !part.text().isEmpty()).toList());
    }

    /** The sentence with plain fractions. */
    public String plain() {
        StringBuilder text = new StringBuilder();
        for (Part part : parts) {
            boolean joins = part.fraction() && text.length() > 0 && Character.isDigit(text.charAt(text.length() - 1));
            text.append(joins ? " " : "").append(part.text());
        }
        return text.toString();
    }
}
