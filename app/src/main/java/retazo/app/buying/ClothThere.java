package retazo.app.buying;

import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import retazo.app.practice.PracticeService;
import retazo.app.shared.Parts;
import retazo.core.buying.FabricSupply;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.measure.Length;

/** How much of fabrics is there. */
@Component
class ClothThere {

    private final ThereRepository bolts;
    private final PracticeService practice;

    ClothThere(ThereRepository bolts, PracticeService practice) {
        this.bolts = bolts;
        this.practice = practice;
    }

    /** On hand, and what of it is promised. */
    record There(Length onHand, Length promised) {

        static final There NOTHING = new There(Length.ZERO, Length.ZERO);

        There and(There other) {
            return new There(onHand.plus(other.onHand), promised.plus(other.promised));
        }
    }

    /** By fabric; what is left of a bolt beside its promises and too short to be sold does not count. Fabrics without are absent. */
    Map<Long, There> of(Collection<Long> fabricIds) {
        Length least = practice.practice().length(PracticeMeasure.SHORTEST_REMNANT);
        Map<Long, There> there = new HashMap<>();
        Parts.of(List.copyOf(fabricIds), part -> bolts.there(part).forEach(one -> {
            Length promised = new Length(one.getPromised());
            Length counted = FabricSupply.counted(new Length(one.getOnHand()), promised, least);
            there.merge(one.getFabricId(), new There(counted, promised), There::and);
        }));
        return there;
    }
}
