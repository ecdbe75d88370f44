package retazo.app.counter;

import static java.util.Objects.requireNonNull;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.app.runs.book.Bag;
import retazo.app.runs.book.PlannedCut;
import retazo.app.runs.book.RunBook;
import retazo.app.shared.LengthView;
import retazo.app.shared.Words;
import retazo.app.stock.Bolt;
import retazo.app.stock.StockService;
import retazo.core.measure.Length;

/** Finds what is left of the lots that a packed bag was cut from: a wider backing or more binding is to match what is in it. */
@Component
class MoreOfLots {

    private final RunBook runs;
    private final StockService stock;
    private final FabricService fabrics;
    private final Words words;

    MoreOfLots(RunBook runs, StockService stock, FabricService fabrics, Words words) {
        this.runs = runs;
        this.stock = stock;
        this.fabrics = fabrics;
        this.words = words;
    }

    /** A fabric of a bag: the bolt of its lot with the longest free length, which is empty where nothing of the lot is free. */
    record OfLot(Fabric fabric, String lot, Optional<String> bolt, Length longest, LengthView free) {
    }

    List<OfLot> of(long bagId) {
        Map<Long, Long> boltOf = new LinkedHashMap<>();
        for (Bag.ClothLine line : runs.bag(bagId).lines()) {
            line.cut().map(PlannedCut::boltId).ifPresent(bolt -> boltOf.putIfAbsent(line.fabricId(), bolt));
        }
        Map<Long, Bolt> cutFrom = stock.boltsById(boltOf.values());
        Map<Long, Fabric> byId = fabrics.byIds(boltOf.keySet());
        Map<Long, List<Bolt>> there = stock.boltsOf(boltOf.keySet()).stream().filter(bolt -> bolt.free().isPositive())
                .collect(Collectors.groupingBy(Bolt::fabricId));
        return boltOf.entrySet().stream().map(one -> {
            String lot = requireNonNull(cutFrom.get(one.getValue())).lot();
            Optional<Bolt> longest = there.getOrDefault(one.getKey(), List.of()).stream().filter(bolt -> bolt.lot().equals(lot))
                    .max(Comparator.comparing(Bolt::free));
            return new OfLot(
                    requireNonNull(byId.get(one.getKey())), lot, longest.map(Bolt::code), longest.map(Bolt::free).orElse(Length.ZERO),
                    LengthView.onHand(longest.map(Bolt::free).orElse(Length.ZERO), words.sellingUnit()));
        }).toList();
    }
}
