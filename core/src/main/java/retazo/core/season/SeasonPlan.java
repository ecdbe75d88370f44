package retazo.core.season;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import retazo.core.measure.Count;
import retazo.core.measure.Length;

/**
 * How many of each kit a season makes.
 *
 * @param numbers by the kit's id, in the season's order
 * @param worth   of all of them together
 * @param bound   no numbers that can be cut are worth more
 * @param scarce  by about how much a thousand yards more of a fabric would raise the bound at the rate of the first inch, by its code;
 *                without those that would not raise it
 */
public record SeasonPlan(Map<String, Count> numbers, long worth, long bound, Map<String, Long> scarce) {

    private static final Length THOUSAND_YARDS = Length.ofYards(1_000, 1);

    public SeasonPlan {
        numbers = Collections.unmodifiableMap(new LinkedHashMap<>(numbers));
        scarce = Map.copyOf(scarce);
    }

    /** What is looked for. */
    public enum Aim {
        /** All kits together bring as much as they can. */
        WORTH,
        /** As many of the kit of which least are made as can be, then of the next. */
        EVEN
    }

    /**
     * The best numbers that were found. Each kit's least number is made in any case; where those do not fit, they are the answer, and
     * {@link Season#shares} says of what there is too little.
     */
    public static SeasonPlan best(Season season, Aim aim) {
        SeasonTable table = new SeasonTable(season);
        SeasonBound.Answer bound = SeasonBound.of(table);
        SeasonSearch search = new SeasonSearch(table, bound);
        long[] found = aim == Aim.WORTH ? search.mostWorth() : search.mostEven();
        Map<String, Count> numbers = new LinkedHashMap<>();
        for (int kit = 0; kit < found.length; kit++) {
            numbers.put(season.kits().get(kit).id(), new Count(found[kit]));
        }
        return new SeasonPlan(numbers, table.worth(found), bound.worth(), scarce(table, bound));
    }

    private static Map<String, Long> scarce(SeasonTable table, SeasonBound.Answer bound) {
        Map<String, Long> scarce = new LinkedHashMap<>();
        for (int fabric = 0; fabric < table.fabrics().size(); fabric++) {
            long raises = Math.round(bound.prices()[fabric] * THOUSAND_YARDS.ticks());
            if (raises > 0) {
                scarce.put(table.fabrics().get(fabric), raises);
            }
        }
        return scarce;
    }

    /** By about how much so much more of a fabric would raise the bound; 0 where there is enough of it. */
    public long worthOfMore(String fabricCode, Length more) {
        return scarce.getOrDefault(fabricCode, 0L) * more.ticks() / THOUSAND_YARDS.ticks();
    }

    /** Whether no numbers are worth more. */
    public boolean isBest() {
        return worth >= bound;
    }
}
