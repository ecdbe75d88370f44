package retazo.core.precut;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import retazo.core.cutting.CutPiece;
import retazo.core.cutting.CutStrip.PlacedPiece;
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

    /** A rectangle: one piece, or two rectangles put together. */
    private record Box(int width, int height, int piece, boolean turned, Optional<Box> first, Optional<Box> second, boolean beside) {
    }

    private final SheetRequest request;
    private final long unitAcross;
    private final long unitDown;
    private final int width;
    private final int height;
    private final int[] most;
    private final int[] stride;
    private final List<List<Box>> boxes = new ArrayList<>();

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
            boxes.add(new ArrayList<>());
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
                        ? Stream.of(piece.width(), piece.height()) : Stream.of(across ? piece.width() : piece.height()))
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
        CutPiece piece = request.set().get(kind);
        List<Box> single = boxes.get(stride[kind]);
        keep(single, new Box(across(piece.width()), down(piece.height()), kind, false, Optional.empty(), Optional.empty(), false));
        if (piece.mayTurn()) {
            keep(single, new Box(across(piece.height()), down(piece.width()), kind, true, Optional.empty(), Optional.empty(), false));
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
            parts(collection, counts, 0, 0);
        }
    }

    /** Goes through all parts of a collection, kind by kind. */
    private void parts(int collection, int[] counts, int kind, int part) {
        if (kind == counts.length) {
            if (part > 0 && part <= collection / 2) {
                join(boxes.get(part), boxes.get(collection - part), boxes.get(collection));
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

    private void join(List<Box> first, List<Box> second, List<Box> joined) {
        for (Box one : first) {
            for (Box other : second) {
                if (one.width() + other.width() <= width) {
                    keep(joined, new Box(
                            one.width() + other.width(), Math.max(one.height(), other.height()), -1, false,
                            Optional.of(one), Optional.of(other), true));
                }
                if (one.height() + other.height() <= height) {
                    keep(joined, new Box(
                            Math.max(one.width(), other.width()), one.height() + other.height(), -1, false,
                            Optional.of(one), Optional.of(other), false));
                }
            }
        }
    }

    /** Keeps a rectangle that fits the sheet and holds no other. */
    private void keep(List<Box> boxes, Box box) {
        if (box.width() > width || box.height() > height) {
            return;
        }
        for (Box other : boxes) {
            if (other.width() <= box.width() && other.height() <= box.height()) {
                return;
            }
        }
        boxes.removeIf(other -> other.width() >= box.width() && other.height() >= box.height());
        boxes.add(box);
    }

    /** The diagram for a collection of so many of each kind; empty if no cuts give it. */
    Optional<CutDiagram> diagram(int[] counts) {
        int collection = 0;
        for (int kind = 0; kind < counts.length; kind++) {
            collection += counts[kind] * stride[kind];
        }
        return boxes.get(collection).stream().findFirst().map(box -> {
            List<PlacedPiece> pieces = new ArrayList<>();
            place(box, 0, 0, pieces);
            return new CutDiagram(pieces);
        });
    }

    private void place(Box box, int x, int y, List<PlacedPiece> pieces) {
        if (box.piece() >= 0) {
            pieces.add(new PlacedPiece(
                    request.set().get(box.piece()).id(), new Length(x * unitAcross), new Length(y * unitDown),
                    new Length(box.width() * unitAcross), new Length(box.height() * unitDown), box.turned()));
        } else {
            Box first = box.first().orElseThrow();
            place(first, x, y, pieces);
            place(box.second().orElseThrow(), box.beside() ? x + first.width() : x, box.beside() ? y : y + first.height(), pieces);
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
