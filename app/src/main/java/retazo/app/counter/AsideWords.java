package retazo.app.counter;

import static java.util.Objects.requireNonNull;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.app.sales.LengthAside;
import retazo.app.shared.LengthView;
import retazo.app.shared.Words;
import retazo.app.stock.Bolt;
import retazo.app.stock.StockService;
import retazo.core.measure.LengthUnit;

/** Says what lengths are put aside. */
@Component
class AsideWords {

    private final StockService stock;
    private final FabricService fabrics;
    private final Words words;

    AsideWords(StockService stock, FabricService fabrics, Words words) {
        this.stock = stock;
        this.fabrics = fabrics;
        this.words = words;
    }

    /** A length that is put aside: on which bolt, and what it is. */
    record Said(LengthAside aside, String bolt, String what) {
    }

    List<Said> of(Collection<LengthAside> some) {
        if (some.isEmpty()) {
            return List.of();
        }
        Map<Long, Bolt> bolts = stock.boltsById(some.stream().map(LengthAside::boltId).toList());
        Map<Long, Fabric> byId = fabrics.byIds(bolts.values().stream().map(Bolt::fabricId).collect(Collectors.toSet()));
        LengthUnit unit = words.sellingUnit();
        return some.stream().map(one -> {
            Bolt bolt = requireNonNull(bolts.get(one.boltId()));
            return new Said(one, bolt.code(), words.text(
                    "counter.sold.length", LengthView.of(one.length(), unit).plain(), requireNonNull(byId.get(bolt.fabricId())).name()));
        }).toList();
    }
}
