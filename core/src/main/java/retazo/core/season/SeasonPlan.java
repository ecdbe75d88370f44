package retazo.core.season;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import retazo.core.measure.Count;

/**
 * How many of each kit a season makes.
 *
 * @param numbers by the kit's id, in the season's order
 * @param worth   of all of them together
 * @param bound   no numbers that can be cut are worth more
 */
public record SeasonPlan(Map<String, Count> numbers, long worth, long bound) {

    public SeasonPlan {
        numbers = Collections.unmodifiableMap(new LinkedHashMap<>(numbers));
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
        return new SeasonPlan(numbers, table.worth(found), bound.worth());
    }

    /** Whether no numbers are worth more. */
    public boolean isBest() {
        return worth >= bound;
    }
}
