package retazo.app.search;

import static java.util.Objects.requireNonNull;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.app.shared.LengthView;
import retazo.app.shared.Words;
import retazo.app.staff.Right;
import retazo.app.stock.Bolt;
import retazo.app.stock.find.BoltSearch;

/** Bolts by number, lot and place, and by the words of their fabrics. */
@Component
@Order(3)
class FindsBolts implements Finds {

    private final BoltSearch bolts;
    private final FabricService fabrics;
    private final Words words;

    FindsBolts(BoltSearch bolts, FabricService fabrics, Words words) {
        this.bolts = bolts;
        this.fabrics = fabrics;
        this.words = words;
    }

    @Override
    public Right right() {
        return Right.STOCK;
    }

    @Override
    public Hits find(String typed) {
        List<Bolt> found = bolts.held(typed, Hits.SHOWN + 1);
        Map<Long, Fabric> byId = fabrics.byIds(found.stream().map(Bolt::fabricId).collect(Collectors.toSet()));
        return new Hits(
                "bolts", found.stream().limit(Hits.SHOWN).map(bolt -> new Hit(
                        bolt.code() + " " + requireNonNull(byId.get(bolt.fabricId())).name(), under(bolt),
                        "/stock/bolts/" + bolt.id())).toList(),
                found.size() > Hits.SHOWN ? "/stock" : "");
    }

    private String under(Bolt bolt) {
        return Stream.of(
                LengthView.onHand(bolt.onHand(), words.sellingUnit()).plain(), words.text("search.lot", bolt.lot()), bolt.place())
                .filter(part -> !part.isBlank()).collect(Collectors.joining(", "));
    }
}
