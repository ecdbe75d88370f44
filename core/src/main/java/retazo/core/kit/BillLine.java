package retazo.core.kit;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import retazo.core.measure.Count;
import retazo.core.measure.Length;

/** A line of a kit's bill of materials. */
public sealed interface BillLine {

    <R> R match(Function<Cut, R> cut, Function<Picked, R> picked);

    /** The length that is cut; empty for what is picked. */
    default Optional<Cut> asCut() {
        return match(Optional::of, picked -> Optional.empty());
    }

    /** What is picked; empty for a length. */
    default Optional<Picked> asPicked() {
        return match(cut -> Optional.empty(), Optional::of);
    }

    /**
     * A length cut from a bolt.
     *
     * @param fabricCode   the fabric
     * @param letters      of the roles it serves, in order: {@code A}, {@code D}
     * @param exact        what the plan needs, squaring included; as printed, where nothing was planned
     * @param length       what is sold and cut
     * @param plannedWidth the usable width that the length was planned for; no narrower bolt will do
     * @param into         what the shop cuts it into; empty for one folded length
     */
    record Cut(String fabricCode, List<String> letters, Length exact, Length length, Length plannedWidth, Optional<ShopCut> into)
            implements
                BillLine {
        public Cut {
            letters = List.copyOf(letters);
        }

        @Override
        public <R> R match(Function<Cut, R> cut, Function<Picked, R> picked) {
            return cut.apply(this);
        }
    }

    /**
     * Something counted that is taken from the shelf: packs, loose precuts, a copy of the pattern.
     *
     * @param code    what is taken
     * @param letters of the roles it serves; none for what is no cloth
     * @param count   how many for one bag, 1 or more
     */
    record Picked(String code, List<String> letters, Count count) implements BillLine {
        public Picked {
            letters = List.copyOf(letters);
        }

        @Override
        public <R> R match(Function<Cut, R> cut, Function<Picked, R> picked) {
            return picked.apply(this);
        }
    }
}
