package retazo.app.stock.goods;

/**
 * A question that most kinds of goods answer alike.
 *
 * @param <R> what is asked
 */
public class GoodQuestion<R> implements GoodKind.Cases<R> {

    private final R otherwise;

    public GoodQuestion(R otherwise) {
        this.otherwise = otherwise;
    }

    @Override
    public R precut(GoodKind.Precut precut) {
        return otherwise;
    }

    @Override
    public R loose(GoodKind.Loose loose) {
        return otherwise;
    }

    @Override
    public R shopCut(GoodKind.ShopCut quarters) {
        return otherwise;
    }

    @Override
    public R leftOver(GoodKind.LeftPiece piece) {
        return otherwise;
    }

    @Override
    public R copies(GoodKind.PatternCopy copies) {
        return otherwise;
    }

    @Override
    public R notion(GoodKind.Notion notion) {
        return otherwise;
    }
}
