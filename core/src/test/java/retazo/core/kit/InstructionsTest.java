package retazo.core.kit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import retazo.core.measure.Problem;

class InstructionsTest {

    /** From what a pattern gives to what is wanted, with a reason or without: which problem, or none. */
    @ParameterizedTest
    @CsvSource({
            "PRINTED, SHOP, 'Nele cuts it', ''",
            "PRINTED, SHOP, ' ', kit.decision-without-reason",
            "PRINTED, OURS, 'why not', kit.not-our-page",
            "PRINTED, OURS_ALONE, 'why not', kit.not-our-page",
            "PRINTED, PRINTED, '', ''",
            "OURS, SHOP, '', ''",
            "OURS, OURS_ALONE, '', ''",
            "OURS, PRINTED, 'no paper', kit.no-paper"})
    void a_printed_pattern_is_left_only_with_a_reason_and_never_for_our_page(Instructions given, Instructions wanted, String reason,
            String code) {
        assertThat(given.problemsOfLeaving(wanted, reason)).extracting(Problem::code)
                .isEqualTo(code.isEmpty() ? List.of() : List.of(code));
    }

    @ParameterizedTest
    @CsvSource({"PRINTED, false, false, false", "OURS_ALONE, false, true, false", "OURS, true, true, false", "SHOP, true, false, true"})
    void each_says_who_plans_whether_a_page_goes_out_and_who_keeps_the_rests(Instructions one, boolean planned, boolean page,
            boolean rests) {
        assertThat(one.arePlanned()).isEqualTo(planned);
        assertThat(one.haveOurPage()).isEqualTo(page);
        assertThat(one.leaveRestsInTheShop()).isEqualTo(rests);
    }
}
