package retazo.app.swatches;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.awt.geom.AffineTransform;
import java.awt.geom.Point2D;
import java.util.List;
import org.jspecify.annotations.Nullable;
import retazo.core.measure.Length;

/**
 * Where cloth lies in a photograph. Two points on a ruler tell how many dots an inch has and how far the cloth is turned; from one corner
 * on the repeat of the print is marked. Dots count from the upper left corner of the photograph, to the right and down.
 *
 * @param fromX  of the first point on the ruler, the left or the upper one as the print stands upright
 * @param toX    of the second point
 * @param apart  how far the two are from each other on the ruler
 * @param lies   how the ruler lies on the cloth
 * @param cornerX of the upper left corner of the repeat
 * @param width  of the repeat, across the cloth
 * @param height of the repeat, along its length
 * @param whiteX of something white beside the cloth, where somebody marked it
 */
@Embeddable
public record Laid(
        @Column(name = "from_x") int fromX,
        @Column(name = "from_y") int fromY,
        @Column(name = "to_x") int toX,
        @Column(name = "to_y") int toY,
        @Column(name = "apart_ticks") Length apart,
        @Enumerated(EnumType.STRING) @Column(name = "lies") Lies lies,
        @Column(name = "corner_x") int cornerX,
        @Column(name = "corner_y") int cornerY,
        @Column(name = "width_ticks") Length width,
        @Column(name = "height_ticks") Length height,
        @Column(name = "white_x") @Nullable Integer whiteX,
        @Column(name = "white_y") @Nullable Integer whiteY) {

    /** Nearer points do not tell a scale to the eighth of an inch. */
    static final int LEAST_DOTS_APART = 40;

    /** A smaller piece shows nothing of a print. */
    private static final int LEAST_DOTS = 12;

    /** Clicks beside the edge by a dot are meant on it. */
    private static final double EDGE = 1.5;

    /** How a ruler lies. */
    public enum Lies {
        ACROSS,
        ALONG
    }

    double dotsApart() {
        return Math.hypot(toX - fromX, toY - fromY);
    }

    double dotsPerInch() {
        return dotsApart() / inches(apart);
    }

    double widthDots() {
        return inches(width) * dotsPerInch();
    }

    double heightDots() {
        return inches(height) * dotsPerInch();
    }

    /**
     * From inches of cloth, across and down from the corner of the repeat, to dots of the photograph: the similarity that takes the ruler
     * to its two points. A ruler that lies along the cloth points down it, a quarter turn from across.
     */
    AffineTransform toPhoto() {
        double x = (toX - fromX) / dotsApart();
        double y = (toY - fromY) / dotsApart();
        double acrossX = lies == Lies.ACROSS ? x : y;
        double acrossY = lies == Lies.ACROSS ? y : -x;
        double scale = dotsPerInch();
        return new AffineTransform(acrossX * scale, acrossY * scale, -acrossY * scale, acrossX * scale, cornerX, cornerY);
    }

    boolean isLargeEnough() {
        return widthDots() >= LEAST_DOTS && heightDots() >= LEAST_DOTS;
    }

    /** Whether all of the repeat is in a photograph of this size. */
    boolean isWithin(int photoWidth, int photoHeight) {
        double wide = inches(width);
        double high = inches(height);
        return List.of(new Point2D.Double(0, 0), new Point2D.Double(wide, 0), new Point2D.Double(wide, high), new Point2D.Double(0, high))
                .stream().map(corner -> toPhoto().transform(corner, null))
                .allMatch(dot -> dot.getX() >= -EDGE && dot.getY() >= -EDGE && dot.getX() <= photoWidth + EDGE
                        && dot.getY() <= photoHeight + EDGE);
    }

    static double inches(Length length) {
        return (double) length.ticks() / Length.TICKS_PER_INCH;
    }
}
