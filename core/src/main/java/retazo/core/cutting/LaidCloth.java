package retazo.core.cutting;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import retazo.core.cutting.strip.CutPlan;
import retazo.core.cutting.strip.CutRequest;
import retazo.core.cutting.strip.CutStrip;
import retazo.core.cutting.strip.LeftOver;
import retazo.core.explain.Arithmetic;
import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.explain.Origin;
import retazo.core.measure.Count;
import retazo.core.measure.Length;
import retazo.core.measure.Percent;
import retazo.core.quilt.setting.Use;

/**
 * A cloth with everything laid on it together.
 *
 * @param request what was laid
 * @param parts  what its rectangles are
 * @param fromLeftOvers what comes from left-overs and is not on the cloth
 * @param strips in cutting order; none where left-overs give everything
 * @param length of all strips and squaring
 * @param bound  no plan of this kind is shorter, squaring included
 */
public record LaidCloth(
        CutRequest request, List<ClothPart> parts, List<LeftOver.Cut> fromLeftOvers, List<Strip> strips, Figure<Length> length,
        Length bound) {

    /** A size of rest, and how many of it one kit leaves. */
    public record Rests(Length width, Length height, int count) {
    }

    /**
     * Strips that are cut alike.
     *
     * @param length of all of them along the cloth
     */
    public record Strip(CutStrip cut, Figure<Count> times, Figure<Length> height, Figure<Length> length) {
    }

    public LaidCloth {
        parts = List.copyOf(parts);
        fromLeftOvers = List.copyOf(fromLeftOvers);
        strips = List.copyOf(strips);
    }

    /**
     * A plan with its figures.
     *
     * @param key      start of their keys
     * @param squaring lost once, where anything is cut
     */
    static LaidCloth of(
            String key, CutRequest request, List<ClothPart> parts, List<LeftOver.Cut> fromLeftOvers, CutPlan plan,
            Figure<Length> squaring) {
        List<Strip> strips = new ArrayList<>();
        for (CutStrip cut : plan.strips()) {
            String of = key + ".strip" + (strips.size() + 1);
            Figure<Count> times = Figure.given(of, Label.of("cloth.laidStrips"), new Count(cut.times()), Origin.craft("laid-together"));
            Figure<Length> height = Figure.given(of + ".height", Label.of("cloth.laidHeight"), cut.height(), Origin.craft("tallest-piece"));
            strips.add(new Strip(cut, times, height, Arithmetic.product(of + ".length", Label.of("cloth.laidLength"), times, height)));
        }
        if (strips.isEmpty()) {
            Figure<Length> none = Figure.given(key + ".together", Label.of("cloth.nothingOnIt"), Length.ZERO,
                    Origin.craft("from-left-overs"));
            return new LaidCloth(request, parts, fromLeftOvers, strips, none, Length.ZERO);
        }
        List<Figure<Length>> lengths = new ArrayList<>(strips.stream().map(Strip::length).toList());
        if (!squaring.value().isZero()) {
            lengths.add(squaring);
        }
        return new LaidCloth(
                request, parts, fromLeftOvers, strips, Arithmetic.sum(key + ".together", Label.of("cloth.together"), lengths),
                plan.bound().plus(squaring.value()));
    }

    /** Whether no plan of this kind can be shorter. */
    public boolean isProved() {
        return !length.value().isLongerThan(bound);
    }

    /** Whether another cloth is cut by the same strips into the same pieces, so that both can lie in one stack. */
    public boolean isCutLike(LaidCloth other) {
        return cuts().equals(other.cuts());
    }

    private List<List<Object>> cuts() {
        return strips.stream()
                .<List<Object>>map(strip -> List.of(
                        strip.cut().times(), strip.cut().height(),
                        strip.cut().pieces().stream().map(piece -> List.of(piece.x(), piece.y(), piece.width(), piece.height())).toList()))
                .toList();
    }

    /** How much of the cloth becomes pieces, rounded down to whole percents; none where no cloth is cut. */
    public Percent used(Length usableWidth) {
        if (strips.isEmpty()) {
            return Percent.of(0);
        }
        BigInteger used = strips.stream()
                .flatMap(strip -> strip.cut().pieces().stream()
                        .map(piece -> area(piece.width(), piece.height()).multiply(BigInteger.valueOf(strip.cut().times()))))
                .reduce(BigInteger.ZERO, BigInteger::add);
        return Percent.of(used.multiply(BigInteger.valueOf(100)).divide(area(usableWidth, length.value())).intValueExact());
    }

    /** What is left that is worth naming, by size, the largest first. */
    public List<Rests> rests() {
        Map<CutStrip.Rest, Integer> counts = new LinkedHashMap<>();
        strips.forEach(strip -> strip.cut().rests().stream()
                .filter(RestUse::isWorthNaming)
                .map(rest -> new CutStrip.Rest(Length.ZERO, Length.ZERO, rest.width(), rest.height()))
                .forEach(size -> counts.merge(size, strip.cut().times(), Integer::sum)));
        return counts.entrySet().stream()
                .map(size -> new Rests(size.getKey().width(), size.getKey().height(), size.getValue()))
                .sorted(Comparator.comparing((Rests rests) -> area(rests.width(), rests.height())).reversed())
                .toList();
    }

    private static BigInteger area(Length width, Length height) {
        return BigInteger.valueOf(width.ticks()).multiply(BigInteger.valueOf(height.ticks()));
    }

    /** Whether borders or other long strips lie along the cloth. */
    public boolean hasLongStretch() {
        return parts.stream().anyMatch(part -> part.whole() && part.shape().isEmpty()
                && part.uses().stream().anyMatch(use -> use.place() != Use.Place.BACKING && use.place() != Use.Place.BINDING));
    }

    public ClothPart part(String id) {
        return parts.stream().filter(part -> part.id().equals(id)).findFirst()
                .orElseThrow(() -> new IllegalArgumentException("Nothing on this cloth is called '" + id + "'."));
    }

    /** What the left-overs give that it takes, by part. */
    public Map<ClothPart, Integer> partsFromLeftOvers() {
        Map<ClothPart, Integer> parts = new LinkedHashMap<>();
        fromLeftOvers.forEach(cut -> cut.pieces().forEach(piece -> parts.merge(part(piece.id()), 1, Integer::sum)));
        return parts;
    }

    /** What one strip gives, by part, in the order in which they lie. */
    public Map<ClothPart, Integer> partsOf(Strip strip) {
        Map<ClothPart, Integer> parts = new LinkedHashMap<>();
        strip.cut().counts().forEach((id, count) -> parts.put(part(id), count));
        return parts;
    }

    /** Two strips as one step where they are cut alike: of one height, with as many pieces of every label. */
    public Optional<Strip> asOne(Strip one, Strip other) {
        boolean alike = one.height().value().equals(other.height().value()) && labels(one).equals(labels(other));
        CutStrip cut = one.cut();
        return alike
                ? Optional.of(new Strip(
                        new CutStrip(cut.times() + other.cut().times(), cut.height(), cut.pieces(), cut.rests()),
                        Arithmetic.sumOfCounts(one.times().key(), one.times().label(), List.of(one.times(), other.times())),
                        one.height(), Arithmetic.sum(one.length().key(), one.length().label(), List.of(one.length(), other.length()))))
                : Optional.empty();
    }

    /** How many pieces of each label a strip has; long strips and panels, which have none, are told apart. */
    private Map<List<String>, Integer> labels(Strip strip) {
        Map<List<String>, Integer> labels = new HashMap<>();
        partsOf(strip)
                .forEach((part, count) -> labels.merge(part.labels().isEmpty() ? List.of(part.id()) : part.labels(), count, Integer::sum));
        return labels;
    }
}
