package retazo.core.cutting.strip;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import retazo.core.cutting.strip.CutStrip.PlacedPiece;
import retazo.core.measure.Length;

/**
 * Ways to cut pieces of a request from one left-over, each with what is still to be laid on the cloth then.
 *
 * <p>For every piece that fits, as many of it side by side as there are room and need; what lies beside and below is filled with
 * the others, the largest first, so that every way can be cut apart from edge to edge. For k kinds there are up to 2k ways.
 */
public final class LeftOverCuts {

    /** Pieces cut from a left-over, and the request without them. */
    public record Way(LeftOver.Cut cut, CutRequest rest) {
    }

    /** Something that may come from a left-over, as it would lie on it. */
    private record Item(String id, Length width, Length height, boolean turned) {
        boolean fits(Length roomWidth, Length roomHeight) {
            return !width.isLongerThan(roomWidth) && !height.isLongerThan(roomHeight);
        }
    }

    private final CutRequest request;
    private final LeftOver leftOver;
    private final List<Item> items;

    private LeftOverCuts(CutRequest request, LeftOver leftOver) {
        this.request = request;
        this.leftOver = leftOver;
        List<Item> all = new ArrayList<>();
        request.pieces().forEach(piece -> {
            all.add(new Item(piece.id(), piece.width(), piece.height(), false));
            if (piece.mayTurn()) {
                all.add(new Item(piece.id(), piece.height(), piece.width(), true));
            }
        });
        request.fixed().forEach(strip -> all.add(new Item(strip.id(), strip.width(), strip.height(), false)));
        all.sort(Comparator.comparing((Item item) -> item.width().ticks() / 1_000 * (item.height().ticks() / 1_000)).reversed());
        this.items = List.copyOf(all);
    }

    /** All ways, none of them empty; the left-over may lie turned where the cloth may. */
    public static List<Way> ways(CutRequest request, LeftOver leftOver, boolean mayTurn) {
        Set<Way> ways = new LinkedHashSet<>(new LeftOverCuts(request, leftOver).ways());
        if (mayTurn) {
            ways.addAll(new LeftOverCuts(request, leftOver.turned()).ways());
        }
        return List.copyOf(ways);
    }

    private List<Way> ways() {
        List<Way> ways = new ArrayList<>();
        for (Item first : items) {
            if (first.fits(leftOver.width(), leftOver.height())) {
                ways.add(new Filling().filled(first));
            }
        }
        request.joined().stream()
                .filter(strip -> !strip.height().isLongerThan(leftOver.height())
                        && JoinedStrips.isWorthAJoin(leftOver.width(), request.usableWidth()))
                .forEach(strip -> ways.add(new Filling().joinedFirst(strip)));
        return ways;
    }

    /** One left-over as it fills. */
    private final class Filling {

        private final Map<String, Integer> open = new HashMap<>();
        private final Map<String, Length> openLength = new HashMap<>();
        private final List<PlacedPiece> placed = new ArrayList<>();

        Filling() {
            request.pieces().forEach(piece -> open.put(piece.id(), piece.count()));
            request.fixed().forEach(strip -> open.put(strip.id(), strip.count()));
            request.joined().forEach(strip -> openLength.put(strip.id(), strip.length().minus(strip.join())));
        }

        Way filled(Item first) {
            block(first, Length.ZERO, Length.ZERO, leftOver.width(), leftOver.height());
            return way();
        }

        Way joinedFirst(JoinedStrip strip) {
            Length below = parts(strip, Length.ZERO, Length.ZERO, leftOver.width(), leftOver.height());
            fill(Length.ZERO, below, leftOver.width(), leftOver.height().minus(below));
            return way();
        }

        private Way way() {
            return new Way(new LeftOver.Cut(new LeftOver(leftOver.code(), leftOver.width(), leftOver.height(), 1), placed), rest());
        }

        private void fill(Length x, Length y, Length width, Length height) {
            for (Item item : items) {
                if (requireNonNull(open.get(item.id())) > 0 && item.fits(width, height)) {
                    block(item, x, y, width, height);
                    return;
                }
            }
            for (JoinedStrip strip : request.joined()) {
                if (!strip.height().isLongerThan(height) && JoinedStrips.isWorthAJoin(width, request.usableWidth())) {
                    parts(strip, x, y, width, height);
                }
            }
        }

        /** As many rows as there are room and need, then what lies beside and below. */
        private void block(Item item, Length x, Length y, Length width, Length height) {
            long across = Math.min(width.wholeTimes(item.width()).value(), requireNonNull(open.get(item.id())));
            long rows = Math.min(height.wholeTimes(item.height()).value(), open.get(item.id()) / across);
            for (long row = 0; row < rows; row++) {
                for (long column = 0; column < across; column++) {
                    placed.add(new PlacedPiece(
                            item.id(), x.plus(item.width().times(column)), y.plus(item.height().times(row)), item.width(), item.height(),
                            item.turned()));
                }
            }
            open.merge(item.id(), (int) -(across * rows), Integer::sum);
            Length taken = item.width().times(across);
            Length down = item.height().times(rows);
            if (taken.isShorterThan(width)) {
                fill(x.plus(taken), y, width.minus(taken), down);
            }
            if (down.isShorterThan(height)) {
                fill(x, y.plus(down), width, height.minus(down));
            }
        }

        /** Parts of a joined strip, one below the other, as far as they are needed; gives how far down they reach. */
        private Length parts(JoinedStrip strip, Length x, Length y, Length width, Length height) {
            Length down = Length.ZERO;
            while (requireNonNull(openLength.get(strip.id())).isPositive() && !down.plus(strip.height()).isLongerThan(height)) {
                Length needed = openLength.get(strip.id()).plus(strip.join());
                Length part = needed.isShorterThan(width) ? needed : width;
                placed.add(new PlacedPiece(strip.id(), x, y.plus(down), part, strip.height(), false));
                openLength.put(strip.id(), openLength.get(strip.id()).minus(part.minus(strip.join())));
                down = down.plus(strip.height());
            }
            return down;
        }

        private CutRequest rest() {
            return new CutRequest(
                    request.usableWidth(),
                    request.pieces().stream().filter(piece -> requireNonNull(open.get(piece.id())) > 0)
                            .map(piece -> piece.times(requireNonNull(open.get(piece.id()))))
                            .toList(),
                    request.fixed().stream().filter(strip -> requireNonNull(open.get(strip.id())) > 0)
                            .map(strip -> new FixedStrip(strip.id(), strip.width(), strip.height(), requireNonNull(open.get(strip.id()))))
                            .toList(),
                    request.joined().stream().filter(strip -> requireNonNull(openLength.get(strip.id())).isPositive())
                            .map(strip -> new JoinedStrip(strip.id(), strip.height(),
                                    requireNonNull(openLength.get(strip.id())).plus(strip.join()),
                                    strip.join()))
                            .toList(),
                    request.mostSizes());
        }
    }
}
