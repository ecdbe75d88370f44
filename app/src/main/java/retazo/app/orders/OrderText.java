package retazo.app.orders;

import static java.util.Objects.requireNonNull;

import java.util.List;
import java.util.Map;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import retazo.app.devices.Devices;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.app.outbox.Outbox;
import retazo.app.shared.LengthView;
import retazo.app.shared.Words;
import retazo.core.measure.LengthUnit;

/** Puts an order that is sent into the outbox, a line for each fabric, where suppliers take orders without a person in between. */
@Component
class OrderText {

    private final Devices devices;
    private final Outbox outbox;
    private final FabricService fabrics;
    private final Words words;

    OrderText(Devices devices, Outbox outbox, FabricService fabrics, Words words) {
        this.devices = devices;
        this.outbox = outbox;
        this.fabrics = fabrics;
        this.words = words;
    }

    @EventListener
    void put(Purchases.Sent sent) {
        if (devices.desk().isPresent()) {
            outbox.put(Outbox.Kind.ORDER, sent.purchase().id(), text(sent.purchase(), sent.supplier()));
        }
    }

    private String text(Purchase purchase, Supplier supplier) {
        Map<Long, Fabric> byId = fabrics.byIds(purchase.lines().stream().map(Purchase.Line::fabricId).toList());
        LengthUnit unit = words.sellingUnit();
        List<String> lines = purchase.lines().stream().filter(line -> byId.containsKey(line.fabricId()))
                .map(line -> text(line, requireNonNull(byId.get(line.fabricId())), unit)).toList();
        return words.text("order.text.head", purchase.id(), supplier.name(), supplier.account()) + "\n"
                + String.join("\n", lines)
                + (purchase.note().isEmpty() ? "" : "\n" + purchase.note());
    }

    private String text(Purchase.Line line, Fabric fabric, LengthUnit unit) {
        return words.text(
                "order.text.line", fabric.code(), fabric.name(), line.ordered().count(),
                LengthView.of(line.ordered().each(), unit).plain());
    }
}
