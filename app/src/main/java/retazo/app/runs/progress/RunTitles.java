package retazo.app.runs.progress;

import static java.util.Objects.requireNonNull;

import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import retazo.app.kits.index.KitIndex;
import retazo.app.kits.index.KitTitle;
import retazo.app.runs.book.Run;
import retazo.app.shared.Words;

/** Says what runs were asked for. */
@Service
public class RunTitles {

    private final KitIndex kits;
    private final Words words;

    RunTitles(KitIndex kits, Words words) {
        this.kits = kits;
        this.words = words;
    }

    /**
     * What a run was asked for, in words.
     *
     * @param asked   how many of each size: {@code Ferry Wake: 6 crib, 4 throw}
     * @param colours the patterns and their colourways
     */
    public record RunTitle(String asked, String colours) {
    }

    public RunTitle of(Run run) {
        return requireNonNull(of(List.of(run)).get(run.id()));
    }

    /** By the id of the run. */
    public Map<Long, RunTitle> of(Collection<Run> runs) {
        Map<Long, KitTitle> titles = kits.titles(
                runs.stream().flatMap(run -> run.asked().stream()).map(Run.Asked::kitId).collect(Collectors.toSet()));
        return runs.stream().collect(Collectors.toMap(Run::id, run -> new RunTitle(
                asked(run, titles),
                kits(run, titles).map(kit -> words.text("run.colours", kit.pattern(), kit.colourway())).distinct()
                        .collect(Collectors.joining(", ")))));
    }

    /** Pattern by pattern, in the order in which they were asked. */
    private String asked(Run run, Map<Long, KitTitle> titles) {
        Map<String, Map<String, Integer>> byPattern = new LinkedHashMap<>();
        run.asked().stream().filter(asked -> asked.quantity() > 0).forEach(asked -> {
            KitTitle title = requireNonNull(titles.get(asked.kitId()));
            byPattern.computeIfAbsent(title.pattern(), pattern -> new LinkedHashMap<>()).merge(title.size(), asked.quantity(),
                    Integer::sum);
        });
        return byPattern.entrySet().stream()
                .map(pattern -> words.text("run.of-pattern", pattern.getKey(), pattern.getValue().entrySet().stream()
                        .map(size -> words.text("run.asked", size.getValue(), size.getKey())).collect(Collectors.joining(", "))))
                .collect(Collectors.joining("; "));
    }

    private static Stream<KitTitle> kits(Run run, Map<Long, KitTitle> titles) {
        return run.asked().stream().filter(asked -> asked.quantity() > 0).map(asked -> requireNonNull(titles.get(asked.kitId())));
    }
}
