package retazo.core.precut;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import retazo.core.cutting.strip.CutStrip;
import retazo.core.cutting.strip.CutStrip.PlacedPiece;
import retazo.core.cutting.strip.LaidPiece;
import retazo.core.measure.Length;

/**
 * All that straight cuts from edge to edge can get from one sheet, exactly.
 *
 * <p>For every collection of pieces the least rectangles it can be cut from: two collections side by side or one above the other
 * give the next (the cuts in reverse), and a rectangle that another one fits into is dropped. A collection is a count for each kind; the
 * work grows with the ways to part all collections in two, and counts are lowered until these are within a limit.
 */
final class SheetCuts {

    /** Ways to part a collection in two that are looked at where whole sets are wanted, and where any pieces are. */
    private static final long MOST_PARTINGS = 1_000_000;
    private static final long MOST_PARTINGS_OF_ANY = 30_000;

    private final SheetRequest request;
    private final long unitAcross;
    private final long unitDown;
    private final int width;
    private final int height;
    private final int[] most;
    private final int[] stride;
    private final List<LeastBoxes> boxes = new ArrayList<>();

    /** @param sets how many sets to look for at most, 1 or more */
    SheetCuts(SheetRequest request, int sets) {
        this(request, request.set().stream().mapToInt(piece -> piece.count() * sets).toArray());
    }

    /** @param most how many of each kind to look for at most */
    SheetCuts(SheetRequest request, int[] most) {
        this.request = request;
        this.most = most.clone();
        this.unitAcross = unit(request, true);
        this.unitDown = unit(request, false);
        this.width = (int) (request.width().ticks() / unitAcross);
        this.height = (int) (request.height().ticks() / unitDown);
        int kinds = request.set().size();
        this.stride = new int[kinds];
        int collections = 1;
        for (int kind = 0; kind < kinds; kind++) {
            stride[kind] = collections;
            collections = Math.multiplyExact(collections, most[kind] + 1);
        }
        for (int i = 0; i < collections; i++) {
            boxes.add(new LeastBoxes());
        }
        for (int kind = 0; kind < kinds; kind++) {
            single(kind);
        }
        combine(collections);
    }

    /** How many sets a sheet has area for. */
    static int setsByArea(SheetRequest request) {
        return Math.toIntExact(area(request.width(), request.height())
                / Math.max(1, request.set().stream().mapToLong(piece -> piece.count() * area(piece.width(), piece.height())).sum()));
    }

    /** How many sets can be looked for within the limit of work. */
    static int mostSets(SheetRequest request) {
        int sets = Math.min(setsByArea(request), 1_000);
        while (sets > 1 && partings(atMost(request, sets)) > MOST_PARTINGS) {
            sets--;
        }
        return sets;
    }

    private static int[] atMost(SheetRequest request, int sets) {
        return request.set().stream().mapToInt(piece -> piece.count() * sets).toArray();
    }

    /** How many of each kind are looked for, none more often than asked or than a sheet has area for, within the limit of work. */
    static int[] mostOfEach(SheetRequest request) {
        int[] most = byArea(request);
        while (partings(most) > MOST_PARTINGS_OF_ANY) {
            int largest = IntStream.range(0, most.length).boxed().max(Comparator.comparing(kind -> most[kind])).orElseThrow();
            most[largest]--;
        }
        return most;
    }

    /** Whether the limit of work keeps some that a sheet may give from being looked for. */
    static boolean isLimited(SheetRequest request) {
        return partings(byArea(request)) > MOST_PARTINGS_OF_ANY;
    }

    private static int[] byArea(SheetRequest request) {
        long sheet = area(request.width(), request.height());
        return request.set().stream()
                .mapToInt(piece -> (int) Math.min(piece.count(), sheet / Math.max(1, area(piece.width(), piece.height())))).toArray();
    }

    /** In square 64ths of an inch, rounded down. */
    private static long area(Length one, Length other) {
        long unit = Length.TICKS_PER_INCH / 64;
        return (one.ticks() / unit) * (other.ticks() / unit);
    }

    /** Of each kind a collection has 0 to m, and a part of it 0 to that: (m + 1)(m + 2) ÷ 2 ways, for all kinds multiplied. */
    private static long partings(int[] most) {
        double partings = 1;
        for (int count : most) {
            partings *= (count + 1.0) * (count + 2.0) / 2;
        }
        return (long) Math.min(Long.MAX_VALUE / 2, partings);
    }

    private static long unit(SheetRequest request, boolean across) {
        return request.set().stream()
                .flatMap(piece -> piece.mayTurn()
                        ? Stream.of(piece.width(), piece.height())
                        : Stream.of(across ? piece.width() : piece.height()))
                .mapToLong(Length::ticks)
                .reduce(0, SheetCuts::greatestCommonDivisor);
    }

    private static long greatestCommonDivisor(long one, long other) {
        return other == 0 ? one : greatestCommonDivisor(other, one % other);
    }

    private void single(int kind) {
        if (most[kind] == 0) {
            return;
        }
        LaidPiece piece = request.set().get(kind);
        LeastBoxes single = boxes.get(stride[kind]);
        keepFitting(single, LeastBoxes.Box.ofPiece(kind, across(piece.width()), down(piece.height()), false));
        if (piece.mayTurn()) {
            keepFitting(single, LeastBoxes.Box.ofPiece(kind, across(piece.height()), down(piece.width()), true));
        }
    }

    private void keepFitting(LeastBoxes single, LeastBoxes.Box box) {
        if (box.width() <= width && box.height() <= height) {
            single.keep(box);
        }
    }

    private int across(Length length) {
        return Math.toIntExact(length.ticks() / unitAcross);
    }

    private int down(Length length) {
        return Math.toIntExact(length.ticks() / unitDown);
    }

    /** Smaller collections have smaller numbers, so that each is whole before it is used. */
    private void combine(int collections) {
        int[] counts = new int[most.length];
        for (int collection = 1; collection < collections; collection++) {
            next(counts);
            if (mayFit(collection, counts)) {
                parts(collection, counts, 0, 0);
            }
        }
    }

    /**
     * A collection with a piece less comes out of a sheet that gives the collection, so where that does not, nothing is to be
     * looked for.
     */
    private boolean mayFit(int collection, int[] counts) {
        for (int kind = 0; kind < counts.length; kind++) {
            int less = collection - stride[kind];
            if (counts[kind] > 0 && less > 0 && boxes.get(less).isEmpty()) {
                return false;
            }
        }
        return true;
    }

    /** Goes through all parts of a collection, kind by kind. */
    private void parts(int collection, int[] counts, int kind, int part) {
        if (kind == counts.length) {
            if (part > 0 && part <= collection / 2) {
                boxes.get(collection).join(boxes.get(part), boxes.get(collection - part), width, height);
            }
            return;
        }
        for (int count = 0; count <= counts[kind]; count++) {
            parts(collection, counts, kind + 1, part + count * stride[kind]);
        }
    }

    private void next(int[] counts) {
        for (int kind = 0; kind < counts.length; kind++) {
            if (counts[kind] < most[kind]) {
                counts[kind]++;
                return;
            }
            counts[kind] = 0;
        }
    }

    /** The diagram for a collection of so many of each kind; empty if no cuts give it. */
    Optional<CutDiagram> diagram(int[] counts) {
        int collection = 0;
        for (int kind = 0; kind < counts.length; kind++) {
            collection += counts[kind] * stride[kind];
        }
        if (boxes.get(collection).isEmpty()) {
            return Optional.empty();
        }
        List<PlacedPiece> pieces = new ArrayList<>();
        place(boxes.get(collection).first(), 0, 0, pieces);
        return Optional.of(new CutDiagram(pieces));
    }

    private void place(LeastBoxes.Box box, int x, int y, List<PlacedPiece> pieces) {
        if (box.isPiece()) {
            pieces.add(new PlacedPiece(
                    request.set().get(box.piece()).id(), new Length(x * unitAcross), new Length(y * unitDown),
                    new Length(box.width() * unitAcross), new Length(box.height() * unitDown), box.turned()));
        } else {
            LeastBoxes.Box first = box.parts()[0];
            place(first, x, y, pieces);
            place(box.parts()[1], box.beside() ? x + first.width() : x, box.beside() ? y : y + first.height(), pieces);
        }
    }

    /** So many sets. */
    Optional<CutDiagram> sets(int sets) {
        return diagram(request.set().stream().mapToInt(piece -> piece.count() * sets).toArray());
    }

    /** Every collection that one sheet gives and to which no piece can be added, as counts by kind. */
    List<int[]> fullest() {
        List<int[]> fullest = new ArrayList<>();
        int[] counts = new int[most.length];
        for (int collection = 0; collection < boxes.size(); collection++) {
            if (!boxes.get(collection).isEmpty() && !canGrow(counts, collection)) {
                fullest.add(Arrays.copyOf(counts, counts.length));
            }
            next(counts);
        }
        return fullest;
    }

    private boolean canGrow(int[] counts, int collection) {
        for (int kind = 0; kind < counts.length; kind++) {
            if (counts[kind] < most[kind] && !boxes.get(collection + stride[kind]).isEmpty()) {
                return true;
            }
        }
        return false;
    }
}
