package retazo.app.orders;

import java.time.Clock;
import java.time.LocalDate;
import java.util.UUID;
import org.springframework.stereotype.Component;
import retazo.app.devices.Devices;
import retazo.app.outbox.Carrier;
import retazo.app.outbox.Outbox;
import retazo.app.shared.Moments;
import retazo.app.shared.Outcome;
import retazo.app.shared.Words;
import retazo.core.measure.Problem;

/** Brings orders to the desks of suppliers, and writes down on which day they say the cloth comes. */
@Component
class OrderCarrier implements Carrier {

    private final Devices devices;
    private final Purchases purchases;
    private final PurchaseBook book;
    private final Suppliers suppliers;
    private final Words words;
    private final Clock clock;

    OrderCarrier(Devices devices, Purchases purchases, PurchaseBook book, Suppliers suppliers, Words words, Clock clock) {
        this.devices = devices;
        this.purchases = purchases;
        this.book = book;
        this.suppliers = suppliers;
        this.words = words;
        this.clock = clock;
    }

    @Override
    public Outbox.Kind kind() {
        return Outbox.Kind.ORDER;
    }

    @Override
    public Outcome<String> carry(UUID key, long about, String body) {
        Purchase purchase = book.purchase(about);
        String supplier = suppliers.supplier(purchase.supplierId()).name();
        LocalDate day = purchase.expected().orElseGet(() -> Moments.today(clock));
        return devices.desk().map(desk -> desk.place(key, supplier, day, body))
                .orElseGet(() -> Outcome.refused(Problem.of("supplier.away", supplier)))
                .match(answer -> {
                    purchases.expect(about, answer.expected());
                    return Outcome.done(words.text("order.answer", answer.number()));
                }, Outcome::refused);
    }
}
