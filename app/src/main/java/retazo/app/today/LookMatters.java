package retazo.app.today;

import static java.util.Objects.requireNonNull;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import retazo.app.shared.LengthView;
import retazo.app.shared.Words;
import retazo.app.staff.Right;
import retazo.app.stock.Bolt;
import retazo.app.stock.BoltLooks;
import retazo.app.stock.StockService;
import retazo.core.measure.Length;

/** Bolts that turned out longer than the book said, until somebody has looked. */
@Component
@Order(4)
class LookMatters implements Matters {

    private final BoltLooks looks;
    private final StockService stock;
    private final Words words;

    LookMatters(BoltLooks looks, StockService stock, Words words) {
        this.looks = looks;
        this.stock = stock;
        this.words = words;
    }

    @Override
    public Set<Right> rights() {
        return Set.of(Right.CORRECT);
    }

    @Override
    public List<Matter> matters(UnderWay underWay) {
        Map<Long, Length> longer = looks.open().stream()
                .collect(Collectors.toMap(BoltLooks.Look::boltId, BoltLooks.Look::longer, Length::plus));
        Map<Long, Bolt> bolts = stock.boltsById(longer.keySet());
        return longer.entrySet().stream().sorted(Map.Entry.comparingByKey()).map(look -> Matter.of(
                Matter.Urgency.DECIDE, words.text("today.look", requireNonNull(bolts.get(look.getKey())).code()),
                words.text("today.look.why", LengthView.of(look.getValue(), words.sellingUnit()).plain()),
                "/stock/bolts/" + look.getKey(), words.text("today.look.go"), Right.CORRECT)).toList();
    }
}
