package retazo.app.today;

import java.util.List;
import java.util.function.BooleanSupplier;
import java.util.stream.IntStream;
import org.springframework.stereotype.Component;
import retazo.app.fabrics.FabricService;
import retazo.app.kits.index.KitIndex;
import retazo.app.patterns.PatternSearch;
import retazo.app.patterns.PatternService;
import retazo.app.runs.book.RunBook;
import retazo.app.shared.Words;
import retazo.app.staff.Right;
import retazo.app.staff.SignedIn;
import retazo.app.stock.find.BoltSearch;

/** What a shop that never made a run does first, in order, with what of it is done. */
@Component
class FirstDay {

    private final RunBook runs;
    private final List<Known> known;
    private final Words words;

    FirstDay(FabricService fabrics, BoltSearch bolts, PatternService patterns, KitIndex kits, RunBook runs, Words words) {
        this.runs = runs;
        this.words = words;
        this.known = List.of(
                new Known("fabrics", "/stock/lists", Right.FABRICS, () -> !fabrics.first("", 1).isEmpty()),
                new Known("bolts", "/stock/lists", Right.RECEIVE, bolts::any),
                new Known(
                        "pattern", "/patterns", Right.PATTERNS,
                        () -> !patterns.page(PatternSearch.byName(""), 0, 1).patterns().isEmpty()),
                new Known("kit", "/kits/new", Right.KITS, () -> kits.find("", 0, 1).hasContent()),
                new Known("run", "/runs/new", Right.RUNS, () -> runs.page(0, 1).hasContent()));
    }

    private record Known(String code, String path, Right right, BooleanSupplier done) {
    }

    /**
     * A step of the day.
     *
     * @param next whether it is the first that is not done
     */
    record Step(String what, String why, String path, String action, boolean done, boolean next) {
    }

    /** The steps that a person may do; none once there is a run, or for somebody who may do none. */
    List<Step> steps(SignedIn person) {
        if (runs.page(0, 1).hasContent()) {
            return List.of();
        }
        List<Known> theirs = known.stream().filter(step -> person.may(step.right())).toList();
        List<Boolean> done = theirs.stream().map(step -> step.done().getAsBoolean()).toList();
        int next = done.indexOf(false);
        return IntStream.range(0, theirs.size()).mapToObj(i -> {
            String code = "today.first." + theirs.get(i).code();
            return new Step(
                    words.text(code), words.text(code + ".why"), theirs.get(i).path(), words.text(code + ".do"), done.get(i), i == next);
        }).toList();
    }
}
