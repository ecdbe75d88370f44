package retazo.app.stock.places;

import java.util.Comparator;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Orders names as a person reads them: numbers in them by what they count, so that bay 2 comes before bay 10; letters without case. */
enum NaturalOrder implements Comparator<String> {
    OF_NAMES;

    private static final Pattern PART = Pattern.compile("\\d+|\\D+");
    private static final Pattern NUMBER = Pattern.compile("\\d+");

    @Override
    public int compare(String one, String other) {
        Matcher first = PART.matcher(one.toLowerCase(Locale.ROOT));
        Matcher second = PART.matcher(other.toLowerCase(Locale.ROOT));
        while (first.find()) {
            if (!second.find()) {
                return 1;
            }
            int part = compareParts(first.group(), second.group());
            if (part != 0) {
                return part;
            }
        }
        return second.find() ? -1 : one.compareTo(other);
    }

    private static int compareParts(String one, String other) {
        if (!NUMBER.matcher(one).matches() || !NUMBER.matcher(other).matches()) {
            return one.compareTo(other);
        }
        String first = withoutZeros(one);
        String second = withoutZeros(other);
        return first.length() == second.length() ? first.compareTo(second) : Integer.compare(first.length(), second.length());
    }

    private static String withoutZeros(String digits) {
        return digits.replaceFirst("^0+(?=\\d)", "");
    }
}
