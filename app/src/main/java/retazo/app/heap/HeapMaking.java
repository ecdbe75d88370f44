package retazo.app.heap;

import java.time.Clock;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.app.kits.KitService;
import retazo.app.kits.NewKits;
import retazo.app.kits.possible.ClothNeeds;
import retazo.app.patterns.PatternService;
import retazo.app.patterns.PatternVersion;
import retazo.app.practice.PracticeService;
import retazo.app.shared.Moments;
import retazo.app.shared.Outcome;
import retazo.app.shared.Words;
import retazo.core.cloth.RoleKey;
import retazo.core.kit.Contents;
import retazo.core.measure.Problem;
import retazo.core.quilt.size.QuiltSize;

/** Makes the kit that a heap would make, in a colourway of its own. */
@Service
class HeapMaking {

    /** Its binding lies in the heap too, its back does not. */
    static final Contents CONTENTS = new Contents(true, false);
    private static final int MOST_A_DAY = 200;

    private final PatternService patterns;
    private final FabricService fabrics;
    private final KitService kits;
    private final ClothNeeds needs;
    private final PracticeService practice;
    private final Words words;
    private final Clock clock;

    HeapMaking(
            PatternService patterns, FabricService fabrics, KitService kits, ClothNeeds needs, PracticeService practice, Words words,
            Clock clock) {
        this.patterns = patterns;
        this.fabrics = fabrics;
        this.kits = kits;
        this.needs = needs;
        this.practice = practice;
        this.words = words;
        this.clock = clock;
    }

    /**
     * Adds one kit; refused where something changed so that it cannot be made any more.
     *
     * @param fabricOf the ids of the fabrics by the keys of their roles
     * @return its id
     */
    @Transactional
    Outcome<Long> make(long patternId, String sizeKey, Map<String, Long> fabricOf) {
        PatternVersion pattern = patterns.newestOf(patternId);
        Map<Long, Fabric> byId = fabrics.byIds(fabricOf.values());
        Map<RoleKey, Fabric> chosen = new LinkedHashMap<>();
        pattern.design().roles().forEach(role -> {
            Fabric fabric = byId.get(fabricOf.get(role.key().value()));
            if (fabric != null) {
                chosen.put(role.key(), fabric);
            }
        });
        QuiltSize size = pattern.size(sizeKey);
        boolean whole = needs.plain(new ClothNeeds.Made(pattern, size, CONTENTS), practice.practice()).stream()
                .flatMap(need -> need.roles().stream()).allMatch(role -> chosen.containsKey(role.role().key()));
        if (!whole || chosen.isEmpty()) {
            return Outcome.refused(Problem.of("heap.changed", pattern.name(), size.name()));
        }
        String day = Moments.day(Moments.today(clock));
        return IntStream.rangeClosed(1, MOST_A_DAY)
                .mapToObj(number -> words.text(number == 1 ? "heap.colourway" : "heap.colourway-next", day, number))
                .filter(name -> kits.isFree(patternId, name)).findFirst()
                .map(name -> kits.add(new NewKits(pattern, List.of(sizeKey), name, chosen, Map.of(), CONTENTS))
                        .then(ids -> Outcome.done(ids.get(0))))
                .orElseGet(() -> Outcome.refused(Problem.of("heap.enough-today", MOST_A_DAY)));
    }
}
