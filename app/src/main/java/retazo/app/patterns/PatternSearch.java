package retazo.app.patterns;

import java.util.List;

/**
 * What is looked for in the library; an empty text is no condition.
 *
 * @param words    in the pattern's name
 * @param way      a way in, by the word of files
 * @param unit     a kind of unit
 * @param precut   a kind of precut
 * @param size     in the name of a size
 * @param archived whether the archive is looked through
 */
public record PatternSearch(String words, String way, String unit, String precut, String size, boolean archived) {

    public static PatternSearch byName(String words) {
        return new PatternSearch(words, "", "", "", "", false);
    }

    public PatternSearch {
        words = words.strip();
        size = size.strip();
    }

    /** A word as it stands between the blanks of a column; empty if none is looked for. */
    public String whole(String word) {
        return word.isEmpty() ? "" : PatternTraits.column(List.of(word));
    }

    /** Whether anything but the archive is asked for. */
    public boolean narrows() {
        return !(words + way + unit + precut + size).isEmpty();
    }
}
