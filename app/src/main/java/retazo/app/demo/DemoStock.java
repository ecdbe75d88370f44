package retazo.app.demo;

import java.util.ArrayList;
import java.util.Currency;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.app.fabrics.Motif;
import retazo.app.fabrics.NewFabric;
import retazo.app.fabrics.Origin;
import retazo.app.practice.PriceListService;
import retazo.app.shared.Outcome;
import retazo.app.stock.Entry;
import retazo.app.stock.NewBolt;
import retazo.app.stock.Reason;
import retazo.app.stock.StockService;
import retazo.core.cloth.ClothKind;
import retazo.core.cloth.ClothPrice;
import retazo.core.cloth.Colour;
import retazo.core.cloth.PrecutKind;
import retazo.core.cloth.Prices;
import retazo.core.cloth.UsualPrices;
import retazo.core.measure.Length;
import retazo.core.measure.LengthUnit;
import retazo.core.measure.Money;

/** The demo shop's fabrics and bolts, with the small troubles of a real week. */
@Component
class DemoStock {

    private record Sample(String code, String name, String ground, String print, Motif motif, int width, List<String> bolts) {
    }

    private static final List<String> RANGES = List.of("Tideline", "Kelp row", "Low water");

    // A bolt is its length in yards, its lot and its place; an e marks an estimate.
    private static final List<Sample> SAMPLES = List.of(
            new Sample("COOT", "Coot black", "#22303f", "#3f5468", Motif.RIPPLES, 40,
                    List.of("14 1/2|L21|bay 1, shelf A", "9 1/4|L21|bay 1, shelf A", "11|L24|bay 1, shelf B")),
            new Sample("HERON", "Heron blue", "#3d6a8a", "#7fa6bf", Motif.FLECKS, 40,
                    List.of("10 3/8|L08|bay 1, shelf C", "7 7/8|L08|bay 1, shelf C", "1 5/8|L07|bay 1, shelf C")),
            new Sample("LAMP", "Lamp enamel", "#d06a2c", "#f0b070", Motif.DOTS, 40,
                    List.of("8 1/2|R3|bay 2, shelf A", "6 1/4|R3|bay 2, shelf A", "3 1/8|R5|bay 2, shelf A")),
            new Sample("RUST", "Rust flake", "#9c4a2f", "#c9805c", Motif.CROSSES, 40,
                    List.of("5 3/4|11|bay 2, shelf B", "4 7/8|12|bay 2, shelf B")),
            new Sample("FOG", "River fog", "#e4dcc8", "#cfc4a6", Motif.FLECKS, 40,
                    List.of("12|K2|bay 3, shelf A", "8 3/4|K2|bay 3, shelf A", "5 1/2|K3|bay 3, shelf A")),
            new Sample("GULL", "Gull grey", "#c4cbd0", "#98a5ae", Motif.RINGS, 41,
                    List.of("9|G1|bay 3, shelf B", "6 5/8|G2|bay 3, shelf B")),
            new Sample("REED", "Reed bed", "#6c8154", "#a3b27f", Motif.REEDS, 40,
                    List.of("10|7a|bay 4, shelf A", "8 1/2|7a|bay 4, shelf A", "3 1/2|7b|bay 4, shelf A")),
            new Sample("SEDGE", "Sedge green", "#48614a", "#48614a", Motif.PLAIN, 42,
                    List.of("13|S4|bay 4, shelf B", "7|S5|bay 4, shelf B")),
            new Sample("MUD", "Tidal mud", "#7d6752", "#a08a70", Motif.RIPPLES, 40,
                    List.of("9 7/8|M1|bay 5, shelf A", "4|M2|bay 5, shelf A|e")),
            new Sample("PLOVER", "Plover stripe", "#d8c8a4", "#8b6f47", Motif.STRIPES, 40,
                    List.of("7 1/2|P9|bay 5, shelf B", "3 3/4|P9|bay 5, shelf B")),
            new Sample("TEAL", "Teal wing", "#2f6f6c", "#79b0a6", Motif.SAILS, 40,
                    List.of("6|T1|bay 6, shelf A", "5 5/8|T1|bay 6, shelf A", "4 1/2|T2|bay 6, shelf A")),
            new Sample("SLUICE", "Sluice red", "#8e2f3a", "#8e2f3a", Motif.PLAIN, 42,
                    List.of("11 1/4|V1|bay 6, shelf B", "2 7/8|V2|bay 6, shelf B")),
            new Sample("HULL", "Hull wide back", "#33475a", "#4f667c", Motif.FLECKS, 104,
                    List.of("18|W1|back wall", "12 1/2|W1|back wall")),
            new Sample("CHALK", "Chalk line back", "#f0ede4", "#c9c3b2", Motif.CROSSES, 40,
                    List.of("24|C7|back wall", "21 1/2|C7|back wall", "9|C8|back wall")),
            new Sample("SLEET", "Sleet grey", "#bac5cc", "#8f9ea9", Motif.DOTS, 40,
                    List.of("11|S2|bay 7, shelf A")),
            new Sample("WEED", "Duckweed", "#728655", "#a9b884", Motif.REEDS, 40,
                    List.of("12 1/2|N5|bay 7, shelf A")));

    private static final Currency DOLLAR = Currency.getInstance("USD");

    private final FabricService fabrics;
    private final StockService stock;
    private final PriceListService prices;
    private final DemoPast past;

    DemoStock(FabricService fabrics, StockService stock, PriceListService prices, DemoPast past) {
        this.past = past;
        this.prices = prices;
        this.fabrics = fabrics;
        this.stock = stock;
    }

    void fill(long receiver, long counter) {
        prices.change(new UsualPrices(DOLLAR, Optional.of(aYard(1290)), Map.of(
                PrecutKind.STRIP_ROLL, new Money(DOLLAR, 4250), PrecutKind.SQUARES_10, new Money(DOLLAR, 4450), PrecutKind.SQUARES_5,
                new Money(DOLLAR, 1395),
                PrecutKind.FAT_QUARTER, new Money(DOLLAR, 375), PrecutKind.FAT_EIGHTH, new Money(DOLLAR, 210))));
        List<Fabric> all = new ArrayList<>();
        for (Sample sample : SAMPLES) {
            int price = sample.width() > 60 ? 2290 : sample.motif() == Motif.PLAIN ? 990 : 1290;
            all.add(done(fabrics.add(new NewFabric(
                    sample.code(), sample.name(), Colour.parse(sample.ground()), Colour.parse(sample.print()), sample.motif(),
                    sample.width() > 60 ? ClothKind.WIDE_BACKING : ClothKind.COTTON, sample.motif().print(), Optional.empty(),
                    sample.width() == 40 ? Optional.empty() : Optional.of(Length.ofInches(sample.width())),
                    new Prices<>(Optional.of(aYard(price)), Optional.of(aYard(price * 11 / 20))), origin(sample)))));
        }
        past.fill(all, receiver, counter);
        for (int i = 0; i < all.size(); i++) {
            Sample sample = SAMPLES.get(i);
            Fabric fabric = all.get(i);
            for (String bolt : sample.bolts()) {
                String[] parts = bolt.split("\\|");
                done(stock.receive(
                        new NewBolt(stock.nextCode(""), fabric.id(), parts[1], parts[2], Length.ofInches(sample.width()),
                                Length.parse(parts[0] + " yd"), parts.length < 4),
                        entry(receiver)));
            }
        }
        sell("HERON", 0, "1 3/4 yd", counter);
        sell("MUD", 0, "2 yd", counter);
        sell("TEAL", 2, "2 1/4 yd", counter);
    }

    private static ClothPrice aYard(long minor) {
        return new ClothPrice(new Money(DOLLAR, minor), LengthUnit.YARD);
    }

    /** Solids come from a mill, prints of three ranges from a merchant, wide backing from both. */
    private static Origin origin(Sample sample) {
        if (sample.width() > 60) {
            return new Origin("Wide water", "Quay Cloth");
        }
        return sample.motif() == Motif.PLAIN
                ? new Origin("Plain sail", "Weir Mill")
                : new Origin(RANGES.get(sample.motif().ordinal() % RANGES.size()), "Quay Cloth");
    }

    private void sell(String code, int bolt, String length, long counter) {
        long fabric = fabrics.byCode(code).orElseThrow().id();
        long boltId = stock.boltsOf(List.of(fabric)).get(bolt).id();
        done(stock.take(boltId, Length.parse(length), Reason.SOLD_BY_LENGTH, entry(counter)));
    }

    static Entry entry(long personId) {
        return Entry.of(personId, UUID.randomUUID());
    }

    static <T> T done(Outcome<T> outcome) {
        return outcome.match(result -> result, problems -> {
            throw new IllegalStateException("The demo shop was refused something: " + problems);
        });
    }
}
