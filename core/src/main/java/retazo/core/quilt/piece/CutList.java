package retazo.core.quilt.piece;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import retazo.core.block.shape.CutSize;
import retazo.core.block.spec.UnitPractice;
import retazo.core.cloth.RoleKey;
import retazo.core.measure.Count;
import retazo.core.quilt.place.Place;
import retazo.core.quilt.setting.Use;
import retazo.core.quilt.size.QuiltSize;
import retazo.core.quilt.size.SizeKey;

/**
 * A pattern as a list of what is cut.
 *
 * @param places  labels of blocks with how many each size has
 * @param binding the role of a binding that is worked out from the finished size; empty where lines list it, or there is none
 * @param backing likewise
 */
public record CutList(List<Place> places, List<Line> lines, Optional<RoleKey> binding, Optional<RoleKey> backing) {

    public static final int MOST_LINES = 100;
    public static final int MOST_PLACES = 30;

    public CutList {
        places = List.copyOf(places);
        lines = List.copyOf(lines);
    }

    /**
     * Blocks that are counted together: of one kind, or in one place of the quilt.
     *
     * @param blocks how many each size has
     */
    public record Place(String label, Map<SizeKey, Integer> blocks) {
        public Place {
            blocks = Map.copyOf(blocks);
        }
    }

    /**
     * One line.
     *
     * @param precut the precut that its pieces may come from
     * @param note   for the maker, or empty
     */
    public record Line(RoleKey role, Use use, CutForm form, CutCount count, Optional<PrecutSource> precut, String note) {
    }

    /** Without the counts of other sizes than these. */
    public CutList withSizes(Set<SizeKey> kept) {
        return new CutList(
                places.stream().map(place -> new Place(place.label(), only(place.blocks(), kept))).toList(),
                lines.stream().map(line -> new Line(
                        line.role(), line.use(), line.form(),
                        line.count().match(perBlock -> perBlock, perSize -> new CutCount.PerSize(only(perSize.counts(), kept)),
                                perQuilt -> perQuilt),
                        line.precut(), line.note())).toList(),
                binding, backing);
    }

    private static Map<SizeKey, Integer> only(Map<SizeKey, Integer> counts, Set<SizeKey> kept) {
        return counts.entrySet().stream().filter(count -> kept.contains(count.getKey()))
                .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));
    }

    /** How many blocks a size has under a label; zero if it has none. */
    int blocks(String label, SizeKey size) {
        return places.stream()
                .filter(place -> place.label().equals(label))
                .findFirst()
                .map(place -> place.blocks().getOrDefault(size, 0))
                .orElse(0);
    }

    /** What a size takes, line by line; a line that counts nothing for it is there with none, so that every size names its pieces alike. */
    public List<PieceNeeds.Source> sources(String key, QuiltSize size, UnitPractice practice) {
        List<PieceNeeds.Source> sources = new ArrayList<>();
        for (int i = 0; i < lines.size(); i++) {
            Line line = lines.get(i);
            String lineKey = key + ".line" + (i + 1);
            sources.add(new PieceNeeds.Source(
                    line.role(), line.use(), line.form().shape(new CutForm.Typed(lineKey, practice, setRoles(line))),
                    line.count().total(lineKey, this, size), Optional.empty(), line.precut(), new Count(0)));
        }
        return sources;
    }

    /** How many pieces of a line a size takes. */
    public Count count(int line, QuiltSize size) {
        return lines.get(line).count().total("line" + line, this, size).value();
    }

    /** The cut size of a line's pieces. */
    public CutSize cutSize(int line, UnitPractice practice) {
        return lines.get(line).form().shape(new CutForm.Typed("line" + line, practice, setRoles(lines.get(line)))).cutSize();
    }

    private List<RoleKey> setRoles(Line line) {
        Optional<String> set = line.form().set();
        return lines.stream().filter(other -> set.isPresent() && other.form().set().equals(set)).map(Line::role).distinct().toList();
    }
}
