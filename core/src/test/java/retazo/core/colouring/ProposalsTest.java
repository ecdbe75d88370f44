package retazo.core.colouring;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import retazo.core.cloth.Role;
import retazo.core.cloth.RoleKey;
import retazo.core.cloth.RoleWish;
import retazo.core.colouring.Proposals.Candidate;
import retazo.core.colouring.Proposals.Proposal;

class ProposalsTest {

    private static final int CONTRAST = Judgement.CUSTOMARY_CONTRAST;

    private static final List<Role> ROLES = List.of(
            new Role(JudgementTest.STAR, "A", "star", List.of(RoleWish.of(RoleWish.Kind.DARKEST))),
            new Role(JudgementTest.GROUND, "B", "ground", List.of(
                    new RoleWish(RoleWish.Kind.CONTRAST, Optional.of(JudgementTest.STAR)))),
            new Role(JudgementTest.BORDER, "C", "border", List.of()));

    private static Candidate candidate(String code, String colour, long kits) {
        return new Candidate(code, JudgementTest.solid(colour), Map.of(
                JudgementTest.STAR, kits, JudgementTest.GROUND, kits, JudgementTest.BORDER, kits));
    }

    /** Black must be the star; white beside it as ground, grey as border, or both the other way: white touches both sides of the quilt. */
    @Test
    void the_best_keeps_every_wish_and_lets_nothing_fade() {
        List<Proposal> best = Proposals.best(ROLES, JudgementTest.NEIGHBOURS, List.of(
                candidate("WHITE", "#ffffff", 3), candidate("GREY", "#777777", 2), candidate("BLACK", "#000000", 5)), 0, 12, CONTRAST);

        assertThat(best).hasSize(6);
        assertThat(best.get(0).codes()).containsOnly(
                Map.entry(JudgementTest.STAR, "BLACK"), Map.entry(JudgementTest.GROUND, "WHITE"), Map.entry(JudgementTest.BORDER, "GREY"));
        assertThat(best.get(0).kits()).as("the least of all").isEqualTo(2);
        assertThat(best.get(0).judgement().broken()).isZero();
        assertThat(best.get(5).judgement().broken()).isPositive();
    }

    @Test
    void what_has_too_little_cloth_is_left_out_and_too_few_fabrics_give_nothing() {
        List<Candidate> some = List.of(
                candidate("WHITE", "#ffffff", 3), candidate("GREY", "#777777", 2), candidate("BLACK", "#000000", 5),
                candidate("SLATE", "#333333", 0));

        assertThat(Proposals.best(ROLES, JudgementTest.NEIGHBOURS, some, 1, 30, CONTRAST)).hasSize(6)
                .allSatisfy(one -> assertThat(one.codes()).doesNotContainValue("SLATE"));
        assertThat(Proposals.best(ROLES, JudgementTest.NEIGHBOURS, some.subList(0, 2), 0, 12, CONTRAST)).isEmpty();
        assertThat(Proposals.best(List.of(), JudgementTest.NEIGHBOURS, some, 0, 12, CONTRAST)).isEmpty();
    }

    /** 30 fabrics on three roles are 24,360 ways, too many to try all; the best is known: the blackest star on the whitest ground. */
    @Test
    void among_many_fabrics_the_known_best_is_found() {
        List<Candidate> many = new ArrayList<>();
        for (int i = 0; i < 30; i++) {
            many.add(candidate("G" + i, "#%1$02x%1$02x%1$02x".formatted(i * 255 / 29), 1));
        }

        List<Proposal> best = Proposals.best(ROLES, JudgementTest.NEIGHBOURS, many, 1, 12, CONTRAST);

        assertThat(Proposals.isExact(3, 30)).isFalse();
        assertThat(Proposals.isExact(3, 28)).isTrue();
        assertThat(best).hasSize(12);
        assertThat(best.get(0).codes()).containsEntry(JudgementTest.GROUND, "G29").containsEntry(JudgementTest.STAR, "G0");
        for (Proposal one : best) {
            Map<RoleKey, String> codes = new HashMap<>(one.codes());
            assertThat(codes.values()).as("each role another fabric").doesNotHaveDuplicates();
            assertThat(one.judgement().fading()).isEmpty();
        }
    }
}
