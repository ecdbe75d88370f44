package retazo.app.practice;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.Optional;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import retazo.core.cloth.Join;
import retazo.core.cloth.Joins;
import retazo.core.cloth.LayPractice;
import retazo.core.cloth.LongLay;
import retazo.core.cloth.Margin;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.cloth.ShopPractice;
import retazo.core.measure.Length;
import retazo.core.measure.LengthUnit;

/** The parts of the practice: each setting belongs to one of them. */
class PracticePartTest {

    private static final ShopPractice SHOP = ShopPractice.customary();

    /** Everything otherwise than the customary shop has it. */
    private static final ShopPractice OTHER = other();

    private static ShopPractice other() {
        ShopPractice other = new ShopPractice(
                SHOP.measures(), new Margin.Extra(Length.ofInches(2)), LengthUnit.METRE,
                new LayPractice(Optional.of(3), 2, Arrays.stream(LongLay.values()).filter(lay -> lay != SHOP.lay().longStrips()).findFirst()
                        .orElseThrow(), SHOP.lay().backing()),
                new Joins(otherThan(SHOP.joins().borders()), otherThan(SHOP.joins().bindings())));
        return other.with(Arrays.stream(PracticeMeasure.values())
                .collect(Collectors.toMap(measure -> measure, measure -> SHOP.length(measure).plus(Length.ofInches(1, 8)))));
    }

    private static Join otherThan(Join join) {
        return Arrays.stream(Join.values()).filter(one -> one != join).findFirst().orElseThrow();
    }

    @Test
    void all_parts_together_are_the_whole_practice() {
        ShopPractice changed = SHOP;
        for (PracticePart part : PracticePart.values()) {
            changed = part.on(changed, OTHER);
        }

        assertThat(changed).isEqualTo(OTHER);
    }

    @Test
    void how_colours_are_judged_changes_no_cloth() {
        assertThat(PracticePart.COLOURS.on(SHOP, OTHER)).isEqualTo(SHOP);
    }

    @ParameterizedTest
    @EnumSource(value = PracticePart.class, mode = EnumSource.Mode.EXCLUDE, names = "COLOURS")
    void one_part_changes_nothing_of_the_others(PracticePart part) {
        ShopPractice changed = part.on(SHOP, OTHER);

        assertThat(changed).isNotEqualTo(SHOP);
        for (PracticePart other : PracticePart.values()) {
            if (other != part) {
                assertThat(other.on(changed, SHOP)).as(other.code()).isEqualTo(changed);
            }
        }
        assertThat(part.on(changed, SHOP)).isEqualTo(SHOP);
    }
}
