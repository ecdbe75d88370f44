package retazo.app.today;

import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.runs.book.RunBook;
import retazo.app.runs.progress.RunProgress;
import retazo.app.staff.Right;
import retazo.app.staff.SignedIn;

/** Gathers what waits, most urgent first: what stops a run, bags to be packed, cloth to be cut, what is to be decided or looked at. */
@Service
@Transactional(readOnly = true)
class TodayService {

    private final FirstDay firstDay;
    private final List<Matters> parts;
    private final RunBook runs;
    private final FloorBoard board;
    private final RunProgress progress;

    TodayService(FirstDay firstDay, List<Matters> parts, RunBook runs, FloorBoard board, RunProgress progress) {
        this.firstDay = firstDay;
        this.parts = parts;
        this.runs = runs;
        this.board = board;
        this.progress = progress;
    }

    /** What waits for a person, and what lies before them. */
    record Page(List<FirstDay.Step> firstDay, List<Matter> matters, FloorBoard.Floor floor) {
    }

    Page page(SignedIn person) {
        UnderWay underWay = UnderWay.of(runs);
        return new Page(firstDay.steps(person), matters(person, underWay), board.of(person::may, underWay));
    }

    /** What presses alike at one place is one matter with all its reasons. */
    private List<Matter> matters(SignedIn person, UnderWay underWay) {
        Map<List<Object>, Matter> byPlace = new LinkedHashMap<>();
        parts.stream().filter(part -> part.rights().stream().anyMatch(person::may)).flatMap(part -> part.matters(underWay).stream())
                .filter(matter -> person.may(matter.right()))
                .forEach(matter -> byPlace.merge(
                        matter.path().startsWith("/runs/") ? List.of(matter.urgency(), matter.path()) : List.of(matter), matter,
                        Matter::and));
        return byPlace.values().stream().sorted(Comparator.comparing(Matter::urgency)).toList();
    }

    /** The numbers of the rail: the matters of each station, counted without being read. */
    Waiting waiting(SignedIn person) {
        RunProgress.ToDo toDo = progress.toDo();
        Map<String, Long> byPath = new HashMap<>();
        byPath.put("/runs", person.may(Right.RUNS) ? (long) toDo.waiting() + toDo.drafts() : 0);
        byPath.put("/packing", person.may(Right.PACKING) ? toDo.ready() : 0L);
        byPath.put("/cutting", person.may(Right.CUTTING) ? toDo.toCut() : 0L);
        return new Waiting(byPath, byPath.values().stream().mapToLong(Long::longValue).sum());
    }
}
