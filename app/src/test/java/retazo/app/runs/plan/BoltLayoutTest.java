package retazo.app.runs.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;

import retazo.app.stock.Bolt;
import retazo.core.bolt.BoltPlan;
import retazo.core.bolt.promise.Priority;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.cloth.ShopPractice;
import retazo.core.measure.Length;

/** One fabric, bags of 20 in; a rest of 18 in or more can be sold. */
class BoltLayoutTest {

    private static final ShopPractice SHOP = ShopPractice.customary();
    private static final long FABRIC = 7;

    /** Bolts of 60 in give three bags each; where 4 in are kept back of the one that nobody measured, that gives two and keeps 20 in. */
    @Test
    void less_is_planned_on_a_bolt_that_nobody_measured() {
        List<Bolt> bolts = List.of(bolt(1, 60, Optional.of(Instant.EPOCH)), bolt(2, 60, Optional.empty()));

        assertThat(layout(bolts, 6, SHOP).inOrderAsked().bagsBuilt()).isEqualTo(6);
        BoltPlan careful = layout(bolts, 6, SHOP.with(PracticeMeasure.UNMEASURED_TOLERANCE, Length.ofInches(4))).inOrderAsked();

        assertThat(careful.bagsBuilt()).isEqualTo(5);
        assertThat(careful.rests()).extracting(BoltPlan.Rest::boltId, BoltPlan.Rest::length).containsExactly(
                org.assertj.core.api.Assertions.tuple("1", Length.ZERO), org.assertj.core.api.Assertions.tuple("2", Length.ofInches(20)));
    }

    /** Four bags can be made: beside an answer of three the longer search finds them, beside one of four nothing. */
    @Test
    @Timeout(60)
    void the_longer_search_tells_what_it_found_and_when_it_is_done() {
        BoltLayout layout = layout(List.of(bolt(1, 80, Optional.of(Instant.EPOCH))), 5, SHOP);
        LongerSearches searches = new LongerSearches();

        assertThat(ended(searches, layout, 3).better().map(BoltPlan::bagsBuilt)).contains(4);
        assertThat(ended(searches, layout, 4).better()).isEmpty();
        searches.stop();
    }

    private static LongerSearches.Found ended(LongerSearches searches, BoltLayout layout, int bags) {
        LongerSearches.Found found = searches.of(layout, bags);
        while (found.goesOn()) {
            Thread.onSpinWait();
            found = searches.of(layout, bags);
        }
        return found;
    }

    private static BoltLayout layout(List<Bolt> bolts, int bags, ShopPractice shop) {
        BoltLayout.Piece piece = new BoltLayout.Piece(FABRIC, Length.ofInches(20), Length.ofInches(40));
        return new BoltLayout(
                List.of(new BoltLayout.Bags("mat", bags, List.of(piece), Map.of(), Priority.USUAL)), new BoltLayout.There(bolts, Map.of()),
                shop);
    }

    private static Bolt bolt(long id, int inches, Optional<Instant> measured) {
        return new Bolt(
                id, "B" + id, FABRIC, "L1", "bay 1", Length.ofInches(40), Length.ofInches(inches), Length.ZERO, false, measured,
                Optional.empty());
    }
}
