package retazo.app.runs.instead;

import java.util.List;
import java.util.Optional;
import retazo.app.fabrics.Fabric;
import retazo.app.kits.Kit;
import retazo.app.kits.KitWork;

/**
 * What bags could be made as instead.
 *
 * @param as   the kit that they would be; with another fabric it is only tried
 * @param swap the fabrics; empty for a smaller size
 * @param bags how many of them free cloth gives so, or would give if nothing else lacked
 * @param still the fabrics that lack then
 */
public record InsteadOffer(KitWork as, Optional<Swap> swap, int bags, List<Fabric> still) {

    public InsteadOffer {
        still = List.copyOf(still);
    }

    /** A fabric in the place of another. */
    public record Swap(Fabric own, Fabric other) {
    }

    public Kit kit() {
        return as.kit();
    }
}
