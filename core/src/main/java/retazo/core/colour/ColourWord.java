package retazo.core.colour;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;
import retazo.core.cloth.Colour;

/**
 * A word by which somebody asks for a colour. A colour answers to several words where people differ: one at the border of blue and green
 * is found as either. The regions are wide on purpose, in hue, chroma and lightness of {@link Lab}; hues in degrees, 0 for red-purple, 90
 * for yellow, 180 for green, 270 for blue.
 */
public enum ColourWord {
    BLACK("black", "#1c1c1e", colour -> colour.chroma() < 14 && colour.lightness() < 25),
    GREY("grey gray", "#8a8a88", colour -> colour.chroma() < 10 && colour.lightness() >= 25 && colour.lightness() < 90),
    WHITE("white", "#fbfbf8", colour -> colour.chroma() < 9 && colour.lightness() >= 88),
    CREAM("cream", "#f1e6c8", colour -> isVivid(colour, 4, 35) && colour.lightness() >= 78 && isHue(colour, 36, 118)),
    BEIGE("beige tan", "#cdb892", colour -> isVivid(colour, 6, 40) && isLight(colour, 55, 90) && isHue(colour, 38, 106)),
    BROWN("brown", "#6b4a2f", colour -> isVivid(colour, 6, 62) && colour.lightness() < 62 && isHue(colour, 18, 94)),
    RED("red", "#b3262c", colour -> colour.chroma() >= 9 && colour.lightness() < 68 && (isHue(colour, 345, 360) || isHue(colour, 0, 50))),
    PINK("pink", "#e3a1ae",
            colour -> colour.chroma() >= 6 && colour.lightness() >= 45 && (isHue(colour, 320, 360) || isHue(colour, 0, 38))),
    ORANGE("orange", "#dc7a2b", colour -> colour.chroma() >= 22 && colour.lightness() >= 30 && isHue(colour, 36, 80)),
    YELLOW("yellow", "#e6c229", colour -> colour.chroma() >= 24 && colour.lightness() >= 45 && isHue(colour, 72, 116)),
    GREEN("green", "#4f8f55", colour -> colour.chroma() >= 7 && isHue(colour, 94, 190)),
    TEAL("teal turquoise", "#2a8a8c", colour -> colour.chroma() >= 7 && isHue(colour, 165, 230)),
    BLUE("blue", "#3a6ea8", colour -> colour.chroma() >= 7 && isHue(colour, 205, 312)),
    NAVY("navy", "#1f2c4c", colour -> colour.chroma() >= 7 && colour.lightness() < 28 && isHue(colour, 230, 312)),
    PURPLE("purple violet", "#6d4a8c", colour -> colour.chroma() >= 7 && isHue(colour, 298, 350)),
    DARK("dark", "#33302e", colour -> colour.lightness() < 38),
    LIGHT("light", "#ddd8cf", colour -> colour.lightness() >= 70);

    private final String spellings;
    private final Colour typical;
    private final Predicate<Lab> region;

    ColourWord(String spellings, String typical, Predicate<Lab> region) {
        this.spellings = spellings;
        this.typical = Colour.parse(typical);
        this.region = region;
    }

    /** Every word that a colour answers to. */
    public static List<ColourWord> of(Colour colour) {
        Lab seen = Lab.of(colour);
        List<ColourWord> words = new ArrayList<>();
        for (ColourWord word : values()) {
            if (word.region.test(seen)) {
                words.add(word);
            }
        }
        return words;
    }

    /** A colour that most people would call by this word, in any of its spellings; empty for a word that is none of these. */
    public static Optional<Colour> typical(String word) {
        return Stream.of(values()).filter(one -> List.of(one.spellings.split(" ")).contains(word.strip().toLowerCase(Locale.ROOT)))
                .map(one -> one.typical).findFirst();
    }

    /** All words, each in its first spelling. */
    public static List<String> names() {
        return Stream.of(values()).map(word -> word.spellings.split(" ")[0]).toList();
    }

    /** How it is written, in small letters; several ways with a space between. */
    public String spellings() {
        return spellings;
    }

    private static boolean isVivid(Lab colour, double from, double below) {
        return colour.chroma() >= from && colour.chroma() < below;
    }

    private static boolean isLight(Lab colour, double from, double below) {
        return colour.lightness() >= from && colour.lightness() < below;
    }

    private static boolean isHue(Lab colour, double from, double below) {
        return colour.hue() >= from && colour.hue() < below;
    }
}
