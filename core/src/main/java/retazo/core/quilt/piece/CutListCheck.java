package retazo.core.quilt.piece;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;
import retazo.core.quilt.size.QuiltSize;
import retazo.core.quilt.size.SizeKey;

/** What keeps entered lines from being a cut list; places are {@code places.0} and {@code lines.0.piece}. */
public record CutListCheck(CutList list, List<QuiltSize> sizes) {

    public List<Problem> problems() {
        List<Problem> problems = new ArrayList<>();
        if (list.lines().isEmpty() || list.lines().size() > CutList.MOST_LINES) {
            problems.add(Problem.at("lines", "cutList.lines", list.lines().size(), CutList.MOST_LINES));
        }
        if (list.places().size() > CutList.MOST_PLACES) {
            problems.add(Problem.at("places", "cutList.places", list.places().size(), CutList.MOST_PLACES));
        }
        Set<SizeKey> keys = sizes.stream().map(QuiltSize::key).collect(Collectors.toSet());
        Set<String> labels = new HashSet<>();
        for (int i = 0; i < list.places().size(); i++) {
            CutList.Place place = list.places().get(i);
            if (place.label().isBlank() || !labels.add(place.label())) {
                problems.add(Problem.at("places." + i, "cutList.place-label", place.label()));
            }
            problems.addAll(countProblems("places." + i, place.blocks().values(), place.blocks().keySet(), keys).toList());
        }
        Map<String, Length> segments = new HashMap<>();
        for (int i = 0; i < list.lines().size(); i++) {
            lineProblems("lines." + i, list.lines().get(i), labels, keys, problems);
            segmentProblem("lines." + i, list.lines().get(i), segments, problems);
        }
        return problems;
    }

    /**
     * What is odd about strip sets, which is no reason not to read a list but to ask whoever types it: every strip of a set is in each of
     * its segments, so all its lines count the same; and a set of one strip is sewn of nothing. "3 strips sewn together, 24 segments"
     * typed as one line of 72 comes out short of a set.
     */
    public List<Problem> setProblems() {
        List<Problem> problems = new ArrayList<>();
        Map<String, Integer> first = new LinkedHashMap<>();
        Map<String, Integer> strips = new HashMap<>();
        for (int i = 0; i < list.lines().size(); i++) {
            int line = i;
            if (list.lines().get(i).form() instanceof CutForm.SetStrip set) {
                strips.merge(set.setLabel(), set.strips(), Integer::sum);
                int before = first.getOrDefault(set.setLabel(), line);
                sizes.stream().filter(size -> !list.count(before, size).equals(list.count(line, size))).findFirst()
                        .ifPresent(size -> problems.add(Problem.at(
                                "lines." + line + ".piece", "cutList.set-counts-differ", set.setLabel(), list.count(before, size).value(),
                                list.count(line, size).value(), size.name())));
                first.putIfAbsent(set.setLabel(), line);
            }
        }
        first.forEach((set, line) -> {
            if (strips.getOrDefault(set, 0) == 1) {
                problems.add(Problem.at("lines." + line + ".piece", "cutList.set-of-one", set));
            }
        });
        return problems;
    }

    private static void lineProblems(String at, CutList.Line line, Set<String> labels, Set<SizeKey> keys, List<Problem> problems) {
        for (Length size : line.form().sizes()) {
            if (!size.isPositive() || size.isLongerThan(CutForm.LARGEST)) {
                problems.add(Problem.at(at + ".piece", "cutList.size", size, CutForm.LARGEST));
            }
        }
        problems.addAll(line.count().match(
                perBlock -> Stream.concat(
                        labels.contains(perBlock.place())
                                ? Stream.empty()
                                : Stream.of(Problem.at(at + ".per", "cutList.unknown-place", perBlock.place())),
                        countProblems(at + ".each", List.of(perBlock.each()), Set.of(), keys)),
                perSize -> countProblems(at + ".counts", perSize.counts().values(), perSize.counts().keySet(), keys),
                perQuilt -> countProblems(at + ".each", List.of(perQuilt.count()), Set.of(), keys)).toList());
        line.precut().filter(precut -> precut.perSheet() < 1 || precut.perSheet() > PrecutSource.MOST_PER_SHEET)
                .ifPresent(precut -> problems.add(
                        Problem.at(at + ".precut", "cutList.per-sheet", precut.perSheet(), PrecutSource.MOST_PER_SHEET)));
    }

    private static Stream<Problem> countProblems(String at, Collection<Integer> counts, Set<SizeKey> used, Set<SizeKey> known) {
        return Stream.concat(
                counts.stream().filter(count -> count < 0 || count > CutCount.MOST).limit(1)
                        .map(count -> Problem.at(at, "cutList.count-limits", count, CutCount.MOST)),
                used.stream().filter(key -> !known.contains(key)).limit(1).map(key -> Problem.at(at, "size.unknown", key.value())));
    }

    /** All strips of a set are cut into segments of one length. */
    private static void segmentProblem(String at, CutList.Line line, Map<String, Length> segments, List<Problem> problems) {
        line.form().set().ifPresent(set -> {
            Length segment = line.form().sizes().get(1);
            Length first = segments.putIfAbsent(set, segment);
            if (first != null && !first.equals(segment)) {
                problems.add(Problem.at(at + ".piece", "cutList.segments-differ", set, first, segment));
            }
        });
    }
}
