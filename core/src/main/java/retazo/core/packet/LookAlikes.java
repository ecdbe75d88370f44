package retazo.core.packet;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

import retazo.core.block.shape.PieceShape;
import retazo.core.cloth.SheetSize;
import retazo.core.measure.Length;

/**
 * Pieces of one cloth that a hand takes for each other: each side at most a quarter inch apart, lying either way, or mirror images. They
 * go into packets with letters of their own, and ticket and label name them.
 */
public final class LookAlikes {

    private static final Length NEAR = Length.ofInches(1, 4);

    private LookAlikes() {
    }

    /** How two pieces differ. */
    public enum Difference {
        /** Not at all but in what they are for. */
        NONE,
        MIRRORED,
        /** A little longer, wider or both. */
        SIZE,
        /** Equal rectangles, one of which is cut again. */
        CUT_AGAIN
    }

    /** A piece that another looks like. */
    public record LookAlike(ShopPiece other, Difference difference) {
    }

    /** The look-alikes of each piece, by key; none for those that nothing looks like. */
    public static Map<String, List<LookAlike>> of(List<ShopPiece> pieces) {
        Map<String, List<LookAlike>> alike = new LinkedHashMap<>();
        for (ShopPiece piece : pieces) {
            for (ShopPiece other : pieces) {
                if (piece != other && piece.from().equals(other.from()) && isNear(piece, other)) {
                    alike.computeIfAbsent(piece.key(), key -> new ArrayList<>()).add(new LookAlike(other, difference(piece, other)));
                }
            }
        }
        return alike;
    }

    private static boolean isNear(ShopPiece one, ShopPiece other) {
        if (one.label().isEmpty() || other.label().isEmpty() || isRectangle(one) != isRectangle(other)) {
            return false;
        }
        SheetSize a = SheetSize.of(one.width(), one.height());
        SheetSize b = SheetSize.of(other.width(), other.height());
        return isNear(a.length(), b.length()) && isNear(a.width(), b.width());
    }

    private static boolean isNear(Length one, Length other) {
        Length apart = one.isLongerThan(other) ? one.minus(other) : other.minus(one);
        return !apart.isLongerThan(NEAR);
    }

    private static boolean isRectangle(ShopPiece piece) {
        return piece.shape().flatMap(PieceShape::asRectangle).isPresent();
    }

    private static Difference difference(ShopPiece one, ShopPiece other) {
        if (!SheetSize.of(one.width(), one.height()).equals(SheetSize.of(other.width(), other.height()))) {
            return Difference.SIZE;
        }
        PieceShape shape = one.shape().orElseThrow();
        PieceShape like = other.shape().orElseThrow();
        if (shape.code().equals(like.code())) {
            return Difference.NONE;
        }
        return shape.cutSize().flipped().equals(like.cutSize().flipped()) && shape.cutSize().hand() != like.cutSize().hand()
                ? Difference.MIRRORED
                : isRectangle(one) ? Difference.CUT_AGAIN : Difference.MIRRORED;
    }
}
