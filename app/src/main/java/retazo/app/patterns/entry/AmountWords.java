package retazo.app.patterns.entry;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** A line of a table whose columns stand one blank apart: the name, then amounts, each of which begins at its number. */
final class AmountWords {

    /** Behind these a number still belongs to the same amount: {@code 1 roll or 1 yd}, {@code 1 pack of 10 in squares}, {@code 56 x 70}. */
    private static final Set<String> JOINING = Set.of("or", "of", "x", "×", "by", "and", "plus", "+");
    private static final Set<String> NONE = Set.of("-", "–", "—", "none");

    private AmountWords() {
    }

    /** The name first; the line alone where it has no amount. */
    static List<String> split(String line) {
        List<String> cells = new ArrayList<>(List.of(""));
        String before = "";
        for (String word : line.strip().split("\\s+")) {
            if (begins(word, before)) {
                cells.add(word);
            } else {
                int last = cells.size() - 1;
                cells.set(last, (cells.get(last) + " " + word).strip());
            }
            before = word;
        }
        return cells;
    }

    private static boolean begins(String word, String before) {
        boolean none = NONE.contains(word.toLowerCase(java.util.Locale.ROOT));
        boolean number = word.matches("[\\d½¼¾⅓⅔⅛⅜⅝⅞].*");
        boolean fractionOfIt = word.matches("\\d+/\\d+.*|[½¼¾⅓⅔⅛⅜⅝⅞].*") && before.matches("\\d+");
        return none || number && !fractionOfIt && !JOINING.contains(before.toLowerCase(java.util.Locale.ROOT));
    }
}
