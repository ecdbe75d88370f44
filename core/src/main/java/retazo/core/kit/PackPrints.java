package retazo.core.kit;

import java.util.List;
import java.util.Optional;
import retazo.core.prints.Print;

/**
 * The prints of a precut as one bag of a kit takes them.
 *
 * @param inPack  the prints of one pack that are used, as far as they are known
 * @param dropped how many sheets of a pack are left out
 * @param beside  prints that the bag takes by themselves, once
 * @param rule    which of them a unit takes; mixed freely where nobody said
 */
public record PackPrints(List<Print> inPack, int dropped, List<Print> beside, Optional<PrintRule> rule) {

    /** Nobody knows the prints, and they are mixed freely. */
    public static final PackPrints UNKNOWN = new PackPrints(List.of(), 0, List.of(), Optional.empty());

    public PackPrints {
        inPack = List.copyOf(inPack);
        beside = List.copyOf(beside);
    }

    /** The same where what is beside the packs serves others already. */
    PackPrints withoutBeside() {
        return new PackPrints(inPack, dropped, List.of(), rule);
    }

    /** How many sheets the bag has beside its packs. */
    int sheetsBeside() {
        return beside.stream().mapToInt(Print::sheets).sum();
    }
}
