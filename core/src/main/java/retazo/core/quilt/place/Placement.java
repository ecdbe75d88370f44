package retazo.core.quilt.place;

import retazo.core.block.BlockKey;
import retazo.core.block.shape.Turn;

/** What a rule puts in a place: a kind of block, how it is turned, and in which colours. */
public record Placement(BlockKey kind, Turn turn, Colouring colouring) {

    static Placement upright(BlockKey kind) {
        return new Placement(kind, Turn.NONE, Colouring.AS_DRAWN);
    }

    Placement turned(Turn by) {
        return new Placement(kind, turn.plus(by), colouring);
    }
}
