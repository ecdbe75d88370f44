package retazo.core.block.shape;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import retazo.core.block.Block;
import retazo.core.block.spec.BiasEdges;
import retazo.core.block.spec.OneWayEffect;
import retazo.core.block.spec.Tool;
import retazo.core.block.spec.UnitKind;
import retazo.core.block.spec.UnitMethod;
import retazo.core.block.unit.SizedUnit;
import retazo.core.block.unit.UnitSamples;
import retazo.core.cloth.RoleKey;
import retazo.core.explain.Label;
import retazo.core.measure.Count;
import retazo.core.measure.Length;

/** Every kind of unit at two sizes and in both trim modes, worked by hand with √2 = 1.4142 and a seam of 1/4 in. */
class UnitCutTest {

    /** Patch: 2s more each way. Half-squares: F + a + 0.854; four at a time 1.4142(F + a + ½) + ½; eight at a time twice the first. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            A                                  | 3 x 4 1/2 | 0   | A 3 1/2 x 5 · 7
            A                                  | 1 x 2     | 1/8 | A 1 1/2 x 2 1/2 · 7
            A/B                                | 3 x 3     | 0   | A 3 7/8 x 3 7/8 · 4; B 3 7/8 x 3 7/8 · 4
            A/B                                | 4 x 4     | 0   | A 4 7/8 x 4 7/8 · 4; B 4 7/8 x 4 7/8 · 4
            A/B                                | 3 x 3     | 1/8 | A 4 x 4 · 4; B 4 x 4 · 4
            half-square:four-at-a-time A, B    | 3 x 3     | 0   | A 5 1/2 x 5 1/2 · 2; B 5 1/2 x 5 1/2 · 2
            half-square:four-at-a-time A, B    | 4 x 4     | 0   | A 6 7/8 x 6 7/8 · 2; B 6 7/8 x 6 7/8 · 2
            half-square:four-at-a-time A, B    | 4 x 4     | 1/8 | A 7 1/8 x 7 1/8 · 2; B 7 1/8 x 7 1/8 · 2
            half-square:eight-at-a-time A, B   | 3 x 3     | 0   | A 7 3/4 x 7 3/4 · 1; B 7 3/4 x 7 3/4 · 1
            half-square:eight-at-a-time A, B   | 2 x 2     | 1/8 | A 6 x 6 · 1; B 6 x 6 · 1
            half-square:triangles A, B         | 3 x 3     | 0   | A 3 7/8 x 3 7/8 · 4; B 3 7/8 x 3 7/8 · 4
            half-square:triangles A, B         | 5 x 5     | 1/8 | A 6 x 6 · 4; B 6 x 6 · 4
            hourglass A, B                     | 3 x 3     | 0   | A 4 1/4 x 4 1/4 · 4; B 4 1/4 x 4 1/4 · 4
            hourglass A, B                     | 5 x 5     | 1/8 | A 6 3/8 x 6 3/8 · 4; B 6 3/8 x 6 3/8 · 4
            hourglass:half-squares A, B        | 3 x 3     | 1/8 | A 4 3/8 x 4 3/8 · 4; B 4 3/8 x 4 3/8 · 4
            hourglass:half-squares A, B        | 4 x 4     | 0   | A 5 1/4 x 5 1/4 · 4; B 5 1/4 x 5 1/4 · 4
            three-patch A, B, C                | 3 x 3     | 0   | A 3 7/8 x 3 7/8 · 4; B 4 1/4 x 4 1/4 · 2; C 4 1/4 x 4 1/4 · 2
            three-patch A, B, C                | 5 x 5     | 1/8 | A 6 x 6 · 4; B 6 3/8 x 6 3/8 · 2; C 6 3/8 x 6 3/8 · 2
            geese A, B                         | 4 x 2     | 0   | A 4 1/2 x 2 1/2 · 7; B 2 1/2 x 2 1/2 · 14
            geese A, B                         | 3 x 1 1/2 | 1/8 | A 3 5/8 x 2 1/8 · 7; B 2 1/8 x 2 1/8 · 14
            geese:four-at-a-time A, B          | 4 x 2     | 0   | A 5 1/4 x 5 1/4 · 2; B 2 7/8 x 2 7/8 · 8
            geese:four-at-a-time A, B          | 3 x 1 1/2 | 1/8 | A 4 3/8 x 4 3/8 · 2; B 2 1/2 x 2 1/2 · 8
            square-in-square A, B              | 4 x 4     | 0   | A 3 3/8 x 3 3/8 · 7; B 2 7/8 x 2 7/8 · 14
            square-in-square A, B              | 6 x 6     | 1/8 | A 4 3/4 x 4 3/4 · 7; B 4 x 4 · 14
            """)
    void units_of_squares_and_triangles_are_cut_as_worked_by_hand(String unit, String size, String oversize, String pieces) {
        UnitCut cut = UnitSamples.cut(unit, parsed(size), 7, UnitSamples.oversize(oversize));

        assertThat(UnitSamples.words(cut)).containsExactly(pieces.split("; "));
        assertThat(cut.yields().value()).isGreaterThanOrEqualTo(new Count(7));
        cut.trimTo().ifPresent(trim -> {
            assertThat(trim.width().value()).isEqualTo(parsed(size).width().plus(Length.ofInches(1, 2)));
            assertThat(trim.height().value()).isEqualTo(parsed(size).height().plus(Length.ofInches(1, 2)));
        });
    }

    /** A corner of 1½ is a square of 2 in; two alike in one role are counted together. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            0   | 4 x 5 | A 4 1/2 x 5 1/2 · 6; B 2 x 2 · 12; C 2 1/2 x 2 1/2 · 6
            1/8 | 4 x 5 | A 4 5/8 x 5 5/8 · 6; B 2 1/8 x 2 1/8 · 12; C 2 5/8 x 2 5/8 · 6
            0   | 3 x 3 | A 3 1/2 x 3 1/2 · 6; B 2 x 2 · 12; C 2 1/2 x 2 1/2 · 6
            1/4 | 3 x 3 | A 3 3/4 x 3 3/4 · 6; B 2 1/4 x 2 1/4 · 12; C 2 3/4 x 2 3/4 · 6
            """)
    void clipped_corners_have_a_square_for_each_corner(String oversize, String size, String pieces) {
        UnitCut cut = UnitSamples.cut(
                "clipped A, B top-left:1 1/2, C bottom-right:2, B top-right:1 1/2", parsed(size), 6, UnitSamples.oversize(oversize));

        assertThat(UnitSamples.words(cut)).containsExactly(pieces.split("; "));
    }

    /**
     * Half of 3 × 4 exact: c = 5, so 3 + ¼ · 12 ÷ 4 = 3¾ by 4 + ¼ · 12 ÷ 3 = 5. Half of 3 × 6 with ⅛: 3⅛ and 6⅛, c = 6.8761;
     * 3.125 + ¼ · 16.126 ÷ 6.125 = 3.783, so 3⅞; 6.125 + ¼ · 16.126 ÷ 3.125 = 7.415, so 7½.
     */
    @Test
    void half_rectangles_come_two_of_one_hand_from_a_rectangle() {
        UnitCut exact = UnitSamples.cut("half-rectangle A, B", UnitSamples.size("3", "4"), 5, UnitSamples.oversize("0"));
        UnitCut larger = UnitSamples.cut("half-rectangle A, B", UnitSamples.size("3", "6"), 5, UnitSamples.oversize("1/8"));

        assertThat(UnitSamples.words(exact)).containsExactly("A 3 3/4 x 5 · 3", "B 3 3/4 x 5 · 3");
        assertThat(UnitSamples.words(larger)).containsExactly("A 3 7/8 x 7 1/2 · 3", "B 3 7/8 x 7 1/2 · 3");
        assertThat(exact.yields().value()).isEqualTo(new Count(6));
    }

    @Test
    void a_half_rectangle_in_the_mirror_is_cut_on_the_other_diagonal() {
        Block left = UnitSamples.blockOf("half-rectangle A, B", UnitSamples.size("3", "6"));

        assertThat(left.units().keySet()).extracting(SizedUnit::mirrored).containsExactly(false);
        assertThat(left.mirrored().units().keySet()).extracting(SizedUnit::mirrored).containsExactly(true);
        assertThat(left.turned(Turn.HALF).units()).isEqualTo(left.units());
    }

    /**
     * Base 4, height 4, a triangle: each side leans 2 in over 4, c = √20 = 4.4721. Base 4 + ½(4.4721 + 2) ÷ 4 = 4.809, so
     * 4⅞; top ½(4.4721 − 2) ÷ 4 = 0.309, so ⅜; 4½ high. Sides of 2 × 4: 2 + ¼(6 + 4.4721) ÷ 4 = 2.6545, so 2¾;
     * 4 + ¼ · 10.4721 ÷ 2 = 5.309, so 5⅜: of 7, four rectangles of each hand.
     */
    @Test
    void a_wedge_is_cut_with_its_seams_and_its_sides_in_mirrored_pairs() {
        UnitCut cut = UnitSamples.cut("wedge A, B", UnitSamples.size("4", "4"), 7, UnitSamples.oversize("1/8"));

        assertThat(UnitSamples.words(cut)).containsExactly("A 4 7/8 x 4 1/2 · 7", "B 2 3/4 x 5 3/8 · 4", "B 2 3/4 x 5 3/8 · 4");
        assertThat(cut.pieces().get(0).shape().measured()).extracting(UnitSamples::plain).containsExactly("4 1/2", "4 7/8", "3/8");
        assertThat(cut.pieces().get(1).shape().cutSize()).isNotEqualTo(cut.pieces().get(2).shape().cutSize());
        assertThat(cut.pieces().get(1).shape().cutSize().flipped()).isEqualTo(cut.pieces().get(2).shape().cutSize().flipped());
    }

    /**
     * Base 5, top 2, height 4: the sides lean 1½, c = √18.25 = 4.2720. Base 5 + ½(4.2720 + 1½) ÷ 4 = 5.7215, so 5¾; top 2 + ½ ·
     * 2.7720 ÷ 4 = 2.3465, so 2⅜.
     */
    @Test
    void a_blunt_wedge_keeps_its_top() {
        UnitCut cut = UnitSamples.cut("wedge A 2, B", UnitSamples.size("5", "4"), 3, UnitSamples.oversize("0"));

        assertThat(cut.pieces().get(0).shape().measured()).extracting(UnitSamples::plain).containsExactly("4 1/2", "5 3/4", "2 3/8");
    }

    /**
     * Octagon of 12: height 6 + ¼ + ¼ ÷ 0.38268 = 6.9033, so 7; base 2 · 0.41421 · 6.9033 = 5.7189, so 5¾; corners
     * 12 ÷ 3.41421 = 3.5147 + 0.8536 = 4.3683, so 4⅜. Of 8: height 4.9033, so 5; base 4.0620, so 4⅛; corners 2.3431 + 0.8536 =
     * 3.1967, so 3¼.
     */
    @Test
    void a_ring_of_eight_takes_wedges_to_their_true_point_and_four_corners() {
        UnitCut twelve = UnitSamples.cut("ring A, B, C", UnitSamples.size("12", "12"), 5, UnitSamples.oversize("0"));
        UnitCut eight = UnitSamples.cut("ring A, B", UnitSamples.size("8", "8"), 3, UnitSamples.oversize("1/8"));

        assertThat(UnitSamples.words(twelve)).containsExactly("A 5 3/4 x 7 · 20", "B 5 3/4 x 7 · 20", "C 4 3/8 x 4 3/8 · 10");
        assertThat(UnitSamples.words(eight)).containsExactly("A 4 1/8 x 5 · 24", "B 3 1/4 x 3 1/4 · 6");
    }

    /**
     * Blunt, the strips are B ÷ 2 + ½ high: 6½ in place of 7. The base stays; at the top ½(1 ÷ cos 22½° − tan 22½°) = 0.334 is left, cut
     * ⅜. On 40 in 1 + ⌊(40 − 5¾) ÷ 3 1/16⌋ = 12 come from a strip, as many as with true points.
     */
    @Test
    void blunt_wedges_come_from_strips_of_their_own_height() {
        UnitCut blunt = UnitSamples.cut("ring:blunt A, B, C", UnitSamples.size("12", "12"), 5, UnitSamples.oversize("0"));

        assertThat(UnitSamples.words(blunt)).containsExactly("A 5 3/4 x 6 1/2 · 20", "B 5 3/4 x 6 1/2 · 20", "C 4 3/8 x 4 3/8 · 10");
        PieceShape.Wedge wedge = (PieceShape.Wedge) blunt.pieces().get(0).shape();
        assertThat(wedge.top().value()).isEqualTo(Length.ofInches(3, 8));
        assertThat(perStrip(blunt.pieces().get(0), "40", false)).isEqualTo(new Count(12));
        assertThat(wedge.code()).isEqualTo("wedge");
    }

    /**
     * Strips of 2 and 1 finish 3 high: cut 2½ and 1½, segments of 2½ from a finished 2. On 40 in 16 segments to a set, 50
     * take 4 sets. A role twice in a set has two strips in each.
     */
    @Test
    void strip_sets_are_cut_in_whole_strips() {
        UnitCut cut = UnitSamples.cut("strip-set A 2, B 1", UnitSamples.size("2", "3"), 50, UnitSamples.oversize("1/8"));
        UnitCut twice = UnitSamples.cut("strip-set A 1, B 2, A 1", UnitSamples.size("4", "4"), 17, UnitSamples.oversize("0"));

        assertThat(UnitSamples.words(cut)).containsExactly("A 2 1/2 x 2 1/2 · 50", "B 2 1/2 x 1 1/2 · 50");
        assertThat(strips(cut.pieces().get(0), "40")).isEqualTo(new Count(4));
        assertThat(strips(cut.pieces().get(0), "39 7/8")).isEqualTo(new Count(4));
        assertThat(cut.sewn().orElseThrow().height().value()).isEqualTo(Length.parse("3 1/2"));
        assertThat(strips(twice.pieces().get(0), "40")).isEqualTo(new Count(6));
        assertThat(strips(twice.pieces().get(1), "40")).isEqualTo(new Count(3));
    }

    /** A four-patch of 4 from sets: two rows A B and B A are one set, turned; 2 segments of 2½ from strips of 2½ in each. */
    @Test
    void a_four_patch_from_strip_sets_takes_two_segments_of_one_set() {
        Block sets = UnitSamples.blockOf("four-patch:strip-sets A, B, B, A", UnitSamples.size("4", "4"));
        Block patches = UnitSamples.blockOf("four-patch A, B, B, A", UnitSamples.size("4", "4"));

        assertThat(sets.units()).hasSize(1).containsValue(new Count(2));
        assertThat(patches.units()).hasSize(2).containsValue(new Count(2));
    }

    /** A nine-patch of 6: rows ABA, BAB, ABA are two sets, one with two segments. */
    @Test
    void a_nine_patch_from_strip_sets_takes_two_sets() {
        Block sets = UnitSamples.blockOf("nine-patch:strip-sets A, B, A, B, A, B, A, B, A", UnitSamples.size("6", "6"));
        Block patches = UnitSamples.blockOf("nine-patch A, B, A, B, A, B, A, B, A", UnitSamples.size("6", "6"));

        assertThat(sets.units().values()).containsExactlyInAnyOrder(new Count(2), new Count(1));
        assertThat(patches.units().values()).containsExactlyInAnyOrder(new Count(5), new Count(4));
    }

    /** Lean 3 over 4 is 5 along the cut: two seams take 2 · ½ · 5 ÷ 4 = 1¼ in, so 6 + ½ + 1¼ = 7¾. One straight cut takes ½. */
    @Test
    void a_slashed_rectangle_is_wider_by_what_its_seams_take() {
        UnitCut leaning = UnitSamples.cut("slashed A 3, B, C", UnitSamples.size("6", "4"), 5, UnitSamples.oversize("0"));
        UnitCut straight = UnitSamples.cut("slashed A 0, B", UnitSamples.size("5", "2"), 5, UnitSamples.oversize("1/8"));

        assertThat(UnitSamples.words(leaning)).containsExactly("A 7 3/4 x 4 1/2 · 5", "B 7 3/4 x 4 1/2 · 5", "C 7 3/4 x 4 1/2 · 5");
        assertThat(UnitSamples.words(straight)).containsExactly("A 6 x 2 1/2 · 5", "B 6 x 2 1/2 · 5");
        assertThat(leaning.sewn().orElseThrow().width().value()).isEqualTo(Length.parse("6 1/2"));
    }

    /** A right triangle of 4 × 3: offset by ¼ its legs are 4 + ¼ · 12 ÷ 3 = 5 and 3 + ¼ · 12 ÷ 4 = 3¾. */
    @Test
    void a_template_has_a_seam_outside_every_side() {
        UnitCut cut = UnitSamples.cut("templates A 0:0:4:0:0:3, B 4:0:4:3:0:3", UnitSamples.size("4", "3"), 9, UnitSamples.oversize("0"));

        assertThat(UnitSamples.words(cut)).containsExactly("A 5 x 3 3/4 · 9", "B 5 x 3 3/4 · 9");
        assertThat(cut.pieces().get(0).shape().measured()).isEmpty();
    }

    /**
     * Two right triangles of 5 × 3¾, one turned, lie in one rectangle 5 in wide: on 40 in 16. All one way each takes 5 in: 8.
     * A measured yield is taken as it is.
     */
    @Test
    void templates_are_laid_side_by_side_or_counted_as_the_shop_measured() {
        UnitCut nested = UnitSamples.cut("templates A 0:0:4:0:0:3, B 4:0:4:3:0:3", UnitSamples.size("4", "3"), 9,
                UnitSamples.oversize("0"));
        UnitCut measured = UnitSamples.cut(
                "templates A 4-per-strip:5:0:0:2:0:2:3:0:3, B 2:0:4:0:4:3:2:3", UnitSamples.size("4", "3"), 9, UnitSamples.oversize("0"));

        assertThat(perStrip(nested.pieces().get(0), "40", true)).isEqualTo(new Count(8));
        assertThat(perStrip(nested.pieces().get(0), "40", false)).isEqualTo(new Count(16));
        assertThat(perStrip(measured.pieces().get(0), "40", false)).isEqualTo(new Count(4));
        assertThat(UnitSamples.plain(measured.pieces().get(0).shape().stripHeight())).isEqualTo("5");
    }

    /** Base 4¼ and top 1¾ on 40 in: turned 1 + 35¾ ÷ 3 = 12.9, so 12; one way 9. */
    @Test
    void wedges_of_a_one_way_print_are_not_turned() {
        CutPiece wedge = new CutPiece(
                new RoleKey("A"),
                new PieceShape.Wedge(UnitSamples.length("8 1/2"), UnitSamples.length("4 1/4"), UnitSamples.length("1 3/4")),
                UnitSamples.count(16));

        assertThat(perStrip(wedge, "40", false)).isEqualTo(new Count(12));
        assertThat(perStrip(wedge, "40", true)).isEqualTo(new Count(9));
        assertThat(perStrip(wedge, "4", false)).isEqualTo(new Count(0));
    }

    @Test
    void facts_of_a_kind_follow_its_method() {
        assertThat(UnitKind.HALF_SQUARE.bias(UnitMethod.FOUR_AT_A_TIME)).isEqualTo(BiasEdges.OUTSIDE);
        assertThat(UnitKind.HALF_SQUARE.bias(UnitMethod.TWO_AT_A_TIME)).isEqualTo(BiasEdges.INSIDE);
        assertThat(UnitKind.PATCH.bias(UnitMethod.ONLY)).isEqualTo(BiasEdges.NONE);
        assertThat(UnitKind.WEDGE.oneWay(UnitMethod.ONLY)).isEqualTo(OneWayEffect.NOT_TURNED_ON_STRIP);
        assertThat(UnitKind.TEMPLATES.tools()).containsExactly(Tool.TEMPLATES);
        assertThat(List.of(UnitKind.values())).allSatisfy(kind -> assertThat(UnitKind.ofCode(kind.code())).contains(kind));
    }

    private static Count strips(CutPiece piece, String width) {
        return piece.shape()
                .strips("s", Label.of("s"), piece.count(), piece.shape().perStrip("p", Label.of("p"), UnitSamples.length(width), false))
                .value();
    }

    private static Count perStrip(CutPiece piece, String width, boolean oneWay) {
        return piece.shape().perStrip("p", Label.of("p"), UnitSamples.length(width), oneWay).value();
    }

    private static FinishedSize parsed(String size) {
        return UnitSamples.size(size.split(" x ")[0], size.split(" x ")[1]);
    }
}
