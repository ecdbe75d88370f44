package retazo.core.quilt.setting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import retazo.core.cloth.Join;
import retazo.core.cloth.PrintKind;
import retazo.core.cloth.RoleKey;
import retazo.core.cloth.ShopPractice;
import retazo.core.explain.Arithmetic;
import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.explain.Operation;
import retazo.core.explain.Origin;
import retazo.core.measure.Count;
import retazo.core.measure.Length;

/**
 * Long pieces of one width that may be joined of several strips: a border, the sashes of whole rows, a flange.
 *
 * @param key      stable start of the keys of its figures
 * @param cutWidth of every piece
 * @param pieces   as they are cut, one or more
 * @param seam     the seam allowance; a straight join costs two
 * @param joined   how strips are joined
 */
public record LongPieces(
        String key, Use use, RoleKey role, Figure<Length> cutWidth, List<Piece> pieces, Figure<Length> seam, Grain grain, Join joined) {

    public static final Figure<Count> TWO = Figure.given("long.pair", Label.of("long.pair"), new Count(2), Origin.craft("seams-of-a-join"));

    private static final Figure<Count> ONE = Figure.given("long.one", Label.of("long.abreast"), Count.ONE,
            Origin.craft("along-the-length"));

    /** So many pieces of one cut length. */
    public record Piece(Figure<Count> count, Figure<Length> length, Runs runs) {
    }

    /**
     * How the pieces are laid on a cloth.
     *
     * @param along whether they lie along the length
     * @param strips across the cloth; along it, 1
     * @param height of each along the cloth
     */
    public record Laid(boolean along, Figure<Count> strips, Figure<Length> height, Figure<Length> length) {
    }

    public LongPieces {
        pieces = List.copyOf(pieces);
    }

    /** Joined straight, as is customary. */
    public LongPieces(String key, Use use, RoleKey role, Figure<Length> cutWidth, List<Piece> pieces, Figure<Length> seam, Grain grain) {
        this(key, use, role, cutWidth, pieces, seam, grain, Join.STRAIGHT);
    }

    /** As the shop joins them, and lays them where the pattern leaves that free. */
    public LongPieces by(ShopPractice practice) {
        Grain free = switch (practice.lay().longStrips()) {
            case SHORTER -> Grain.SHORTER;
            case ACROSS -> Grain.ACROSS;
            case ALONG -> Grain.ALONG;
        };
        return new LongPieces(key, use, role, cutWidth, pieces, seam, grain == Grain.SHORTER ? free : grain, practice.joins().borders());
    }

    /**
     * The same so laid that a print stays upright: what runs up the quilt lies the way of the print, what runs level across it. Of a
     * print along the length, sides are cut along it and without joins, tops and bottoms across it; of a print across, the other way round.
     * Where more have to lie along the length than go side by side, they are several stretches. What is slanted stays as it is.
     *
     * @param usableWidth of the cloth
     */
    public List<LongPieces> upright(PrintKind print, Length usableWidth) {
        if (print.mayTurn() || grain == Grain.ONLY_ALONG) {
            return List.of(this);
        }
        List<LongPieces> laid = new ArrayList<>();
        for (Runs runs : Runs.values()) {
            List<Piece> same = pieces.stream().filter(piece -> piece.runs() == runs).toList();
            if (!same.isEmpty()) {
                String name = same.size() == pieces.size() ? key : key + "." + runs.name().toLowerCase(Locale.ROOT);
                boolean along = runs == (print.liesAcross() ? Runs.LEVEL : Runs.UP);
                Grain way = runs == Runs.SLANTED ? grain : along ? Grain.ONLY_ALONG : Grain.ACROSS;
                laid.addAll(new LongPieces(name, use, role, cutWidth, same, seam, way, joined).stretches(usableWidth));
            }
        }
        return laid;
    }

    /** In groups that go side by side, the longest first. */
    private List<LongPieces> stretches(Length usableWidth) {
        long abreast = Math.max(1, usableWidth.wholeTimes(cutWidth.value()).value());
        if (grain != Grain.ONLY_ALONG || count() <= abreast) {
            return List.of(this);
        }
        List<Piece> single = pieces.stream()
                .sorted(Comparator.comparing((Piece piece) -> piece.length().value()).reversed())
                .flatMap(piece -> Stream.generate(() -> new Piece(ONE, piece.length(), piece.runs())).limit(piece.count().value().value()))
                .toList();
        List<LongPieces> groups = new ArrayList<>();
        for (int from = 0; from < single.size(); from += (int) abreast) {
            Map<Figure<Length>, Long> group = single.subList(from, Math.min(single.size(), from + (int) abreast)).stream()
                    .collect(Collectors.groupingBy(Piece::length, LinkedHashMap::new, Collectors.counting()));
            String name = key + "." + (groups.size() + 1);
            groups.add(new LongPieces(
                    name, use, role, cutWidth,
                    group.entrySet().stream()
                            .map(entry -> new Piece(
                                    Figure.given(name + ".count", Label.of("long.abreast"), new Count(entry.getValue()),
                                            Origin.craft("along-the-length")),
                                    entry.getKey(), single.get(0).runs()))
                            .toList(),
                    seam, grain, joined));
        }
        return groups;
    }

    /** What one join costs. */
    public Figure<Length> join() {
        return switch (joined) {
            case STRAIGHT -> Arithmetic.product(key + ".join", Label.of("long.join"), TWO, seam);
            case DIAGONAL -> cutWidth.named(key + ".join", Label.of("long.join"));
        };
    }

    /** How wide they finish: 2s less than they are cut; a flange lies folded and adds no width. */
    public Optional<Length> finishedWidth() {
        return use.equals(Use.FLANGE) ? Optional.empty() : Optional.of(cutWidth.value().minus(seam.value().times(2)));
    }

    /** The one way in which all of them run; empty where they run several ways, as the sides and ends of a border do. */
    public Optional<Runs> runs() {
        List<Runs> all = pieces.stream().map(Piece::runs).distinct().toList();
        return all.size() == 1 ? Optional.of(all.get(0)) : Optional.empty();
    }

    /** How many pieces there are. */
    public long count() {
        return pieces.stream().mapToLong(piece -> piece.count().value().value()).sum();
    }

    /** The strips across cloth of this width: joined straight and cut apart again, or uncut where that takes fewer. */
    public Figure<Count> strips(Figure<Length> usableWidth) {
        List<Figure<Length>> parts = new ArrayList<>();
        for (int i = 0; i < pieces.size(); i++) {
            parts.add(Arithmetic.product(
                    key + ".part" + (i + 1), Label.of("long.part"), pieces.get(i).count(), pieces.get(i).length()));
        }
        Figure<Length> total = parts.size() == 1 ? parts.get(0) : Arithmetic.sum(key + ".total", Label.of("long.total"), parts);
        Figure<Count> inOne = LongStrips.joined(key + ".joined", Label.of("long.joined"), total, join(), usableWidth);
        Label label = label("strips");
        List<Figure<?>> operands = new ArrayList<>(pieces.stream().map(Piece::length).toList());
        operands.add(usableWidth);
        return LongStrips.uncut(lengths(), usableWidth.value())
                .map(uncut -> Arithmetic.<Count>formula(key + ".uncut", Label.of("long.uncut"), Operation.UNCUT, operands, () -> uncut))
                .map(uncut -> Arithmetic.least(key + ".strips", label, List.of(inOne, uncut)))
                .orElseGet(() -> inOne.named(key + ".strips", label));
    }

    /** Named for what the pieces are: {@code border.strips}. */
    private Label label(String name) {
        return Label.of(use.place().name().toLowerCase(Locale.ROOT) + "." + name);
    }

    private List<Length> lengths() {
        List<Length> lengths = new ArrayList<>();
        for (Piece piece : pieces) {
            for (long i = 0; i < piece.count().value().value(); i++) {
                lengths.add(piece.length().value());
            }
        }
        return lengths;
    }

    /** The length of cloth that gives all of them side by side along it, without joins; absent if they are too wide together. */
    public Optional<Figure<Length>> alongLength(Length usableWidth) {
        if (cutWidth.value().times(count()).isLongerThan(usableWidth)) {
            return Optional.empty();
        }
        return pieces.stream().map(Piece::length).max(Comparator.comparing(Figure::value));
    }

    /** How they are laid on cloth of this width. */
    public Laid laidOn(Figure<Length> usableWidth) {
        Figure<Count> strips = strips(usableWidth);
        Figure<Length> across = Arithmetic.product(key + ".stripsLength", label("across"), strips, cutWidth);
        Optional<Figure<Length>> along = alongLength(usableWidth.value());
        boolean shorter = along.isPresent() && along.get().value().isShorterThan(across.value());
        boolean takesAlong = switch (grain) {
            case ACROSS -> false;
            case ALONG, ONLY_ALONG -> along.isPresent();
            case SHORTER -> shorter;
        };
        if (!takesAlong) {
            return new Laid(false, strips, cutWidth, across);
        }
        Figure<Count> one = Figure.given(key + ".stretch", Label.of("long.stretch"), Count.ONE, Origin.craft("along-the-length"));
        Figure<Length> length = grain == Grain.SHORTER
                ? Arithmetic.least(key + ".alongLength", Label.of("long.along"), List.of(along.get(), across))
                : along.get().named(key + ".alongLength", Label.of("long.along"));
        return new Laid(true, one, along.get(), length);
    }
}
