package retazo.app.counter;

import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import retazo.app.devices.Devices;
import retazo.app.outbox.Carrier;
import retazo.app.outbox.Outbox;
import retazo.app.practice.PriceListService;
import retazo.app.sales.Sale;
import retazo.app.sales.Sales;
import retazo.app.shared.MoneyText;
import retazo.app.shared.Outcome;
import retazo.app.shared.Words;
import retazo.core.measure.Money;
import retazo.core.measure.Problem;
import retazo.core.price.Tax;

/** Tells the till of each sale that is paid, where the shop has one. */
@Component
class TillSlips implements Carrier {

    private final Devices devices;
    private final Outbox outbox;
    private final SoldWords sold;
    private final PriceListService prices;
    private final Words words;

    TillSlips(Devices devices, Outbox outbox, SoldWords sold, PriceListService prices, Words words) {
        this.devices = devices;
        this.outbox = outbox;
        this.sold = sold;
        this.prices = prices;
        this.words = words;
    }

    @EventListener
    void put(Sales.Paid paid) {
        if (devices.till().isPresent() && !paid.sale().standing().isEmpty()) {
            outbox.put(Outbox.Kind.SALE, paid.sale().id(), slip(paid.sale()));
        }
    }

    private String slip(Sale sale) {
        Tax tax = prices.tax();
        Stream<String> lines = sold.of(sale.standing()).stream()
                .map(line -> words.text("till.line", line.what().plain(), line.from(), line.price()));
        Stream<String> totals = sale.totals().stream().map(total -> total(total, tax));
        return Stream.of(Stream.of(words.text("till.sale", sale.id())), lines, totals).flatMap(one -> one)
                .collect(Collectors.joining("\n"));
    }

    private String total(Money total, Tax tax) {
        return tax.isNone()
                ? words.text("till.total", MoneyText.of(total))
                : words.text("till.total-tax", MoneyText.of(tax.toPay(total)), MoneyText.of(tax.on(total)), tax.rate());
    }

    @Override
    public Outbox.Kind kind() {
        return Outbox.Kind.SALE;
    }

    @Override
    public Outcome<String> carry(UUID key, long about, String body) {
        return devices.till().map(till -> till.ring(key, body)).orElseGet(() -> Outcome.refused(Problem.of("till.away")))
                .match(receipt -> Outcome.done(words.text("till.answer", receipt)), Outcome::refused);
    }
}
