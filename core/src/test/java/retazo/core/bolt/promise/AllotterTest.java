package retazo.core.bolt.promise;

import retazo.core.bolt.BoltStock;
import retazo.core.bolt.RestRule;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;

import org.junit.jupiter.api.Test;

import retazo.core.measure.Length;

/** Lengths in whole inches of fabric F; a rest of 18 in or more can be sold, up to 2 in is nothing. */
class AllotterTest {

    private static final RestRule RESTS = new RestRule(Length.ofInches(18), Length.ofInches(2));
    private static final Precedence OLDER = precedence(false, Priority.USUAL, 1);
    private static final Precedence NEWER = precedence(false, Priority.USUAL, 2);

    /**
     * Bolt 1 has 70 in left for three cuts of 30: one goes. It is one of the newer run, though that stands before the older ones on the
     * bolt; bolt 2 has room for it, and nothing else moves.
     */
    @Test
    void on_a_short_bolt_the_newer_run_loses_and_finds_room_elsewhere() {
        Allotment allotment = allot(
                List.of(bolt("1", 70), bolt("2", 40)),
                List.of(held("n1", "1", 30, NEWER), held("o1", "1", 30, OLDER), held("o2", "1", 30, OLDER)), List.of());

        assertThat(allotment.letGo()).containsExactly("n1");
        assertThat(allotment.placed()).isEqualTo(Map.of("need-n1", "2"));
        assertThat(allotment.waiting()).isEmpty();
    }

    /** The older run lost its bolt; the newer one's lies on another. The older takes it, the newer waits: not the other way round. */
    @Test
    void who_comes_first_takes_the_cloth_of_who_comes_after() {
        Allotment allotment = allot(
                List.of(bolt("1", 10), bolt("2", 35)), List.of(held("o", "1", 30, OLDER), held("n", "2", 30, NEWER)), List.of());

        assertThat(allotment.letGo()).containsExactlyInAnyOrder("o", "n");
        assertThat(allotment.placed()).isEqualTo(Map.of("need-o", "2"));
        assertThat(allotment.waiting()).extracting(ClothNeed::id).containsExactly("need-n");
    }

    /** Of two bolts with later cuts, the one whose cut is later yet gives way, though the other comes first in the list. */
    @Test
    void the_latest_give_way_first() {
        Precedence newest = precedence(false, Priority.USUAL, 3);

        Allotment allotment = allot(
                List.of(bolt("1", 0), bolt("2", 30), bolt("3", 30)),
                List.of(held("o", "1", 30, OLDER), held("n", "2", 30, NEWER), held("last", "3", 30, newest)), List.of());

        assertThat(allotment.placed()).isEqualTo(Map.of("need-o", "3"));
        assertThat(allotment.waiting()).extracting(ClothNeed::id).containsExactly("need-last");
    }

    @Test
    void a_begun_bag_comes_before_a_rush_and_a_rush_before_a_day() {
        Precedence begun = precedence(true, Priority.CAN_WAIT, 9);
        Precedence rush = precedence(false, Priority.RUSH, 8);
        Precedence soon = new Precedence(false, Priority.USUAL, Optional.of(LocalDate.of(2030, 3, 1)), Instant.ofEpochSecond(7), 7);
        Precedence later = new Precedence(false, Priority.USUAL, Optional.of(LocalDate.of(2030, 4, 1)), Instant.ofEpochSecond(6), 6);

        assertThat(Stream.of(NEWER, later, begun, OLDER, soon, rush).sorted()).containsExactly(begun, rush, soon, later, OLDER, NEWER);
    }

    /** A bag that was told to wait long ago takes free room only; it does not take what a later one was promised since. */
    @Test
    void what_may_not_take_waits() {
        ClothNeed old = new ClothNeed("old", "bag-old", "F", Length.ofInches(30), Length.ofInches(40), OLDER, false);

        Allotment allotment = allot(List.of(bolt("2", 30)), List.of(held("n", "2", 30, NEWER)), List.of(old));

        assertThat(allotment.changesNothing()).isTrue();
        assertThat(allotment.waiting()).containsExactly(old);
    }

    /** 12 in free on each of two bolts and a need of 20: the cut of 10 goes from the one to the other, and both are served. */
    @Test
    void one_cut_moves_where_nothing_else_helps() {
        ClothNeed need = need("x", 20, OLDER);

        Allotment allotment = allot(
                List.of(bolt("1", 22), bolt("2", 42)), List.of(held("a", "1", 10, OLDER), held("b", "2", 30, OLDER)), List.of(need));

        assertThat(allotment.letGo()).containsExactly("a");
        assertThat(allotment.placed()).isEqualTo(Map.of("need-a", "2", "need-x", "1"));
    }

    /** A bag that needs F and G takes nothing of F from others while there is no G for it. */
    @Test
    void cloth_is_taken_for_whole_bags_only() {
        Precedence rush = precedence(false, Priority.RUSH, 5);
        ClothNeed f = new ClothNeed("f", "bag", "F", Length.ofInches(30), Length.ofInches(40), rush, true);
        ClothNeed g = new ClothNeed("g", "bag", "G", Length.ofInches(30), Length.ofInches(40), rush, true);

        Allotment allotment = Allotter.of(new AllotmentRequest(
                Map.of("F", List.of(bolt("1", 30)), "G", List.of(bolt("2", 29))), List.of(held("n", "1", 30, NEWER)), List.of(f, g),
                RESTS));

        assertThat(allotment.changesNothing()).isTrue();
        assertThat(allotment.waiting()).extracting(ClothNeed::id).containsExactly("f", "g");
    }

    /** Two bags cut as one from 50 in, where each alone takes 30: with 40 in left one of them is cut alone. */
    @Test
    void bags_cut_as_one_are_cut_singly_when_their_cut_goes() {
        HeldCut together = new HeldCut("t", "1", Length.ofInches(50), List.of(need("x", 30, OLDER), need("y", 30, OLDER)));

        Allotment allotment = allot(List.of(bolt("1", 40)), List.of(together), List.of());

        assertThat(allotment.letGo()).containsExactly("t");
        assertThat(allotment.placed()).isEqualTo(Map.of("need-x", "1"));
        assertThat(allotment.waiting()).extracting(ClothNeed::id).containsExactly("need-y");
    }

    /** A bolt of 60 in that may be 6 in short: a cut of 50 in stays, also one of 58 in; for a new one of 55 in there is no room. */
    @Test
    void a_tolerance_keeps_new_cuts_away_and_takes_nothing_from_those_that_are_there() {
        BoltStock doubtful = new BoltStock("1", Length.ofInches(60), Length.ofInches(40), true, Length.ofInches(6));

        assertThat(allot(List.of(doubtful), List.of(held("x", "1", 58, OLDER)), List.of()).letGo()).isEmpty();
        assertThat(allot(List.of(doubtful), List.of(), List.of(need("x", 55, OLDER))).waiting()).hasSize(1);
        assertThat(allot(List.of(doubtful), List.of(), List.of(need("x", 54, OLDER))).placed()).isEqualTo(Map.of("need-x", "1"));
        assertThat(allot(List.of(doubtful), List.of(held("x", "1", 20, NEWER)), List.of(need("y", 50, OLDER))).letGo())
                .containsExactly("x");
    }

    @Test
    void a_narrow_bolt_does_not_do() {
        BoltStock narrow = new BoltStock("1", Length.ofInches(90), Length.ofInches(38), false);

        assertThat(allot(List.of(narrow), List.of(), List.of(need("x", 30, OLDER))).waiting()).hasSize(1);
    }

    /**
     * Any stock and promises: no bolt gives more than it has, each need lies once or waits, and a bolt that is not short loses to earlier
     * bags only.
     */
    @Property(tries = 300)
    void promises_hold_as_far_as_cloth_goes(@ForAll Random random) {
        List<BoltStock> bolts = new ArrayList<>();
        List<HeldCut> held = new ArrayList<>();
        List<ClothNeed> homeless = new ArrayList<>();
        for (int i = 0; i < 1 + random.nextInt(5); i++) {
            int used = 0;
            for (int cut = 0; cut < random.nextInt(4); cut++) {
                int length = 8 + random.nextInt(30);
                held.add(
                        held("h" + held.size(), "" + i, length, precedence(random.nextInt(4) == 0, Priority.USUAL, 1 + random.nextInt(4))));
                used += length;
            }
            bolts.add(bolt("" + i, Math.max(0, used + random.nextInt(40) - 20)));
        }
        for (int i = 0; i < random.nextInt(4); i++) {
            homeless.add(need("w" + i, 8 + random.nextInt(30), precedence(false, Priority.USUAL, 1 + random.nextInt(4))));
        }

        Allotment allotment = allot(bolts, held, homeless);

        Map<String, ClothNeed> needs = Stream.concat(held.stream().flatMap(cut -> cut.needs().stream()), homeless.stream())
                .collect(java.util.stream.Collectors.toMap(ClothNeed::id, need -> need));
        for (BoltStock bolt : bolts) {
            List<HeldCut> before = held.stream().filter(cut -> cut.boltId().equals(bolt.id())).toList();
            List<ClothNeed> after = Stream.concat(
                    before.stream().filter(cut -> !allotment.letGo().contains(cut.id())).flatMap(cut -> cut.needs().stream()),
                    allotment.placed().entrySet().stream().filter(one -> one.getValue().equals(bolt.id()))
                            .map(one -> needs.get(one.getKey())))
                    .toList();
            assertThat(sum(after)).isLessThanOrEqualTo(bolt.free());
            boolean wasShort = sum(before.stream().flatMap(cut -> cut.needs().stream()).toList()).isLongerThan(bolt.free());
            for (HeldCut cut : before) {
                if (!wasShort && allotment.waiting().contains(cut.needs().get(0))) {
                    assertThat(after).anyMatch(need -> need.precedence().comesBefore(cut.precedence()));
                }
            }
            for (ClothNeed waits : allotment.waiting()) {
                Length toHave = sum(after.stream().filter(need -> waits.precedence().comesBefore(need.precedence())).toList())
                        .plus(bolt.free().minus(sum(after)));
                assertThat(toHave).as("%s could have %s of bolt %s", waits, toHave, bolt).isLessThan(waits.length());
            }
        }
        long lying = held.size() - allotment.letGo().size() + allotment.placed().size();
        assertThat(lying + allotment.waiting().size()).isEqualTo(needs.size());
    }

    private static Length sum(List<ClothNeed> needs) {
        return needs.stream().map(ClothNeed::length).reduce(Length.ZERO, Length::plus);
    }

    private static Allotment allot(List<BoltStock> bolts, List<HeldCut> held, List<ClothNeed> homeless) {
        return Allotter.of(new AllotmentRequest(Map.of("F", bolts), held, homeless, RESTS));
    }

    private static BoltStock bolt(String id, int free) {
        return new BoltStock(id, Length.ofInches(free), Length.ofInches(40), true);
    }

    private static HeldCut held(String id, String bolt, int length, Precedence precedence) {
        return new HeldCut(id, bolt, Length.ofInches(length), List.of(need(id, length, precedence)));
    }

    private static ClothNeed need(String id, int length, Precedence precedence) {
        return new ClothNeed("need-" + id, "bag-" + id, "F", Length.ofInches(length), Length.ofInches(40), precedence, true);
    }

    private static Precedence precedence(boolean begun, Priority priority, long run) {
        return new Precedence(begun, priority, Optional.empty(), Instant.ofEpochSecond(run), run);
    }
}
