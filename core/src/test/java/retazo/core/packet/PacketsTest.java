package retazo.core.packet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

import retazo.core.cloth.ShopPractice;
import retazo.core.cutting.ClothBatch;
import retazo.core.cutting.LaidCloth;
import retazo.core.kit.Instructions;
import retazo.core.kit.Need;
import retazo.core.kit.Needs;
import retazo.core.kit.Planners;
import retazo.core.measure.Length;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.design.QuiltSamples;
import retazo.core.quilt.plan.QuiltPlan;
import retazo.core.quilt.plan.QuiltPlanner;

/**
 * A throw of 20 blocks of sixteen 3 in units: 2 half-square triangles of A and B, 2 of A and C, 1 of B and C, all two at a time from 4 in
 * squares, 5 squares of A, 3 of B, 3 of C, cut 3 1/2.
 */
class PacketsTest {

    private static final ShopPractice PRACTICE = ShopPractice.customary();
    private static final QuiltDesign DESIGN = QuiltSamples.ferryWake();
    private static final QuiltPlan PLAN = new QuiltPlanner(PRACTICE).plan(DESIGN, QuiltSamples.throwSize());
    private static final Map<String, Need> NEEDS = new Needs(PRACTICE, Instructions.SHOP).byRole(DESIGN, PLAN).byFabric();
    private static final List<ShopPiece> PIECES = ShopPieces.of(PLAN, NEEDS);

    /** 7 binding strips, 7 border strips of 4 1/2 joined; the back goes in as the length that it is. */
    @Test
    void everything_that_the_shop_cuts_is_there_with_its_count() {
        assertThat(PIECES).extracting(ShopPiece::label, ShopPiece::from, ShopPiece::count).containsExactlyInAnyOrder(
                tuple("A1", "night", 40), tuple("A2", "night", 100), tuple("", "night", 7),
                tuple("B1", "lantern", 30), tuple("B2", "lantern", 60),
                tuple("C1", "fog", 30), tuple("C2", "fog", 60),
                tuple("", "quay", 7));
        assertThat(PIECES).filteredOn(piece -> piece.from().equals("quay")).first()
                .returns(Length.ofInches(9, 2), ShopPiece::height).returns(Length.ofInches(40), ShopPiece::width);
    }

    @Test
    void one_packet_for_each_kind_of_piece() {
        assertThat(packets(PacketWay.PIECE)).hasSize(8).allSatisfy(packet -> assertThat(packet.pieces()).hasSize(1));
    }

    /** Half a square of B and of C a block serves two blocks: ten of each lie by themselves. */
    @Test
    void a_block_has_what_is_its_own_and_shared_squares_lie_apart() {
        List<Packet> packets = packets(PacketWay.BLOCK);

        Packet block = packets.get(0);
        assertThat(block.way()).isEqualTo(PacketWay.BLOCK);
        assertThat(block.times()).isEqualTo(20);
        assertThat(counts(block)).containsExactlyInAnyOrderEntriesOf(
                Map.of("A1", 2, "A2", 5, "B1", 1, "B2", 3, "C1", 1, "C2", 3));
        assertThat(packets.stream().skip(1).map(PacketsTest::counts)).contains(Map.of("B1", 10), Map.of("C1", 10)).hasSize(4);
    }

    @Test
    void a_pair_has_the_squares_of_both_fabrics() {
        List<Packet> packets = packets(PacketWay.PAIR);

        assertThat(packets).filteredOn(packet -> packet.way() == PacketWay.PAIR)
                .extracting(Packet::name, PacketsTest::counts).containsExactlyInAnyOrder(
                        tuple("A + B", Map.of("A1", 20, "B1", 20)), tuple("A + C", Map.of("A1", 20, "C1", 20)),
                        tuple("B + C", Map.of("B1", 10, "C1", 10)));
        assertThat(packets).hasSize(8);
    }

    @ParameterizedTest
    @EnumSource
    void each_piece_is_in_one_packet_and_none_in_two(PacketWay way) {
        Map<String, Integer> packed = new LinkedHashMap<>();
        packets(way).forEach(packet -> packet.pieces().forEach(
                piece -> packed.merge(piece.key(), piece.count() * packet.times(), Integer::sum)));

        assertThat(packed).containsExactlyInAnyOrderEntriesOf(
                PIECES.stream().collect(Collectors.toMap(ShopPiece::key, ShopPiece::count)));
    }

    /** 30 squares of 4 and 60 of 3 1/2 for three bags, four layers: what all stacks give is what three bags take. */
    @Test
    void the_stacks_give_what_the_bags_take() {
        LaidCloth laid = need("lantern").cloth().orElseThrow().plan().laid().orElseThrow();
        ClothBatch batch = ClothBatch.of(laid, PRACTICE.figure(PracticeMeasure.SQUARING), 3, 4, Planners.ANEW.cuts());

        List<StackStep> steps = StackStep.of(batch);

        Map<String, Integer> given = new LinkedHashMap<>();
        steps.forEach(step -> step.gives().forEach((label, count) -> given.merge(label, count * step.all(), Integer::sum)));
        assertThat(given).isEqualTo(Map.of("B1", 90, "B2", 180));
        assertThat(steps.stream().mapToLong(StackStep::stacks).sum()).isEqualTo(batch.stacks(1));
        assertThat(steps).extracting(StackStep::key).doesNotHaveDuplicates();
    }

    /** 4 and 3 1/2 are half an inch apart: no eye takes one for the other. */
    @Test
    void what_is_half_an_inch_apart_does_not_look_alike() {
        assertThat(LookAlikes.of(PIECES)).isEmpty();
    }

    private static Need need(String code) {
        return java.util.Objects.requireNonNull(NEEDS.get(code));
    }

    private static List<Packet> packets(PacketWay way) {
        return Packets.of(way, DESIGN, PLAN, PIECES);
    }

    private static Map<String, Integer> counts(Packet packet) {
        return packet.pieces().stream().collect(Collectors.toMap(ShopPiece::key, ShopPiece::count));
    }
}
