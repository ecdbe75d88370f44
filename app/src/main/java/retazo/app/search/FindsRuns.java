package retazo.app.search;

import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import retazo.app.runs.book.Run;
import retazo.app.runs.book.RunBook;
import retazo.app.shared.Words;
import retazo.app.staff.Right;

/** A run by its number. */
@Component
@Order(2)
class FindsRuns implements Finds {

    private static final Pattern NUMBER = Pattern.compile("(?:run\\s*)?(\\d{1,9})");

    private final RunBook runs;
    private final Words words;

    FindsRuns(RunBook runs, Words words) {
        this.runs = runs;
        this.words = words;
    }

    @Override
    public Right right() {
        return Right.RUNS;
    }

    @Override
    public Hits find(String typed) {
        Matcher number = NUMBER.matcher(typed.strip().toLowerCase(Locale.ROOT));
        List<Run> found = number.matches()
                ? List.copyOf(runs.byIds(Set.of(Long.parseLong(number.group(1)))).values())
                : List.of();
        return new Hits("runs", found.stream().map(run -> new Hit(
                words.text("runs.list.run", run.id()), words.text("run.state." + run.state()), "/runs/" + run.id())).toList(), "");
    }
}
