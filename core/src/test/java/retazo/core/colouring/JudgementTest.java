package retazo.core.colouring;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import retazo.core.cloth.Colour;
import retazo.core.cloth.PrintKind;
import retazo.core.cloth.Role;
import retazo.core.cloth.RoleKey;
import retazo.core.cloth.RoleWish;
import retazo.core.colour.FabricLook;
import retazo.core.colouring.Judgement.Answer;
import retazo.core.measure.Length;

/** A star on a ground in a border: the star touches the ground over 40 in, the ground the border over 60. Values worked out by hand. */
class JudgementTest {

    static final RoleKey STAR = new RoleKey("star");
    static final RoleKey GROUND = new RoleKey("ground");
    static final RoleKey BORDER = new RoleKey("border");
    static final Neighbours NEIGHBOURS = new Neighbours(List.of(
            new Neighbours.Pair(BORDER, GROUND, Length.ofInches(60), List.of()),
            new Neighbours.Pair(GROUND, STAR, Length.ofInches(40), List.of())));

    static Seen solid(String colour) {
        return Seen.of(new FabricLook(Colour.parse(colour), Colour.parse(colour)), PrintKind.SOLID, Optional.empty());
    }

    private static Role role(RoleKey key, RoleWish... wishes) {
        return new Role(key, key.value().substring(0, 1).toUpperCase(java.util.Locale.ROOT), key.value(), List.of(wishes));
    }

    private static Judgement judge(Map<RoleKey, Seen> fabrics, RoleWish... ofStar) {
        return Judgement.of(List.of(role(STAR, ofStar), role(GROUND), role(BORDER)), NEIGHBOURS, fabrics, Judgement.CUSTOMARY_CONTRAST);
    }

    /** Of greys the value is the lightness of the colour: #ffffff 100, #777777 about 50, #000000 0. */
    @Test
    void without_fault_nothing_fades_and_nothing_is_alike() {
        Judgement judgement = judge(Map.of(STAR, solid("#000000"), GROUND, solid("#ffffff"), BORDER, solid("#777777")));

        assertThat(judgement.fading()).isEmpty();
        assertThat(judgement.alike()).isEmpty();
        assertThat(solid("#777777").value()).isEqualTo(50);
    }

    /** A pale print on a white ground: 97 and 100; a red and a green of one value fade too, though no eye with all its colours says so. */
    @Test
    void a_light_print_vanishes_on_a_white_ground_and_hue_alone_is_no_contrast() {
        Judgement pale = judge(Map.of(STAR, solid("#f6f6f6"), GROUND, solid("#ffffff"), BORDER, solid("#222222")));
        assertThat(pale.fading()).singleElement().satisfies(faint -> {
            assertThat(faint.pair().has(STAR)).isTrue();
            assertThat(faint.one()).isEqualTo(100);
            assertThat(faint.other()).isEqualTo(97);
        });
        assertThat(pale.alike()).hasSize(1);

        Judgement hues = judge(Map.of(STAR, solid("#c0392b"), GROUND, solid("#2e7d4f"), BORDER, solid("#f0f0f0")));
        assertThat(hues.fading()).hasSize(1);
        assertThat(hues.alike()).as("nobody takes red for green across a room").isEmpty();
    }

    /** Twelve steps apart is enough, eleven is not: #777777 is 50.0, #959595 about 61.7, #919191 about 60.2 and #989898 about 62.9. */
    @Test
    void the_customary_contrast_is_twelve_of_a_hundred_and_a_shop_may_ask_for_more() {
        Map<RoleKey, Seen> apart = Map.of(STAR, solid("#777777"), GROUND, solid("#959595"));
        assertThat(Judgement.of(List.of(role(STAR), role(GROUND), role(BORDER)), NEIGHBOURS, apart, 13).fading()).hasSize(1);
        assertThat(solid("#959595").value()).isEqualTo(62);
        assertThat(judge(Map.of(STAR, solid("#777777"), GROUND, solid("#959595"))).fading()).isEmpty();
        assertThat(solid("#919191").value()).isEqualTo(60);
        assertThat(judge(Map.of(STAR, solid("#777777"), GROUND, solid("#919191"))).fading()).hasSize(1);
    }

    /** Three parts and a quarter: ground 100 and motif 0 give (100 + 0) ÷ 1.25 = 80. */
    @Test
    void a_dark_motif_makes_a_light_ground_darker() {
        assertThat(new FabricLook(Colour.parse("#ffffff"), Colour.parse("#000000")).value()).isEqualTo(80);
    }

    @Test
    void wishes_are_kept_or_not_or_nobody_can_say() {
        Map<RoleKey, Seen> dark = Map.of(STAR, solid("#101010"), GROUND, solid("#ffffff"), BORDER, solid("#777777"));
        assertThat(answers(dark, RoleWish.of(RoleWish.Kind.DARKEST))).containsExactly(Answer.YES);
        assertThat(answers(dark, RoleWish.of(RoleWish.Kind.FEATURE))).containsExactly(Answer.YES);
        assertThat(answers(dark, new RoleWish(RoleWish.Kind.CONTRAST, Optional.of(GROUND)))).containsExactly(Answer.YES);
        assertThat(answers(dark, RoleWish.of(RoleWish.Kind.SAME_BOTH_SIDES), RoleWish.of(RoleWish.Kind.NO_DIRECTION),
                RoleWish.of(RoleWish.Kind.ONE_WAY), RoleWish.of(RoleWish.Kind.LARGE_PRINT)))
                .containsExactly(Answer.YES, Answer.YES, Answer.NO, Answer.NO);

        Map<RoleKey, Seen> pale = Map.of(STAR, solid("#f0f0f0"), GROUND, solid("#ffffff"), BORDER, solid("#222222"));
        assertThat(answers(pale, RoleWish.of(RoleWish.Kind.DARKEST), RoleWish.of(RoleWish.Kind.FEATURE)))
                .as("the border is darker and stands out more").containsExactly(Answer.NO, Answer.NO);

        Seen printed = Seen.of(new FabricLook(Colour.parse("#101010"), Colour.parse("#202020")), PrintKind.ONE_WAY, Optional.empty());
        Seen large = Seen.of(printed.look(), PrintKind.ALL_OVER, Optional.of(Length.ofInches(6)));
        assertThat(answers(Map.of(STAR, printed), RoleWish.of(RoleWish.Kind.LARGE_PRINT),
                new RoleWish(RoleWish.Kind.CONTRAST, Optional.of(GROUND)), RoleWish.of(RoleWish.Kind.NO_DIRECTION)))
                .as("nobody measured its repeat, and the ground has no fabric yet")
                .containsExactly(Answer.UNKNOWN, Answer.UNKNOWN, Answer.NO);
        assertThat(answers(Map.of(STAR, large), RoleWish.of(RoleWish.Kind.LARGE_PRINT))).containsExactly(Answer.YES);
        assertThat(answers(Map.of(), RoleWish.of(RoleWish.Kind.DARKEST))).containsExactly(Answer.UNKNOWN);
    }

    @Test
    void all_wishes_are_kept_only_where_none_is_open() {
        Seen unmeasured = Seen.of(new FabricLook(Colour.parse("#101010"), Colour.parse("#202020")), PrintKind.ALL_OVER, Optional.empty());
        Map<RoleKey, Seen> fabrics = Map.of(STAR, unmeasured, GROUND, solid("#ffffff"));

        assertThat(judge(fabrics, RoleWish.of(RoleWish.Kind.DARKEST)).keepsAll()).isTrue();
        assertThat(judge(fabrics, RoleWish.of(RoleWish.Kind.DARKEST), RoleWish.of(RoleWish.Kind.LARGE_PRINT)).keepsAll())
                .as("nobody measured its repeat").isFalse();
        assertThat(judge(fabrics).keepsAll()).as("nothing was wished").isFalse();
    }

    private static List<Answer> answers(Map<RoleKey, Seen> fabrics, RoleWish... ofStar) {
        return judge(fabrics, ofStar).wishes().stream().map(Judgement.Kept::answer).toList();
    }
}
