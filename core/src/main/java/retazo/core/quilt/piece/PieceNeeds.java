package retazo.core.quilt.piece;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import retazo.core.block.shape.CutPiece;
import retazo.core.block.shape.CutSize;
import retazo.core.block.shape.PieceShape;
import retazo.core.cloth.Role;
import retazo.core.cloth.RoleKey;
import retazo.core.explain.Arithmetic;
import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.measure.Count;
import retazo.core.quilt.setting.Use;

/**
 * Puts pieces of one role, use and cut size together, larger ones first, and gives each its label; those of which none is cut keep
 * their number free.
 */
public final class PieceNeeds {

    private static final Count NONE = new Count(0);

    /** Pieces from one entry: a unit of the drawing, or a line of the cut list. */
    public record Source(
            RoleKey role, Use use, PieceShape shape, Figure<Count> count, Optional<PieceNeed.PieceUse> unit,
            Optional<PrecutSource> precut, Count turned) {

        /**
         * Pieces that belong to the setting or to a border.
         *
         * @param turned whether their width runs up the quilt
         */
        public static Source ofSetting(CutPiece piece, Use use, boolean turned) {
            return new Source(
                    piece.role(), use, piece.shape(), piece.count(), Optional.empty(), Optional.empty(),
                    turned ? piece.count().value() : NONE);
        }

        public static Source drawn(CutPiece piece, PieceNeed.PieceUse use) {
            return new Source(piece.role(), Use.BLOCKS, piece.shape(), piece.count(), Optional.of(use), Optional.empty(),
                    use.turnedPieces());
        }
    }

    private record Alike(Use use, CutSize size, Optional<PrecutSource> precut) {
    }

    private PieceNeeds() {
    }

    public static List<PieceNeed> of(String key, List<Role> roles, List<Source> sources) {
        Comparator<Source> largestFirst = Comparator.comparing(source -> source.shape().cutSize(), CutSize.LARGEST_FIRST);
        List<PieceNeed> needs = new ArrayList<>();
        for (Role role : roles) {
            Map<Alike, List<Source>> alike = new LinkedHashMap<>();
            sources.stream()
                    .filter(source -> source.role().equals(role.key()))
                    .sorted(largestFirst)
                    .forEach(source -> alike.computeIfAbsent(
                            new Alike(source.use(), source.shape().cutSize(), source.precut()), size -> new ArrayList<>())
                            .add(source));
            int number = 0;
            for (List<Source> equal : alike.values()) {
                number++;
                List<Source> cut = equal.stream().filter(source -> source.count().value().value() > 0).toList();
                if (!cut.isEmpty()) {
                    needs.add(need(key, role, number, cut));
                }
            }
        }
        return needs;
    }

    private static PieceNeed need(String key, Role role, int number, List<Source> equal) {
        String label = role.letter() + number;
        Source first = equal.get(0);
        List<Figure<Count>> counts = equal.stream().map(Source::count).toList();
        String countKey = key + "." + role.key() + "." + number + ".count";
        Figure<Count> count = counts.size() == 1
                ? counts.get(0).named(countKey, Label.of("piece.count", label))
                : Arithmetic.sumOfCounts(countKey, Label.of("piece.count", label), counts);
        PieceShape shape = equal.stream().map(Source::shape).filter(PieceShape::isEitherWay).findFirst().orElse(first.shape());
        return new PieceNeed(
                label, role.key(), first.use(), shape, count,
                equal.stream().flatMap(source -> source.unit().stream()).toList(), first.precut(),
                equal.stream().map(Source::turned).reduce(NONE, Count::plus));
    }
}
