package retazo.core.colour;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import retazo.core.cloth.Colour;

/**
 * A word by which somebody asks for a colour. A colour answers to several words where people differ: one at the border of blue and green
 * is found as either. The regions are wide on purpose, in hue, chroma and lightness of {@link Lab}; hues in degrees, 0 for red-purple, 90
 * for yellow, 180 for green, 270 for blue.
 */
public enum ColourWord {
    BLACK("black", colour -> colour.chroma() < 14 && colour.lightness() < 25),
    GREY("grey gray", colour -> colour.chroma() < 10 && colour.lightness() >= 25 && colour.lightness() < 90),
    WHITE("white", colour -> colour.chroma() < 9 && colour.lightness() >= 88),
    CREAM("cream", colour -> isVivid(colour, 4, 35) && colour.lightness() >= 78 && isHue(colour, 40, 118)),
    BEIGE("beige tan", colour -> isVivid(colour, 6, 40) && isLight(colour, 55, 90) && isHue(colour, 38, 106)),
    BROWN("brown", colour -> isVivid(colour, 6, 62) && colour.lightness() < 62 && isHue(colour, 18, 94)),
    RED("red", colour -> colour.chroma() >= 9 && colour.lightness() < 68 && (isHue(colour, 345, 360) || isHue(colour, 0, 50))),
    PINK("pink", colour -> colour.chroma() >= 6 && colour.lightness() >= 45 && (isHue(colour, 320, 360) || isHue(colour, 0, 38))),
    ORANGE("orange", colour -> colour.chroma() >= 22 && colour.lightness() >= 30 && isHue(colour, 36, 80)),
    YELLOW("yellow", colour -> colour.chroma() >= 24 && colour.lightness() >= 45 && isHue(colour, 72, 116)),
    GREEN("green", colour -> colour.chroma() >= 7 && isHue(colour, 94, 190)),
    TEAL("teal turquoise", colour -> colour.chroma() >= 7 && isHue(colour, 165, 230)),
    BLUE("blue", colour -> colour.chroma() >= 7 && isHue(colour, 205, 312)),
    NAVY("navy", colour -> colour.chroma() >= 7 && colour.lightness() < 28 && isHue(colour, 230, 312)),
    PURPLE("purple violet", colour -> colour.chroma() >= 7 && isHue(colour, 298, 350)),
    DARK("dark", colour -> colour.lightness() < 38),
    LIGHT("light", colour -> colour.lightness() >= 70);

    private final String spellings;
    private final Predicate<Lab> region;

    ColourWord(String spellings, Predicate<Lab> region) {
        this.spellings = spellings;
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
