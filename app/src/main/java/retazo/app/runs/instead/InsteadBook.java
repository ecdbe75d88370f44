package retazo.app.runs.instead;

import static java.util.Objects.requireNonNull;

import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.kits.index.KitIndex;
import retazo.app.kits.index.KitTitle;
import retazo.app.shared.Moments;
import retazo.app.shared.Words;
import retazo.app.staff.StaffService;

/** Remembers what was made in place of what was asked, and tells it. */
@Component
public class InsteadBook {

    private final RunInsteadRepository insteads;
    private final KitIndex kits;
    private final StaffService staff;
    private final Words words;
    private final Clock clock;

    InsteadBook(RunInsteadRepository insteads, KitIndex kits, StaffService staff, Words words, Clock clock) {
        this.insteads = insteads;
        this.kits = kits;
        this.staff = staff;
        this.words = words;
        this.clock = clock;
    }

    void keep(RunInsteads.Wanted wanted, long insteadKitId, long personId) {
        insteads.saveAndFlush(RunInsteadEntity.of(wanted, insteadKitId, personId, clock.instant()));
    }

    /** A sentence for each decision about a run. */
    @Transactional(readOnly = true)
    public List<String> of(long runId) {
        List<RunInsteadEntity> found = insteads.findByRunIdOrderByIdAsc(runId);
        if (found.isEmpty()) {
            return List.of();
        }
        Map<Long, KitTitle> titles = kits.titles(
                found.stream().flatMap(one -> Stream.of(one.kitId(), one.insteadKitId())).collect(Collectors.toSet()));
        Map<Long, String> names = staff.names(found.stream().map(RunInsteadEntity::personId).collect(Collectors.toSet()));
        return found.stream().map(one -> words.text(
                one.bagNumber().isPresent() ? "run.instead-bag" : "run.instead",
                one.bagNumber().map(String::valueOf).orElseGet(() -> Integer.toString(one.bags())), name(titles, one.kitId()),
                name(titles, one.insteadKitId()), names.getOrDefault(one.personId(), ""), Moments.near(one.at(), clock.instant())))
                .toList();
    }

    private static String name(Map<Long, KitTitle> titles, long kitId) {
        KitTitle title = requireNonNull(titles.get(kitId));
        return title.size() + ", " + title.colourway();
    }
}
