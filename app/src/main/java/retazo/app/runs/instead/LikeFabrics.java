package retazo.app.runs.instead;

import java.util.Comparator;
import java.util.List;
import org.springframework.stereotype.Component;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.app.stock.StockService;
import retazo.core.colour.Lab;
import retazo.core.measure.Length;

/** Finds fabrics that look like one and have enough free cloth. */
@Component
class LikeFabrics {

    /** Two colours further apart are not taken for each other across a room. */
    private static final double FAR = 15;

    /** What shows of the motif beside the ground. */
    private static final double MOTIF_SHARE = 0.25;

    private static final int MOST_LOOKED_AT = 400;

    private final FabricService fabrics;
    private final StockService stock;

    LikeFabrics(FabricService fabrics, StockService stock) {
        this.fabrics = fabrics;
        this.stock = stock;
    }

    /** How far apart two fabrics look: their grounds, and a quarter of how far their motifs are apart. */
    static double difference(Fabric one, Fabric other) {
        double ground = Lab.of(one.groundColour()).differenceTo(Lab.of(other.groundColour()));
        double motif = Lab.of(one.printColour()).differenceTo(Lab.of(other.printColour()));
        return (ground + MOTIF_SHARE * motif) / (1 + MOTIF_SHARE);
    }

    /**
     * Fabrics of the same kind of cloth that look like one, the likest first.
     *
     * @param length that one bolt of them has free at least
     */
    List<Fabric> of(Fabric fabric, Length length) {
        return fabrics.byIds(stock.fabricsWithFree(length, MOST_LOOKED_AT)).values().stream()
                .filter(other -> other.id() != fabric.id() && other.kind() == fabric.kind() && difference(fabric, other) <= FAR)
                .sorted(Comparator.comparing((Fabric other) -> difference(fabric, other)).thenComparing(Fabric::code))
                .toList();
    }
}
