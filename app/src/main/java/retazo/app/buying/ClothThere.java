package retazo.app.buying;

import java.util.Collection;
import java.util.HashMap;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import retazo.app.practice.PracticeService;
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
        String ids = fabricIds.stream().map(String::valueOf).collect(Collectors.joining(","));
        bolts.there(ids).forEach(one -> {
            Length promised = new Length(one.promised());
            Length counted = FabricSupply.counted(new Length(one.onHand()), promised, least);
            there.merge(one.fabricId(), new There(counted, promised), There::and);
        });
        return there;
    }
}
