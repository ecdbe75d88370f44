package retazo.app.stock.goods;

import java.util.Locale;
import java.util.Optional;
import retazo.core.cloth.PrecutKind;
import retazo.core.cloth.SheetSize;
import retazo.core.measure.Length;
import retazo.core.prints.PrintValue;

/** What a good is; each kind is known again by keys of its own, never by its code. */
public sealed interface GoodKind {

    <R> R match(Cases<R> cases);

    /**
     * An answer for each kind.
     *
     * @param <R> what is asked
     */
    interface Cases<R> {

        R precut(Precut precut);

        R loose(Loose loose);

        R shopCut(ShopCut quarters);

        R leftOver(LeftPiece piece);

        R copies(PatternCopy copies);

        R notion(Notion notion);
    }

    /**
     * Packs or loose pieces of a precut that came from a factory. It is known by its code, which somebody chose.
     *
     * @param perUnit  how many strips, squares or quarters one has: 40 in a pack, 1 for loose ones
     * @param measured how large one really is, where somebody measured it
     */
    record Precut(PrecutKind kind, int perUnit, Optional<SheetSize> measured) implements GoodKind {
        @Override
        public <R> R match(Cases<R> cases) {
            return cases.precut(this);
        }
    }

    /**
     * Strips, squares or quarters of one print out of packs that the shop opened. There is one good for each pack and print.
     *
     * @param packId the good that is whole packs
     * @param print  its name, as it was written down for the pack; of what nobody wrote down it is empty
     */
    record Loose(long packId, PrecutKind kind, Optional<SheetSize> measured, String print, PrintValue value) implements GoodKind {
        @Override
        public <R> R match(Cases<R> cases) {
            return cases.loose(this);
        }
    }

    /**
     * Quarters or eighths of a fabric that the shop cuts itself. There is one good for each fabric and kind.
     *
     * @param measured of the smallest of them
     */
    record ShopCut(long fabricId, PrecutKind kind, Optional<SheetSize> measured) implements GoodKind {
        @Override
        public <R> R match(Cases<R> cases) {
            return cases.shopCut(this);
        }
    }

    /** Left-overs of one size of a fabric, as they lay on its cloth. There is one good for each fabric and size. */
    record LeftPiece(long fabricId, Length width, Length height) implements GoodKind {
        @Override
        public <R> R match(Cases<R> cases) {
            return cases.leftOver(this);
        }
    }

    /** Copies of a pattern. There is one good for each pattern. */
    record PatternCopy(long patternId) implements GoodKind {
        @Override
        public <R> R match(Cases<R> cases) {
            return cases.copies(this);
        }
    }

    /** Something a maker needs beside the cloth. It is known by its code, which somebody chose. */
    record Notion(Sort sort) implements GoodKind {

        /** What sort of thing a notion is. */
        public enum Sort {
            THREAD,
            RULER,
            TEMPLATE,
            NEEDLES,
            OTHER;

            /** Of its name in the message files. */
            String code() {
                return name().toLowerCase(Locale.ROOT);
            }
        }

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.notion(this);
        }
    }
}
