package retazo.core.bolt.search;

import java.util.function.BooleanSupplier;

/**
 * How long numbers of bags are tried.
 *
 * @param numbers    how many of one total, at most
 * @param around     so far from the bound's own numbers, in bags of each group
 * @param fewSteps   how often bolts are emptied and filled anew before the next numbers are tried
 * @param manySteps  the same, when none could be laid so
 * @param polishWork steps of tables that are taken for better rests
 * @param goesOn     asked now and then: where it says no, what was found so far is the answer
 */
record Effort(int numbers, int around, int fewSteps, int manySteps, long polishWork, BooleanSupplier goesOn) {

    /** While somebody waits. */
    static final Effort WAITED_FOR = new Effort(24, 2, 3_000, 12_000, 12_000_000, () -> true);

    /** Beside the work, as long as it may. */
    static Effort beside(BooleanSupplier goesOn) {
        return new Effort(400, 4, 12_000, 200_000, 60_000_000, goesOn);
    }
}
