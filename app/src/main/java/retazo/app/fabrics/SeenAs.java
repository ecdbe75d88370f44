package retazo.app.fabrics;

import java.util.stream.Collectors;
import retazo.core.cloth.Colour;
import retazo.core.colour.ColourWord;

/** The words by which a fabric is asked for by its colour, as they are kept beside it. */
public final class SeenAs {

    private SeenAs() {
    }

    /** All of them in small letters, with a space between. */
    public static String words(Colour ground) {
        return ColourWord.of(ground).stream().map(ColourWord::spellings).collect(Collectors.joining(" "));
    }
}
