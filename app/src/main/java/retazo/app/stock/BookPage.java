package retazo.app.stock;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import retazo.core.measure.Length;

/** The newest lines of an item's book, with the balance after each worked back from what is on hand. */
final class BookPage {

    private final StockItemEntity item;
    private final List<MovementEntity> newestFirst;

    BookPage(StockItemEntity item, List<MovementEntity> newestFirst) {
        this.item = item;
        this.newestFirst = newestFirst;
    }

    List<Movement> lines(Function<Set<Long>, Map<Long, String>> names) {
        Map<Long, String> people = names.apply(newestFirst.stream().map(MovementEntity::personId).collect(Collectors.toSet()));
        Set<Long> reversed = new HashSet<>();
        newestFirst.forEach(movement -> movement.reversesId().ifPresent(reversed::add));
        List<Movement> lines = new ArrayList<>();
        Length balance = item.onHand();
        long countBalance = item.onHandCount();
        for (MovementEntity movement : newestFirst) {
            lines.add(new Movement(
                    movement.id(), movement.reason(), movement.amount(), movement.amountCount(), balance, countBalance,
                    people.getOrDefault(movement.personId(), ""), movement.at(), movement.note(),
                    lines.isEmpty() && movement.reason().standsAlone(), reversed.contains(movement.id())));
            balance = balance.minus(movement.amount());
            countBalance -= movement.amountCount();
        }
        return lines;
    }
}
