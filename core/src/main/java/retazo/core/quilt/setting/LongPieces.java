package retazo.core.quilt.setting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import retazo.core.cloth.Join;
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

    /** So many pieces of one cut length. */
    public record Piece(Figure<Count> count, Figure<Length> length) {
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
    public Laid laidOn(Figure<Length> usableWidth, boolean oneWay) {
        Figure<Count> strips = strips(usableWidth);
        Figure<Length> across = Arithmetic.product(key + ".stripsLength", label("across"), strips, cutWidth);
        Optional<Figure<Length>> along = alongLength(usableWidth.value());
        boolean shorter = along.isPresent() && along.get().value().isShorterThan(across.value());
        boolean takesAlong = switch (grain) {
            case ACROSS -> false;
            case ALONG -> along.isPresent();
            case SHORTER -> shorter && !oneWay;
        };
        if (!takesAlong) {
            return new Laid(false, strips, cutWidth, across);
        }
        Figure<Count> one = Figure.given(key + ".stretch", Label.of("long.stretch"), Count.ONE, Origin.craft("along-the-length"));
        Figure<Length> length = grain == Grain.ALONG
                ? along.get().named(key + ".alongLength", Label.of("long.along"))
                : Arithmetic.least(key + ".alongLength", Label.of("long.along"), List.of(along.get(), across));
        return new Laid(true, one, along.get(), length);
    }
}
