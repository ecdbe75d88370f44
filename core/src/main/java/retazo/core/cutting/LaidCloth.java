package retazo.core.cutting;

import java.math.BigInteger;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import retazo.core.explain.Figure;
import retazo.core.measure.Count;
import retazo.core.measure.Length;
import retazo.core.measure.Percent;

/**
 * A cloth with everything laid on it together.
 *
 * @param request what was laid
 * @param parts  what its rectangles are
 * @param strips in cutting order
 * @param length of all strips and squaring
 * @param bound  no plan of this kind is shorter, squaring included
 */
public record LaidCloth(CutRequest request, List<ClothPart> parts, List<Strip> strips, Figure<Length> length, Length bound) {

    /**
     * Strips that are cut alike.
     *
     * @param length of all of them along the cloth
     */
    public record Strip(CutStrip cut, Figure<Count> times, Figure<Length> height, Figure<Length> length) {
    }

    public LaidCloth {
        parts = List.copyOf(parts);
        strips = List.copyOf(strips);
    }

    /** Whether no plan of this kind can be shorter. */
    public boolean isProved() {
        return !length.value().isLongerThan(bound);
    }

    /** How much of the cloth becomes pieces, rounded down to whole percents. */
    public Percent used(Length usableWidth) {
        BigInteger used = strips.stream()
                .flatMap(strip -> strip.cut().pieces().stream().map(piece -> area(piece.width(), piece.height()).multiply(BigInteger.valueOf(strip.cut().times()))))
                .reduce(BigInteger.ZERO, BigInteger::add);
        return Percent.of(used.multiply(BigInteger.valueOf(100)).divide(area(usableWidth, length.value())).intValueExact());
    }

    private static BigInteger area(Length width, Length height) {
        return BigInteger.valueOf(width.ticks()).multiply(BigInteger.valueOf(height.ticks()));
    }

    public ClothPart part(String id) {
        return parts.stream().filter(part -> part.id().equals(id)).findFirst()
                .orElseThrow(() -> new IllegalArgumentException("Nothing on this cloth is called '" + id + "'."));
    }

    /** What one strip gives, by part, in the order in which they lie. */
    public Map<ClothPart, Integer> partsOf(Strip strip) {
        Map<ClothPart, Integer> parts = new LinkedHashMap<>();
        strip.cut().counts().forEach((id, count) -> parts.put(part(id), count));
        return parts;
    }
}
