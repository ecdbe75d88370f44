package retazo.core.cutting;

import java.util.function.Function;
import retazo.core.block.shape.CutSize;
import retazo.core.cloth.PrintKind;
import retazo.core.explain.Figure;
import retazo.core.measure.Length;
import retazo.core.quilt.finish.BackingSheet;
import retazo.core.quilt.finish.BindingStrip;
import retazo.core.quilt.piece.PieceNeed;
import retazo.core.quilt.setting.LongPieces;

/** Something that a fabric is cut for. */
public sealed interface ClothNeed {

    <R> R match(
            Function<Pieces, R> pieces, Function<Long, R> longPieces, Function<Binding, R> binding, Function<Backing, R> backing);

    /**
     * Pieces of one cut size.
     *
     * @param usableWidth of the cloth; where strips are sewn to others before they are cut, of the narrowest of them
     */
    record Pieces(PieceNeed need, Figure<Length> usableWidth) implements ClothNeed {

        /**
         * What they are cut together with on a print: pieces of one size, mirror images too where the cloth is alike on both sides.
         * Strips of a set only with those of their own label, since a set takes all its strips: ten segments of D and B in one cloth,
         * eight to a set, are two strips of each, and not three of twenty.
         */
        CutSize together(PrintKind print) {
            CutSize size = need.shape().cutSize();
            CutSize own = need.shape().setRoles().isEmpty() ? size : size.of(need.label());
            return print.isReversible() ? own.flipped() : own;
        }

        @Override
        public <R> R match(
                Function<Pieces, R> pieces,
                Function<Long, R> longPieces,
                Function<Binding, R> binding,
                Function<Backing, R> backing) {
            return pieces.apply(this);
        }
    }

    /** Long pieces that may be joined: a border, row sashes, a flange. */
    record Long(LongPieces pieces) implements ClothNeed {
        @Override
        public <R> R match(
                Function<Pieces, R> pieces,
                Function<Long, R> longPieces,
                Function<Binding, R> binding,
                Function<Backing, R> backing) {
            return longPieces.apply(this);
        }
    }

    /** The binding. */
    record Binding(BindingStrip strip) implements ClothNeed {
        @Override
        public <R> R match(
                Function<Pieces, R> pieces,
                Function<Long, R> longPieces,
                Function<Binding, R> binding,
                Function<Backing, R> backing) {
            return binding.apply(this);
        }
    }

    /** The panels of a backing. */
    record Backing(BackingSheet sheet) implements ClothNeed {
        @Override
        public <R> R match(
                Function<Pieces, R> pieces,
                Function<Long, R> longPieces,
                Function<Binding, R> binding,
                Function<Backing, R> backing) {
            return backing.apply(this);
        }
    }
}
