package retazo.app.cutting.pull;

import java.time.Clock;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import retazo.app.shared.Moments;
import retazo.app.shared.Words;
import retazo.app.staff.StaffService;

/** Says who fetched what is off its place. */
@Component
class OutOfPlace {

    private final PullTicks ticks;
    private final StaffService staff;
    private final Clock clock;
    private final Words words;

    OutOfPlace(PullTicks ticks, StaffService staff, Clock clock, Words words) {
        this.ticks = ticks;
        this.staff = staff;
        this.clock = clock;
        this.words = words;
    }

    /** @param byItem who fetched what and when, in words */
    record Out(Map<Long, String> byItem) {

        /** In words; empty for what stands at its place. */
        String words(long itemId) {
            return byItem.getOrDefault(itemId, "");
        }

        /** The ids of what is off its place, but these. */
        List<Long> but(Collection<Long> itemIds) {
            return byItem.keySet().stream().filter(id -> !itemIds.contains(id)).toList();
        }
    }

    Out now() {
        List<PullTickEntity> out = ticks.out();
        Set<Long> people = out.stream().map(PullTickEntity::fetchedBy).collect(Collectors.toSet());
        Map<Long, String> names = people.isEmpty() ? Map.of() : staff.names(people);
        return new Out(out.stream().collect(Collectors.toMap(PullTickEntity::itemId, tick -> words.text(
                "pull.fetched", names.getOrDefault(tick.fetchedBy(), ""), Moments.near(tick.fetchedAt(), clock.instant())))));
    }
}
