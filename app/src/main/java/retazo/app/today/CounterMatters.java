package retazo.app.today;

import static java.util.Objects.requireNonNull;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.util.UriComponentsBuilder;
import retazo.app.kits.index.KitIndex;
import retazo.app.kits.index.KitTitle;
import retazo.app.runs.BagShelf;
import retazo.app.sales.LengthAsides;
import retazo.app.shared.Moments;
import retazo.app.shared.Words;
import retazo.app.staff.Right;
import retazo.app.wishes.Wish;
import retazo.app.wishes.Wishes;

/** Whom the counter has to call: what somebody waits for is on the shelf, or what was put aside was not fetched. */
@Component
@Order(7)
class CounterMatters implements Matters {

    private static final int MOST = 50;

    private final BagShelf shelf;
    private final LengthAsides lengths;
    private final Wishes wishes;
    private final KitIndex kits;
    private final Words words;
    private final Clock clock;

    CounterMatters(BagShelf shelf, LengthAsides lengths, Wishes wishes, KitIndex kits, Words words, Clock clock) {
        this.shelf = shelf;
        this.lengths = lengths;
        this.wishes = wishes;
        this.kits = kits;
        this.words = words;
        this.clock = clock;
    }

    @Override
    public Set<Right> rights() {
        return Set.of(Right.COUNTER_CUT);
    }

    @Override
    public List<Matter> matters(UnderWay underWay) {
        return Stream.concat(ready().stream(), notFetched()).toList();
    }

    /** Of each kit that is on the shelf, who waits longest for it. */
    private List<Matter> ready() {
        List<Wish> open = wishes.open(MOST);
        Set<Long> there = open.isEmpty() ? Set.of() : shelf.oldest(open.stream().map(Wish::kitId).distinct().toList()).keySet();
        Map<Long, Wish> first = open.stream().filter(wish -> there.contains(wish.kitId()))
                .collect(Collectors.toMap(Wish::kitId, wish -> wish, (one, later) -> one));
        Map<Long, KitTitle> titles = first.isEmpty() ? Map.of() : kits.titles(first.keySet());
        return first.values().stream().map(wish -> {
            String name = requireNonNull(titles.get(wish.kitId())).name();
            return Matter.of(
                    Matter.Urgency.GO_ON, words.text("today.ready", wish.name(), name), words.text("today.ready.why"), counter(name),
                    words.text("today.ready.go"), Right.COUNTER_CUT);
        }).toList();
    }

    private Stream<Matter> notFetched() {
        Stream<Matter> bags = shelf.aside(MOST).stream().flatMap(bag -> bag.aside().stream()
                .filter(aside -> isOver(aside.until()))
                .map(aside -> late(bag.code(), aside.name(), aside.until().map(Moments::day).orElse(""), counter(bag.code()))));
        Stream<Matter> cloth = lengths.waiting(MOST).stream().filter(one -> isOver(one.until())).map(one -> late(
                words.text("today.length", one.length()), one.name(), one.until().map(Moments::day).orElse(""), "/counter"));
        return Stream.concat(bags, cloth);
    }

    private Matter late(String what, String name, String day, String path) {
        return Matter.of(
                Matter.Urgency.DECIDE, words.text("today.not-fetched", what, name), words.text("today.not-fetched.why", day), path,
                words.text("today.not-fetched.go"), Right.COUNTER_CUT);
    }

    private boolean isOver(Optional<LocalDate> until) {
        LocalDate today = Moments.today(clock);
        return until.filter(day -> day.isBefore(today)).isPresent();
    }

    private static String counter(String asked) {
        return UriComponentsBuilder.fromPath("/counter").queryParam("words", "{asked}").build(asked).toString();
    }
}
