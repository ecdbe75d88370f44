package retazo.core.colour;

import retazo.core.cloth.Colour;

/**
 * A colour in CIELAB under daylight (D65, 2° observer), in which equal distances look about equal.
 *
 * @param lightness 0 for black to 100 for white: a fabric's value
 * @param a         green below zero, red above
 * @param b         blue below zero, yellow above
 */
public record Lab(double lightness, double a, double b) {

    private static final double WHITE_X = 0.95047;
    private static final double WHITE_Z = 1.08883;

    /** The cube of 6/29, below which CIE 1976 continues the cube root as a straight line. */
    private static final double EDGE = 216.0 / 24389;
    private static final double SLOPE = 24389.0 / 27;

    private static final double CHROMA_25_TO_7 = Math.pow(25, 7);

    /** A colour as a screen shows it (sRGB, IEC 61966-2-1). */
    public static Lab of(Colour colour) {
        double red = Light.of(colour.rgb() >> 16 & 0xff);
        double green = Light.of(colour.rgb() >> 8 & 0xff);
        double blue = Light.of(colour.rgb() & 0xff);
        double x = root((0.4124564 * red + 0.3575761 * green + 0.1804375 * blue) / WHITE_X);
        double y = root(0.2126729 * red + 0.7151522 * green + 0.0721750 * blue);
        double z = root((0.0193339 * red + 0.1191920 * green + 0.9503041 * blue) / WHITE_Z);
        return new Lab(116 * y - 16, 500 * (x - y), 200 * (y - z));
    }

    /** How vivid it is: 0 for a grey. */
    public double chroma() {
        return Math.hypot(a, b);
    }

    /** Its hue in degrees from 0, below 360: 0 towards red, 90 towards yellow, 180 towards green, 270 towards blue; 0 for a pure grey. */
    public double hue() {
        return hue(a, b);
    }

    /**
     * How far apart two colours look, by the formula CIEDE2000 with all weights 1: about 1 is just seen side by side, above 10 they are two
     * colours. The formula is that of ISO/CIE 11664-6: differences of lightness, chroma and hue, each divided by how coarse the eye is
     * there, and a term that turns the axes in the blues.
     */
    public double differenceTo(Lab other) {
        double grey = greyTurn((chroma() + other.chroma()) / 2);
        double a1 = a * grey;
        double a2 = other.a * grey;
        double c1 = Math.hypot(a1, b);
        double c2 = Math.hypot(a2, other.b);
        double h1 = hue(a1, b);
        double h2 = hue(a2, other.b);
        double turn = c1 * c2 == 0 ? 0 : shorter(h2 - h1);
        double hueStep = 2 * Math.sqrt(c1 * c2) * Math.sin(Math.toRadians(turn / 2));
        double middleHue = c1 * c2 == 0 ? h1 + h2 : middle(h1, h2);
        double middleChroma = (c1 + c2) / 2;
        double fromMiddle = Math.pow((lightness + other.lightness) / 2 - 50, 2);
        double lightCoarse = 1 + 0.015 * fromMiddle / Math.sqrt(20 + fromMiddle);
        double chromaCoarse = 1 + 0.045 * middleChroma;
        double hueCoarse = 1 + 0.015 * middleChroma * hueWeight(middleHue);
        double light = (other.lightness - lightness) / lightCoarse;
        double vivid = (c2 - c1) / chromaCoarse;
        double hue = hueStep / hueCoarse;
        return Math.sqrt(light * light + vivid * vivid + hue * hue + blueTurn(middleHue, middleChroma) * vivid * hue);
    }

    private static double root(double value) {
        return value > EDGE ? Math.cbrt(value) : (SLOPE * value + 16) / 116;
    }

    /** Stretches the axis of green and red near grey. */
    private static double greyTurn(double chroma) {
        double seventh = Math.pow(chroma, 7);
        return 1 + 0.5 * (1 - Math.sqrt(seventh / (seventh + CHROMA_25_TO_7)));
    }

    /** In degrees from 0, below 360. */
    private static double hue(double a, double b) {
        double degrees = a == 0 && b == 0 ? 0 : Math.toDegrees(Math.atan2(b, a));
        return degrees < 0 ? degrees + 360 : degrees;
    }

    private static double shorter(double degrees) {
        return degrees > 180 ? degrees - 360 : degrees < -180 ? degrees + 360 : degrees;
    }

    private static double middle(double h1, double h2) {
        double sum = h1 + h2;
        if (Math.abs(h1 - h2) <= 180) {
            return sum / 2;
        }
        return sum < 360 ? (sum + 360) / 2 : (sum - 360) / 2;
    }

    private static double hueWeight(double hue) {
        return 1 - 0.17 * cos(hue - 30) + 0.24 * cos(2 * hue) + 0.32 * cos(3 * hue + 6) - 0.20 * cos(4 * hue - 63);
    }

    private static double blueTurn(double hue, double chroma) {
        double seventh = Math.pow(chroma, 7);
        double angle = 30 * Math.exp(-Math.pow((hue - 275) / 25, 2));
        return -2 * Math.sqrt(seventh / (seventh + CHROMA_25_TO_7)) * Math.sin(Math.toRadians(2 * angle));
    }

    private static double cos(double degrees) {
        return Math.cos(Math.toRadians(degrees));
    }
}
