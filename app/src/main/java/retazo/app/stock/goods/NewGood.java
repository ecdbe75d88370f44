package retazo.app.stock.goods;

import java.util.Optional;
import retazo.core.cloth.Colour;
import retazo.core.cloth.PrecutKind;

/**
 * Something counted to be added, checked.
 *
 * @param code in capital letters
 */
public record NewGood(String code, String name, GoodKind kind, Colour colour) {

    private static final int LONGEST_NAME = 60;
    private static final Colour PAPER = Colour.parse("#e9e4d6");

    public NewGood {
        name = name.length() > LONGEST_NAME ? name.substring(0, LONGEST_NAME) : name;
    }

    /** Packs or loose pieces of a precut. */
    public static NewGood precut(String code, String name, PrecutKind kind, int perUnit, String colour) {
        return new NewGood(code, name, new GoodKind.Precut(kind, perUnit, Optional.empty()), Colour.parse(colour));
    }

    /** Something a maker needs beside the cloth. */
    public static NewGood notion(String code, String name, GoodKind.Notion.Sort sort, String colour) {
        return new NewGood(code, name, new GoodKind.Notion(sort), Colour.parse(colour));
    }

    /** Pieces of one print of a pack. */
    static NewGood of(GoodKind.Loose loose, String code, String name, Colour colour) {
        return new NewGood(code, name, loose, colour);
    }

    /** Quarters or eighths of a fabric that the shop cuts itself. */
    static NewGood of(GoodKind.ShopCut quarters, String code, String name, Colour colour) {
        return new NewGood(code, name, quarters, colour);
    }

    /** Left-overs of one size. */
    static NewGood of(GoodKind.LeftPiece piece, String code, String name, Colour colour) {
        return new NewGood(code, name, piece, colour);
    }

    /** Copies of a pattern. */
    static NewGood of(GoodKind.PatternCopy copies, String code, String name) {
        return new NewGood(code, name, copies, PAPER);
    }
}
