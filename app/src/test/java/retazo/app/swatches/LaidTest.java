package retazo.app.swatches;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.Point2D;
import org.junit.jupiter.api.Test;
import retazo.core.cloth.Colour;
import retazo.core.colour.FabricLook;
import retazo.core.colour.PictureColours;
import retazo.core.measure.Length;

/** By hand, on a photograph with 100 dots to the inch. */
class LaidTest {

    @Test
    void a_ruler_tells_the_scale_and_the_turn() {
        Laid level = laid(0, 500, 300, 500, Laid.Lies.ACROSS);
        Laid turned = laid(500, 0, 500, 300, Laid.Lies.ACROSS);
        Laid along = laid(500, 0, 500, 300, Laid.Lies.ALONG);
        Laid oblique = laid(0, 0, 300, 400, Laid.Lies.ACROSS);

        assertThat(level.dotsPerInch()).isEqualTo(100);
        assertThat(dot(level, 1, 2)).isEqualTo("110 220");
        assertThat(dot(turned, 1, 2)).as("the photograph was taken from the side").isEqualTo("-190 120");
        assertThat(dot(along, 1, 2)).as("a ruler down the cloth is a quarter turn from one across it").isEqualTo("110 220");
        assertThat(oblique.dotsPerInch()).as("3, 4, 5: 500 dots for 3 in").isCloseTo(500.0 / 3, within(1e-9));
        assertThat(dot(oblique, 3, 0)).isEqualTo("310 420");
        assertThat(dot(oblique, 0, 3)).isEqualTo("-390 320");
    }

    @Test
    void the_repeat_must_lie_in_the_photograph_whole() {
        Laid level = laid(0, 500, 300, 500, Laid.Lies.ACROSS);

        assertThat(level.isWithin(210, 120)).isTrue();
        assertThat(level.isWithin(205, 120)).isFalse();
        assertThat(laid(500, 0, 500, 300, Laid.Lies.ACROSS).isWithin(400, 400)).as("it reaches out at the left").isFalse();
    }

    /** 2 in by 1 in of checks: 200 by 100 dots, two whole repeats. */
    @Test
    void the_piece_is_cut_straight_and_its_colours_are_those_that_were_painted() {
        ClothPiece piece = ClothPiece.cut(Photos.checks(800, 600), new Laid(
                0, 500, 300, 500, Length.ofInches(3), Laid.Lies.ACROSS, 100, 200, Length.ofInches(2), Length.ofInches(1), null, null));

        int[] dots = piece.dots();
        assertThat(dots).hasSize(200 * 100);
        assertThat(dots[10 * 200 + 10] & 0xffffff).isEqualTo(Photos.MOTIF);
        assertThat(dots[10 * 200 + 60] & 0xffffff).isEqualTo(Photos.GROUND);
        assertThat(dots[60 * 200 + 10] & 0xffffff).isEqualTo(Photos.GROUND);
        assertThat(dots[10 * 200 + 110] & 0xffffff).isEqualTo(Photos.MOTIF);
        FabricLook look = PictureColours.of(dots);
        assertThat(look.ground()).isEqualTo(new Colour(Photos.GROUND));
        assertThat(look.differenceTo(new FabricLook(new Colour(Photos.GROUND), new Colour(Photos.MOTIF)))).isLessThan(0.5);
    }

    /** Cream taken for white: e8dcc0 becomes ffffff, each channel by its own share. */
    @Test
    void what_is_marked_as_white_is_white() {
        ClothPiece piece = ClothPiece.cut(Photos.checks(800, 600), new Laid(
                0, 500, 300, 500, Length.ofInches(3), Laid.Lies.ACROSS, 100, 200, Length.ofInches(1), Length.ofInches(1), 175, 175));

        int[] dots = piece.dots();
        assertThat(dots[60 * 100 + 60] & 0xffffff).isEqualTo(0xffffff);
        assertThat(dots[10 * 100 + 10] & 0xffffff).as("0x20 × 255/232, 0x30 × 255/220, 0x4f × 255/192").isEqualTo(0x233869);
    }

    private static Laid laid(int fromX, int fromY, int toX, int toY, Laid.Lies lies) {
        return new Laid(fromX, fromY, toX, toY, Length.ofInches(3), lies, 10, 20, Length.ofInches(2), Length.ofInches(1), null, null);
    }

    private static String dot(Laid laid, double across, double down) {
        Point2D dot = laid.toPhoto().transform(new Point2D.Double(across, down), null);
        return Math.round(dot.getX()) + " " + Math.round(dot.getY());
    }
}
