package retazo.core.cutting;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import retazo.core.cloth.SellingSteps;
import retazo.core.explain.Arithmetic;
import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;

/**
 * How one fabric is cut, and how much of it that takes.
 *
 * @param lines each size alone, in cutting order: what has to be long first, then the taller strips
 * @param exact the length without margin, squaring included, nothing rounded: what the lines take, or the laid cloth where that is shorter
 * @param laid  everything laid together, where it was
 */
public record ClothPlan(
        Figure<Length> usableWidth, List<ClothLine> lines, Figure<Length> squaring, Figure<Length> exact, Optional<LaidCloth> laid) {

    /** Knife edge: where this much less of usable width costs more cloth, the cutter is warned. */
    public static final Length EDGE = Length.ofInches(1, 2);

    public ClothPlan {
        lines = List.copyOf(lines);
    }

    /** Whether the cloth is cut as it is laid together, since that takes less than each size alone. */
    public boolean isLaidShorter() {
        Length alone = lines.stream().map(line -> line.length().value()).reduce(squaring.value(), Length::plus);
        return laid.stream().anyMatch(cloth -> cloth.length().value().isShorterThan(alone));
    }

    /** How many left-overs of each code the cloth is spared by. */
    public Map<String, Integer> leftOversTaken() {
        Map<String, Integer> taken = new LinkedHashMap<>();
        if (isLaidShorter()) {
            laid.orElseThrow().fromLeftOvers().forEach(cut -> taken.merge(cut.from().code(), 1, Integer::sum));
        }
        return taken;
    }

    /** What would be sold without any margin: a maker then has nothing to spare but the rounding. */
    public Length soldWithoutMargin(SellingSteps steps) {
        return steps.roundedUp(exact.value());
    }

    /** What a worksheet sells: each line and the squaring rounded up to the selling step by itself, and the rounded lengths added. */
    public Figure<Length> roundedParts(SellingSteps steps) {
        String key = exact.key() + ".rounded";
        List<Figure<Length>> parts = new ArrayList<>();
        for (ClothLine line : lines) {
            parts.add(steps.roundedUp(key + (parts.size() + 1), Label.of("cloth.roundedPart"), line.length()));
        }
        if (!squaring.value().isZero()) {
            parts.add(steps.roundedUp(key + (parts.size() + 1), Label.of("cloth.roundedPart"), squaring));
        }
        return Arithmetic.sum(key, Label.of("cloth.roundedParts"), parts);
    }

    /**
     * What somebody should look at, each at the label of its pieces: strip sets whose last segment has no room for squaring the sewn end,
     * and pieces of which nobody said from which strips their paper cuts them.
     */
    public List<Problem> warnings() {
        Stream<Problem> edges = lines.stream()
                .flatMap(line -> line.pieces().stream()
                        .flatMap(pieces -> pieces.leftAfterSet().stream()
                                .filter(left -> left.isShorterThan(EDGE))
                                .map(left -> setEdge(line, pieces, left))));
        return Stream.concat(edges, openStrips().stream().map(label -> Problem.at(label, "cloth.strip-open", label))).toList();
    }

    /** The pieces of which the longer of two ways counts, since nobody said from which strips their paper cuts them. */
    public List<String> openStrips() {
        return lines.stream().filter(ClothLine::isStripOpen).flatMap(line -> line.pieceLabels().stream()).toList();
    }

    private static Problem setEdge(ClothLine line, ClothLine.Pieces pieces, Length left) {
        String label = String.join(", ", line.pieceLabels());
        return Problem.at(label, "cloth.set-edge", label, pieces.perStrip().value().value(), left);
    }
}
