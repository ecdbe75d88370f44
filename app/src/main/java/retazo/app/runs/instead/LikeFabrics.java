package retazo.app.runs.instead;

import java.util.Comparator;
import java.util.List;
import org.springframework.stereotype.Component;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.app.stock.StockService;
import retazo.core.measure.Length;

/** Finds fabrics that look like one and have enough free cloth. */
@Component
class LikeFabrics {

    private static final int MOST_LOOKED_AT = 400;

    private final FabricService fabrics;
    private final StockService stock;

    LikeFabrics(FabricService fabrics, StockService stock) {
        this.fabrics = fabrics;
        this.stock = stock;
    }

    /**
     * Fabrics of the same kind of cloth that look like one, the likest first.
     *
     * @param length that one bolt of them has free at least
     */
    List<Fabric> of(Fabric fabric, Length length) {
        return fabrics.byIds(stock.fabricsWithFree(length, MOST_LOOKED_AT)).values().stream()
                .filter(other -> other.id() != fabric.id() && other.kind() == fabric.kind() && fabric.look().isLike(other.look()))
                .sorted(Comparator.comparing((Fabric other) -> fabric.look().differenceTo(other.look())).thenComparing(Fabric::code))
                .toList();
    }
}
