package retazo.app.cutting.pull;

import static java.util.Objects.requireNonNull;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import retazo.app.fabrics.Fabric;
import retazo.app.shared.LengthView;
import retazo.app.stock.goods.Good;

/**
 * What is fetched for some runs, and what is put back.
 *
 * @param runs   that could be chosen
 * @param places in walk order
 * @param back   what is off its place and not needed any more for the runs chosen, in walk order
 */
record PullList(List<RunChoice> runs, List<PlaceStop> places, List<Line> back) {

    /** A run with something to fetch. */
    record RunChoice(long id, String asked, boolean chosen) {
    }

    /** A place at which one stops. */
    record PlaceStop(String place, List<Line> lines) {
    }

    /**
     * A bolt or something counted.
     *
     * @param lot     of a bolt; empty for what is counted
     * @param amount  what is cut from it, or how many are picked, in words
     * @param tickets a bolt's tickets, one for each run
     * @param fetched by whom and when; empty while it stands at its place
     */
    record Line(
            long itemId, String code, Optional<Fabric> fabric, Optional<Good> good, String place, String lot, Optional<LengthView> length,
            long count, List<Ticket> tickets, String fetched) {

        public String name() {
            return fabric.map(Fabric::name).orElseGet(() -> requireNonNull(good.orElseThrow()).name());
        }

        public boolean isOut() {
            return !fetched.isEmpty();
        }
    }

    /** What of a bolt is cut for one run. */
    record Ticket(long runId, long boltId, long cuts) {
    }

    /** How many lines are still to be fetched. */
    public long left() {
        return places.stream().flatMap(stop -> stop.lines().stream()).filter(line -> !line.isOut()).count();
    }

    /** The ids of the runs that were chosen. */
    public List<Long> chosen() {
        return runs.stream().filter(RunChoice::chosen).map(RunChoice::id).toList();
    }

    List<Fabric> prints() {
        return Stream.concat(places.stream().flatMap(stop -> stop.lines().stream()), back.stream())
                .flatMap(line -> line.fabric().stream()).distinct().toList();
    }
}
