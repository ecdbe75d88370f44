package retazo.core.kit;

import java.util.List;
import java.util.function.Function;
import retazo.core.measure.Length;

/** A line of a kit's bill of materials. */
public sealed interface BillLine {

    <R> R match(Function<Cut, R> cut);

    /**
     * A length cut from a bolt.
     *
     * @param fabricCode   the fabric
     * @param letters      of the roles it serves, in order: {@code A}, {@code D}
     * @param exact        what the plan needs, squaring included
     * @param length       what is sold and cut
     * @param plannedWidth the usable width that the length was planned for; no narrower bolt will do
     */
    record Cut(String fabricCode, List<String> letters, Length exact, Length length, Length plannedWidth) implements BillLine {
        public Cut {
            letters = List.copyOf(letters);
        }

        @Override
        public <R> R match(Function<Cut, R> cut) {
            return cut.apply(this);
        }
    }
}
