package retazo.app.stock.goods;

import java.util.Optional;
import retazo.core.cloth.PrecutKind;
import retazo.core.cloth.SheetSize;

/**
 * Something counted to be added, checked.
 *
 * @param code in capital letters
 */
public record NewGood(
        String code, String name, Optional<PrecutKind> precut, int perUnit, Optional<Long> patternId, String colour,
        Optional<Good.Piece> piece,
        Optional<SheetSize> measured) {

    private static final int LONGEST_NAME = 60;

    /** Packs or loose pieces of a precut. */
    public static NewGood precut(String code, String name, PrecutKind kind, int perUnit, String colour) {
        return new NewGood(code, name, Optional.of(kind), perUnit, Optional.empty(), colour, Optional.empty(), Optional.empty());
    }

    /** The same of which somebody measured one. */
    public NewGood measured(Optional<SheetSize> size) {
        return new NewGood(code, name, precut, perUnit, patternId, colour, piece, size);
    }

    /** Quarters or eighths of a fabric that the shop cuts itself. */
    public static NewGood shopCut(String code, PrecutKind kind, String fabricName, String colour) {
        String name = (kind == PrecutKind.FAT_QUARTER ? "Fat quarter of " : "Fat eighth of ") + fabricName;
        return precut(code, name.length() > LONGEST_NAME ? name.substring(0, LONGEST_NAME) : name, kind, 1, colour);
    }

    /** Left-overs of one size. */
    static NewGood leftOver(String code, String fabricName, Good.Piece piece, String colour) {
        String name = "Left of " + fabricName + ", " + piece.height() + " × " + piece.width();
        return new NewGood(
                code, name.length() > LONGEST_NAME ? name.substring(0, LONGEST_NAME) : name, Optional.empty(), 1, Optional.empty(), colour,
                Optional.of(piece),
                Optional.empty());
    }

    /** Copies of a pattern. */
    public static NewGood copies(long patternId, String patternName) {
        return new NewGood(
                "COPY-" + patternId, patternName.length() > 48 ? "Copy of " + patternName.substring(0, 48) : "Copy of " + patternName,
                Optional.empty(), 1, Optional.of(patternId), "#e9e4d6", Optional.empty(), Optional.empty());
    }
}
