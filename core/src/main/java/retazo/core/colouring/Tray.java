package retazo.core.colouring;

import retazo.core.cloth.Colour;
import retazo.core.colour.Lab;

/**
 * Where a fabric lies among others: warm to cool across, light to dark down, greys at the end. A lighter one is found by going up.
 *
 * @param column 0 to {@value #HUES}: nine hues from yellow over red and blue to green, then what has none
 * @param row    0 to {@value #ROWS} − 1, the lightest first
 */
public record Tray(int column, int row) {

    public static final int HUES = 9;
    public static final int ROWS = 5;
    private static final double GREY = 8;
    private static final double FIRST_HUE = 120;

    public static Tray of(Colour ground) {
        Lab seen = Lab.of(ground);
        int row = (int) Math.min(ROWS - 1, (100 - seen.lightness()) / (100.0 / ROWS));
        if (seen.chroma() < GREY) {
            return new Tray(HUES, row);
        }
        double past = (FIRST_HUE - seen.hue() + 360) % 360;
        return new Tray((int) Math.min(HUES - 1, past / (360.0 / HUES)), row);
    }
}
