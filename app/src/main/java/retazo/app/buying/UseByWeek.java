package retazo.app.buying;

import java.time.Clock;
import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.TemporalAdjusters;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.atomic.AtomicReference;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.shared.Moments;
import retazo.app.stock.Reason;
import retazo.core.buying.WeeklyUse;
import retazo.core.measure.Length;

/**
 * What went of each fabric in the last half year, week by week. The book is only written at its end, so what went in weeks that are over
 * stays; it is added up once and kept until the week or the last line before it is another.
 */
@Component
class UseByWeek {

    /** Half a year. */
    static final int WEEKS = 26;

    /** Of a fabric of which nothing went. */
    static final WeeklyUse NOTHING = new WeeklyUse(Stream.generate(() -> Length.ZERO).limit(WEEKS).toList());

    private final UseRepository use;
    private final Clock clock;
    private final AtomicReference<@Nullable Kept> kept = new AtomicReference<>();

    UseByWeek(UseRepository use, Clock clock) {
        this.use = use;
        this.clock = clock;
    }

    /** The weeks before a Monday as the book had them when a line was its last before that. */
    private record Kept(LocalDate monday, long lastLine, Map<Long, WeeklyUse> byFabric) {
    }

    /** The Monday on which the oldest of the weeks began. */
    LocalDate first() {
        return monday().minusWeeks(WEEKS);
    }

    private LocalDate monday() {
        return Moments.today(clock).with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
    }

    /** By fabric; those of which nothing went are absent. */
    @Transactional(readOnly = true)
    public Map<Long, WeeklyUse> byFabric() {
        LocalDate monday = monday();
        ZoneId zone = ZoneId.systemDefault();
        Instant until = monday.atStartOfDay(zone).toInstant();
        long last = use.lastBefore(until).orElse(0L);
        Kept known = kept.get();
        if (known == null || !known.monday().equals(monday) || known.lastLine() != last) {
            known = new Kept(monday, last, added(first(), first().atStartOfDay(zone).toInstant(), until, zone));
            kept.set(known);
        }
        return known.byFabric();
    }

    private Map<Long, WeeklyUse> added(LocalDate first, Instant since, Instant until, ZoneId zone) {
        Map<Long, Length[]> byFabric = new HashMap<>();
        List<String> reasons = Arrays.stream(Reason.values()).filter(Reason::isUse).map(Reason::name).toList();
        use.byWeek(since, until, first, zone.getId(), reasons).forEach(one -> {
            Length[] weeks = byFabric.computeIfAbsent(one.getFabricId(), fabric -> {
                Length[] none = new Length[WEEKS];
                Arrays.fill(none, Length.ZERO);
                return none;
            });
            weeks[one.getWeek()] = new Length(one.getTicks());
        });
        return byFabric.entrySet().stream().collect(Collectors.toMap(Map.Entry::getKey, one -> new WeeklyUse(List.of(one.getValue()))));
    }
}
