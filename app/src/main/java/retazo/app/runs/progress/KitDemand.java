package retazo.app.runs.progress;

import java.time.Clock;
import java.time.DayOfWeek;
import java.time.Duration;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.TemporalAdjusters;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.shared.Moments;
import retazo.app.wishes.Wishes;

/** How much kits are asked for: what was sold of late, and what is under way. */
@Service
public class KitDemand {

    /** What was sold is told by the week, over so many of them. */
    private static final int WEEKS = 4;
    private static final int WEEKS_BACK = 26;

    private final KitDemandRepository demand;
    private final Wishes wishes;
    private final Clock clock;

    KitDemand(KitDemandRepository demand, Wishes wishes, Clock clock) {
        this.demand = demand;
        this.wishes = wishes;
        this.clock = clock;
    }

    /**
     * Of one kit.
     *
     * @param soldInWeeks bags sold in the last {@link #weeks} weeks
     * @param underWay    bags that are planned, begun or open, and not packed
     * @param wished      bags that customers wait for
     */
    public record Demand(int soldInWeeks, int underWay, int wished) {

        /**
         * Bags that customers wait for beyond what is under way and what there is besides.
         *
         * @param have such as bags on the shelf
         */
        public long wishedBeyond(long have) {
            return Math.max(0, wished - underWay - have);
        }

        public static final Demand NONE = new Demand(0, 0, 0);
    }

    /** Over how many weeks it is told what was sold. */
    public int weeks() {
        return WEEKS;
    }

    /** By kit. */
    @Transactional(readOnly = true)
    public Map<Long, Demand> of(Collection<Long> kitIds) {
        if (kitIds.isEmpty()) {
            return Map.of();
        }
        Map<Long, Integer> wished = wishes.bags(kitIds);
        Map<Long, KitDemandRepository.OfKit> counted = demand.of(kitIds, clock.instant().minus(Duration.ofDays(7L * WEEKS))).stream()
                .collect(Collectors.toMap(KitDemandRepository.OfKit::getKitId, Function.identity()));
        return kitIds.stream().distinct().collect(Collectors.toMap(Function.identity(), id -> {
            Optional<KitDemandRepository.OfKit> one = Optional.ofNullable(counted.get(id));
            return new Demand(
                    one.map(KitDemandRepository.OfKit::getSold).orElse(0), one.map(KitDemandRepository.OfKit::getUnderWay).orElse(0),
                    wished.getOrDefault(id, 0));
        }));
    }

    /**
     * What was sold of a kit, week by week; the last of them is not over.
     *
     * @param first the Monday on which the first began
     */
    public record SoldByWeek(LocalDate first, List<Integer> bags) {

        public int all() {
            return bags.stream().mapToInt(Integer::intValue).sum();
        }
    }

    /** Half a year and the week of today. */
    @Transactional(readOnly = true)
    public SoldByWeek soldByWeek(long kitId) {
        LocalDate first = Moments.today(clock).with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY)).minusWeeks(WEEKS_BACK);
        ZoneId zone = ZoneId.systemDefault();
        Map<Integer, Integer> byWeek = demand.soldByWeek(kitId, first.atStartOfDay(zone).toInstant(), first, zone.getId()).stream()
                .collect(Collectors.toMap(KitDemandRepository.InWeek::getWeek, KitDemandRepository.InWeek::getBags));
        return new SoldByWeek(
                first, IntStream.rangeClosed(0, WEEKS_BACK).mapToObj(week -> byWeek.getOrDefault(week, 0)).toList());
    }
}
