package retazo.app.heap;

import static java.util.Objects.requireNonNull;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.app.stock.Bolt;
import retazo.app.stock.find.BoltSearch;
import retazo.core.bolt.HeapKits;
import retazo.core.bolt.Tolerance;
import retazo.core.measure.Length;

/** Gathers the cloth of a heap: what is free of its bolts, by fabric. Wide backing is not for tops and stays out. */
@Component
class Heaps {

    static final int MOST_BOLTS = 400;

    private final FabricService fabrics;
    private final BoltSearch bolts;

    Heaps(FabricService fabrics, BoltSearch bolts) {
        this.fabrics = fabrics;
        this.bolts = bolts;
    }

    /**
     * A heap.
     *
     * @param fabrics each with its bolts that have something free, the fabric of which most is there first
     * @param unknown what was asked for and names no fabric
     * @param cutOff  whether there was more than one heap can hold; the shortest pieces are in it
     */
    record Heap(Map<Fabric, List<Bolt>> fabrics, List<String> unknown, boolean cutOff) {

        List<HeapKits.Cloth> cloths(Tolerance tolerance) {
            return fabrics.entrySet().stream()
                    .map(one -> new HeapKits.Cloth(
                            one.getKey().code(), one.getValue().stream().map(bolt -> bolt.toStock(tolerance)).toList()))
                    .toList();
        }

        Fabric fabric(String code) {
            return fabrics.keySet().stream().filter(fabric -> fabric.code().equals(code)).findFirst().orElseThrow();
        }
    }

    @Transactional(readOnly = true)
    Heap of(HeapQuestion asked) {
        List<String> texts = asked.fabric();
        Map<String, Fabric> named = fabrics.named(texts);
        List<Long> ids = named.values().stream().map(Fabric::id).distinct().toList();
        List<Bolt> found = !texts.isEmpty() && ids.isEmpty()
                ? List.of()
                : bolts.heap(asked.place(), ids, asked.whole(), MOST_BOLTS + 1);
        Map<Long, List<Bolt>> byFabric = found.stream().limit(MOST_BOLTS).filter(bolt -> bolt.free().isPositive())
                .collect(Collectors.groupingBy(Bolt::fabricId));
        Map<Fabric, List<Bolt>> heap = new LinkedHashMap<>();
        fabrics.byIds(byFabric.keySet()).values().stream()
                .filter(fabric -> fabric.kind().isForTops())
                .sorted(Comparator.comparing((Fabric fabric) -> free(requireNonNull(byFabric.get(fabric.id())))).reversed()
                        .thenComparing(Fabric::name))
                .forEach(fabric -> heap.put(fabric, requireNonNull(byFabric.get(fabric.id()))));
        return new Heap(
                heap, texts.stream().filter(text -> Optional.ofNullable(named.get(text)).isEmpty()).toList(), found.size() > MOST_BOLTS);
    }

    static Length free(List<Bolt> bolts) {
        return bolts.stream().map(Bolt::free).reduce(Length.ZERO, Length::plus);
    }
}
