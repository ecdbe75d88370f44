package retazo.app.runs.pages;

import static java.util.Objects.requireNonNull;

import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.kits.index.KitIndex;
import retazo.app.kits.index.KitTitle;
import retazo.app.runs.book.RunDropEntity;
import retazo.app.runs.book.RunDropRepository;
import retazo.app.runs.book.RunLineEntity;
import retazo.app.runs.book.RunLineRepository;
import retazo.app.runs.instead.InsteadBook;
import retazo.app.shared.Moments;
import retazo.app.shared.Words;
import retazo.app.staff.StaffService;

/** Tells what of a run was dropped or is made in another way, by whom and when. */
@Component
@Transactional(readOnly = true)
class RunDecisions {

    private final InsteadBook insteads;
    private final RunDropRepository drops;
    private final RunLineRepository lines;
    private final KitIndex kits;
    private final StaffService staff;
    private final Words words;
    private final Clock clock;

    RunDecisions(
            InsteadBook insteads, RunDropRepository drops, RunLineRepository lines, KitIndex kits, StaffService staff, Words words,
            Clock clock) {
        this.insteads = insteads;
        this.drops = drops;
        this.lines = lines;
        this.kits = kits;
        this.staff = staff;
        this.words = words;
        this.clock = clock;
    }

    /** A sentence for each decision. */
    List<String> of(long runId) {
        return Stream.concat(insteads.of(runId).stream(), dropped(runId).stream()).toList();
    }

    private List<String> dropped(long runId) {
        List<RunDropEntity> found = drops.ofRun(runId);
        if (found.isEmpty()) {
            return List.of();
        }
        Map<Long, RunLineEntity> byId = lines.findByRunIdInOrderByRunIdAscPositionAsc(Set.of(runId)).stream()
                .collect(Collectors.toMap(RunLineEntity::id, Function.identity()));
        Map<Long, KitTitle> titles = kits.titles(byId.values().stream().map(RunLineEntity::kitId).collect(Collectors.toSet()));
        Map<Long, String> names = staff.names(found.stream().map(RunDropEntity::personId).collect(Collectors.toSet()));
        return found.stream()
                .map(drop -> words.text(
                        "run.dropped", drop.bags(), requireNonNull(titles.get(requireNonNull(byId.get(drop.runLineId())).kitId())).size(),
                        names.getOrDefault(drop.personId(), ""), Moments.near(drop.at(), clock.instant())))
                .toList();
    }
}
