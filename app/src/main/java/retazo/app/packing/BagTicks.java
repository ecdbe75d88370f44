package retazo.app.packing;

import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import retazo.app.runs.book.Bag;
import retazo.app.runs.packets.BagPacket;
import retazo.app.shared.Moments;
import retazo.app.staff.StaffService;

/** What is ticked of bags, by whom and when. */
@Component
class BagTicks {

    private final BagTickRepository ticks;
    private final StaffService staff;
    private final Clock clock;

    BagTicks(BagTickRepository ticks, StaffService staff, Clock clock) {
        this.ticks = ticks;
        this.staff = staff;
        this.clock = clock;
    }

    /** The ticks of a bag, by what is ticked. */
    Map<BagItem, BagTickEntity> of(BagContents contents) {
        Bag bag = contents.bag();
        return ticks.of(
                bag.lines().stream().map(Bag.ClothLine::id).toList(), bag.picks().stream().map(Bag.Pick::id).toList(),
                contents.packets().stream().map(BagPacket::id).toList()).stream()
                .collect(Collectors.toMap(BagTickEntity::item, Function.identity()));
    }

    /** Who put each thing in, and when, in words. */
    Map<BagItem, String> words(Map<BagItem, BagTickEntity> byItem) {
        Map<Long, String> people = staff.names(byItem.values().stream().map(BagTickEntity::personId).collect(Collectors.toSet()));
        return byItem.entrySet().stream().collect(Collectors.toMap(
                Map.Entry::getKey,
                one -> people.getOrDefault(one.getValue().personId(), "") + ", "
                        + Moments.near(one.getValue().at(), clock.instant())));
    }

    /** Who put something in. */
    Set<Long> packers(BagContents contents) {
        return of(contents).values().stream().map(BagTickEntity::personId).collect(Collectors.toSet());
    }

    /** Ticks something of a bag; ticked twice, it is ticked once; counted anew, the new number counts. */
    void add(BagContents contents, BagItem item, Optional<Integer> counted, long personId) {
        Optional<BagTickEntity> before = Optional.ofNullable(of(contents).get(item));
        if (before.isPresent() && before.get().counted().equals(counted)) {
            return;
        }
        before.ifPresent(ticks::delete);
        ticks.flush();
        ticks.saveAndFlush(BagTickEntity.of(item, counted, personId, clock.instant()));
    }

    /** Takes a tick away, if there is one. */
    void remove(BagContents contents, BagItem item) {
        ticks.deleteAll(Optional.ofNullable(of(contents).get(item)).map(List::of).orElse(List.of()));
        ticks.flush();
    }
}
