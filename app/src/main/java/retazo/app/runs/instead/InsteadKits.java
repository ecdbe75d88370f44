package retazo.app.runs.instead;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.app.kits.Kit;
import retazo.app.kits.KitBook;
import retazo.app.kits.StandInKits;
import retazo.app.kits.index.KitIndex;

/** Says which kit bags become that are made in another way, and keeps it if it is new. */
@Component
class InsteadKits {

    private final KitBook kits;
    private final KitIndex index;
    private final StandInKits standIns;
    private final FabricService fabrics;

    InsteadKits(KitBook kits, KitIndex index, StandInKits standIns, FabricService fabrics) {
        this.kits = kits;
        this.index = index;
        this.standIns = standIns;
        this.fabrics = fabrics;
    }

    /** The kit that bags become, and the fabrics that change; those are empty for a smaller size. */
    record Became(Kit kit, Optional<InsteadOffer.Swap> swap) {
    }

    /** Empty where the kit does not have the fabric, has the other already, or is not of the same colourway in another size. */
    Optional<Became> became(RunInsteads.Wanted wanted, long personId) {
        Kit kit = kits.kit(wanted.kitId());
        return wanted.means().own().isPresent()
                ? swapped(kit, wanted.means().own().get(), wanted.means().other(), personId)
                : smaller(kit, wanted.means().other());
    }

    private Optional<Became> swapped(Kit kit, long ownId, long otherId, long personId) {
        Map<Long, Fabric> found = fabrics.byIds(List.of(ownId, otherId));
        Fabric own = found.get(ownId);
        Fabric other = found.get(otherId);
        if (own == null || other == null || !kit.fabrics().containsValue(own) || kit.cloths().contains(other)) {
            return Optional.empty();
        }
        return Optional.of(new Became(standIns.keep(kit, own, other, personId), Optional.of(new InsteadOffer.Swap(own, other))));
    }

    private Optional<Became> smaller(Kit kit, long otherKitId) {
        return index.ofColourway(kit.id()).stream().filter(title -> title.id() == otherKitId && otherKitId != kit.id()).findFirst()
                .map(title -> new Became(kits.kit(title.id()), Optional.empty()));
    }
}
