package retazo.app.stock.goods;

import java.util.Optional;
import retazo.app.shared.PickText;
import retazo.core.cloth.Colour;
import retazo.core.cloth.PrecutKind;
import retazo.core.cloth.Prices;
import retazo.core.cloth.SheetSize;
import retazo.core.cutting.strip.LeftOver;
import retazo.core.kit.KitGood;
import retazo.core.measure.Count;
import retazo.core.measure.Money;

/**
 * Something counted: packs or loose pieces of a precut, quarters that the shop cuts, left-overs, copies of a pattern, notions.
 *
 * @param code   unique in the shop, for people; what it is the same as, its kind says
 * @param colour of its dot
 * @param prices of one unit of stock
 */
public record Good(long id, String code, String name, GoodKind kind, Colour colour, Prices<Money> prices) {

    /** Which kind of precut it is, bought or cut in the shop; empty for all else. */
    public Optional<PrecutKind> precut() {
        return kind.match(new GoodQuestion<Optional<PrecutKind>>(Optional.empty()) {
            @Override
            public Optional<PrecutKind> precut(GoodKind.Precut precut) {
                return Optional.of(precut.kind());
            }

            @Override
            public Optional<PrecutKind> loose(GoodKind.Loose loose) {
                return Optional.of(loose.kind());
            }

            @Override
            public Optional<PrecutKind> shopCut(GoodKind.ShopCut quarters) {
                return Optional.of(quarters.kind());
            }
        });
    }

    /** How many strips, squares or quarters one unit of stock has; 1 for all that comes singly. */
    public int perUnit() {
        return kind.match(new GoodQuestion<>(1) {
            @Override
            public Integer precut(GoodKind.Precut precut) {
                return precut.perUnit();
            }
        });
    }

    /** How large one strip, square or quarter really is, where somebody measured it. */
    public Optional<SheetSize> measured() {
        return kind.match(new GoodQuestion<Optional<SheetSize>>(Optional.empty()) {
            @Override
            public Optional<SheetSize> precut(GoodKind.Precut precut) {
                return precut.measured();
            }

            @Override
            public Optional<SheetSize> loose(GoodKind.Loose loose) {
                return loose.measured();
            }

            @Override
            public Optional<SheetSize> shopCut(GoodKind.ShopCut quarters) {
                return quarters.measured();
            }
        });
    }

    /** What each of them is, for left-overs. */
    public Optional<GoodKind.LeftPiece> piece() {
        return kind.match(new GoodQuestion<Optional<GoodKind.LeftPiece>>(Optional.empty()) {
            @Override
            public Optional<GoodKind.LeftPiece> leftOver(GoodKind.LeftPiece piece) {
                return Optional.of(piece);
            }
        });
    }

    /** What it is a print of, where it came out of a pack that was opened. */
    public Optional<GoodKind.Loose> loose() {
        return kind.match(new GoodQuestion<Optional<GoodKind.Loose>>(Optional.empty()) {
            @Override
            public Optional<GoodKind.Loose> loose(GoodKind.Loose loose) {
                return Optional.of(loose);
            }
        });
    }

    /** How it stands in a field where it is picked. */
    public String picked() {
        return PickText.of(name, code);
    }

    /** The pattern that it is copies of. */
    public Optional<Long> copiesOf() {
        return kind.match(new GoodQuestion<Optional<Long>>(Optional.empty()) {
            @Override
            public Optional<Long> copies(GoodKind.PatternCopy copies) {
                return Optional.of(copies.patternId());
            }
        });
    }

    /** Whether it is something beside the cloth that a kit may take along. */
    public boolean isNotion() {
        return kind.match(new GoodQuestion<>(false) {
            @Override
            public Boolean notion(GoodKind.Notion notion) {
                return true;
            }
        });
    }

    /** So many of these left-overs as a plan may take them. */
    public LeftOver leftOver(int count) {
        GoodKind.LeftPiece one = piece().orElseThrow();
        return new LeftOver(code, one.width(), one.height(), count);
    }

    /** A precut as a kit sees it. */
    public KitGood inKit() {
        return KitGood.mixed(code, precut().orElseThrow(), new Count(perUnit()), measured());
    }

    /** What one of it is, by the code of its word: a pack, a loose piece, a copy, a left-over. */
    public String unit() {
        return kind.match(new GoodQuestion<>("piece") {
            @Override
            public String precut(GoodKind.Precut precut) {
                return precut.perUnit() == 1 ? "piece" : "pack";
            }

            @Override
            public String leftOver(GoodKind.LeftPiece piece) {
                return "leftover";
            }

            @Override
            public String copies(GoodKind.PatternCopy copies) {
                return "copy";
            }
        });
    }

    /** Whether letters on its colour must be dark. */
    public boolean isLight() {
        return colour.isLight();
    }
}
