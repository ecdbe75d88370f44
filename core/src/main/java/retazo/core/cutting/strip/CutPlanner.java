package retazo.core.cutting.strip;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import retazo.core.measure.Length;

/**
 * Finds a short plan for a cloth: the least length that it can prove, or the best of several heuristics. Stateless; the same
 * request gives the same plan; steps are limited, not time.
 *
 * <p>Settled strips come first, and what they leave of the width is filled with pieces. The other pieces are laid by
 * {@link StripSearch}. Joined strips fill up last: what the others leave at their ends shortens what they take; or they are
 * settled like the rest, and their own end serves pieces, where that is shorter.
 */
public final class CutPlanner implements CutPlans {

    @Override
    public CutPlan plan(CutRequest request) {
        if (request.joined().isEmpty()) {
            Laying laying = new Laying(request);
            return new CutPlan(merged(laying.strips()), laying.bound());
        }
        Length bound = LengthBound.of(request);
        CutPlan last = new CutPlan(merged(joinedLast(request)), bound);
        if (last.isProved()) {
            return last;
        }
        CutPlan settled = new CutPlan(merged(joinedSettled(request)), bound);
        return settled.length().isShorterThan(last.length()) ? settled : last;
    }

    private static List<CutStrip> joinedLast(CutRequest request) {
        List<CutStrip> strips = laid(request, request.fixed());
        request.joined().stream()
                .sorted(Comparator.comparing(JoinedStrip::height).reversed())
                .forEach(joined -> JoinedStrips.fillUp(strips, joined, request.usableWidth()));
        return strips;
    }

    private static List<CutStrip> joinedSettled(CutRequest request) {
        List<FixedStrip> fixed = new ArrayList<>(request.fixed());
        request.joined().forEach(joined -> fixed.addAll(JoinedStrips.settled(joined, request.usableWidth())));
        return laid(request, fixed);
    }

    private static List<CutStrip> laid(CutRequest request, List<FixedStrip> fixed) {
        CutRequest laid = new CutRequest(request.usableWidth(), request.pieces(), fixed, List.of(), request.mostSizes());
        List<CutStrip> strips = new ArrayList<>(new Laying(laid).strips());
        request.joined().forEach(joined -> strips.replaceAll(strip -> JoinedStrips.renamed(strip, joined.id())));
        return strips;
    }

    /** Strips that are cut alike, together; taller ones first. */
    private static List<CutStrip> merged(List<CutStrip> strips) {
        List<CutStrip> merged = new ArrayList<>();
        for (CutStrip strip : strips) {
            int same = 0;
            while (same < merged.size() && !isAlike(merged.get(same), strip)) {
                same++;
            }
            if (same == merged.size()) {
                merged.add(strip);
            } else {
                merged.set(same, new CutStrip(
                        merged.get(same).times() + strip.times(), strip.height(), strip.pieces(), strip.rests()));
            }
        }
        return merged;
    }

    private static boolean isAlike(CutStrip one, CutStrip other) {
        return one.height().equals(other.height()) && one.pieces().equals(other.pieces());
    }

    /** One request without joined strips. */
    private static final class Laying {

        private final CutRequest request;
        private final Length bound;
        private final List<CutStrip> strips;

        Laying(CutRequest request) {
            this.request = request;
            if (request.pieces().isEmpty()) {
                this.bound = LengthBound.of(request);
                this.strips = request.fixed().stream().map(strip -> StripAssembly.settled(strip, request.usableWidth())).toList();
            } else {
                StripRelaxation relaxation = StripRelaxation.of(request);
                this.bound = LengthBound.of(request, relaxation);
                this.strips = new ArrayList<>();
                lay(relaxation);
            }
        }

        /** What no plan for the request is shorter than. */
        Length bound() {
            return bound;
        }

        List<CutStrip> strips() {
            return strips;
        }

        private void lay(StripRelaxation relaxation) {
            StripCells cells = relaxation.cells();
            int[] left = cells.counts();
            layBeside(cells, relaxation, left);
            StripAssembly assembly = new StripAssembly(cells, request.usableWidth());
            new StripSearch(cells, relaxation.pool(), request.mostSizes()).shortest(left, boundOf(cells, left)).stream()
                    .sorted(Comparator.comparing((StripSearch.Cut cut) -> cut.strip().height()).reversed())
                    .forEach(cut -> strips.add(assembly.strip(cut)));
        }

        /** In cells, for the pieces that are left to be laid on strips of their own. */
        private long boundOf(StripCells cells, int[] left) {
            Length least = request.fixed().isEmpty()
                    ? bound
                    : LengthBound.of(CutRequest.of(request.usableWidth(), IntStream
                            .range(0, left.length)
                            .filter(piece -> left[piece] > 0)
                            .mapToObj(piece -> cells.piece(piece).times(left[piece]))
                            .toList()));
            return least.ticks() / cells.along(1).ticks();
        }

        /** Fills what settled strips leave of the width with pieces that are dear. */
        private void layBeside(StripCells cells, StripRelaxation relaxation, int[] left) {
            long[] prices = relaxation.prices();
            relaxation.tables().fillRows(prices);
            StripBuilder builder = new StripBuilder(cells, relaxation.tables(), prices, request.mostSizes());
            StripAssembly assembly = new StripAssembly(cells, request.usableWidth());
            request.fixed().stream()
                    .flatMap(strip -> Stream.generate(() -> strip).limit(strip.count()))
                    .forEach(strip -> strips.add(assembly.beside(
                            strip,
                            beside(builder, cells, cells.wholeBeside(strip.width()), cells.wholeAlong(strip.height()), left, prices))));
        }

        /** Strips one below the other, the dearest for its height first. */
        private static List<StripPattern> beside(
                StripBuilder builder, StripCells cells, int across, int along, int[] left, long[] prices) {
            List<StripPattern> levels = new ArrayList<>();
            int room = along;
            Optional<StripPattern> next = densest(builder, cells, across, room, left, prices);
            while (next.isPresent()) {
                StripPattern level = next.get();
                for (int piece = 0; piece < left.length; piece++) {
                    left[piece] -= level.count(piece);
                }
                levels.add(level);
                room -= cells.heights()[level.height()];
                next = densest(builder, cells, across, room, left, prices);
            }
            return levels;
        }

        private static Optional<StripPattern> densest(
                StripBuilder builder, StripCells cells, int across, int room, int[] left, long[] prices) {
            StripPattern best = null;
            double density = 0;
            for (int height = 0; height < cells.heights().length && cells.heights()[height] <= room && across > 0; height++) {
                StripPattern level = builder.strip(height, across, left, true);
                double worth = (double) level.value(prices) / cells.heights()[height];
                if (!level.isEmpty() && (best == null || worth > density)) {
                    best = level;
                    density = worth;
                }
            }
            return Optional.ofNullable(best);
        }
    }
}
