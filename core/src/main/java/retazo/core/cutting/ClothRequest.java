package retazo.core.cutting;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import retazo.core.cloth.PrintKind;
import retazo.core.cutting.strip.LeftOver;
import retazo.core.explain.Figure;
import retazo.core.measure.Length;

/**
 * All that is cut from one fabric.
 *
 * @param key         stable start of the keys of the plan's figures
 * @param usableWidth of the cloth
 * @param print       what is printed on it
 * @param squaring    lost once at the end of the cloth
 * @param needs       one or more; long pieces are laid so that the print stays upright
 * @param mostSizes   the most different pieces on one strip, where everything is laid together; empty for any number
 * @param atHand      left-overs of the same cloth, which are taken where that makes the length shorter
 * @param byPaper     whether it is cut by a printed paper, whose strips nobody may have asked for
 */
public record ClothRequest(
        String key, Figure<Length> usableWidth, PrintKind print, Figure<Length> squaring, List<ClothNeed> needs,
        Optional<Integer> mostSizes,
        List<LeftOver> atHand, boolean byPaper) {

    /**
     * @throws IllegalArgumentException if there is nothing to cut
     */
    public ClothRequest {
        needs = needs.stream()
                .flatMap(need -> need.match(
                        Stream::<ClothNeed>of,
                        longPieces -> longPieces.pieces().upright(print, usableWidth.value()).stream().map(ClothNeed.Long::new),
                        Stream::<ClothNeed>of, Stream::<ClothNeed>of))
                .toList();
        atHand = List.copyOf(atHand);
        if (needs.isEmpty()) {
            throw new IllegalArgumentException("'" + key + "' asks for no cloth.");
        }
    }

    /** A cloth of which no left-over is at hand, not cut by a printed paper. */
    public ClothRequest(
            String key, Figure<Length> usableWidth, PrintKind print, Figure<Length> squaring, List<ClothNeed> needs,
            Optional<Integer> mostSizes) {
        this(key, usableWidth, print, squaring, needs, mostSizes, List.of(), false);
    }
}
