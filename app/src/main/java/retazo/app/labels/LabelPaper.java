package retazo.app.labels;

import java.util.ArrayList;
import java.util.List;
import retazo.core.measure.Length;

/**
 * On what labels are printed.
 *
 * @param columns of a sheet, 1 to 6
 * @param rows    of a sheet, 1 to 20
 * @param width   of a label on a roll
 * @param height  of a label on a roll
 */
public record LabelPaper(Kind kind, int columns, int rows, Length width, Length height) {

    /** What no printer reaches at the edge of a sheet, in points. */
    private static final float EDGE = 18;
    private static final float POINTS_PER_INCH = 72;

    /** A sheet, or a roll with one label to a page; the sizes of sheets in points of 1/72 in. */
    public enum Kind {
        A4(595.28f, 841.89f),
        LETTER(612, 792),
        ROLL(0, 0);

        private final float width;
        private final float height;

        Kind(float width, float height) {
            this.width = width;
            this.height = height;
        }

        float width() {
            return width;
        }

        float height() {
            return height;
        }
    }

    /** A place for a label on its page, in points from the lower left. */
    record Place(float x, float y, float width, float height) {
    }

    float pageWidth() {
        return kind == Kind.ROLL ? points(width) : kind.width;
    }

    float pageHeight() {
        return kind == Kind.ROLL ? points(height) : kind.height;
    }

    /** The places of one page, row by row from the upper left. */
    List<Place> places() {
        if (kind == Kind.ROLL) {
            return List.of(new Place(0, 0, pageWidth(), pageHeight()));
        }
        float wide = (pageWidth() - 2 * EDGE) / columns;
        float high = (pageHeight() - 2 * EDGE) / rows;
        List<Place> places = new ArrayList<>();
        for (int row = 0; row < rows; row++) {
            for (int column = 0; column < columns; column++) {
                places.add(new Place(EDGE + column * wide, pageHeight() - EDGE - (row + 1) * high, wide, high));
            }
        }
        return places;
    }

    private static float points(Length length) {
        return length.ticks() * POINTS_PER_INCH / Length.TICKS_PER_INCH;
    }
}
