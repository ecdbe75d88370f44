package retazo.core.buying;

import java.util.List;
import java.util.stream.IntStream;
import retazo.core.measure.Length;

/**
 * What went of a fabric in whole weeks that follow each other, the oldest first: sold by the length and cut for runs.
 *
 * @param weeks a week in which more came back than went counts as zero
 */
public record WeeklyUse(List<Length> weeks) {

    public WeeklyUse {
        weeks = weeks.stream().map(week -> week.atLeast(Length.ZERO)).toList();
    }

    /**
     * Some weeks in a row.
     *
     * @param first how many weeks were before it
     * @param weeks how many they are
     */
    public record Stretch(int first, int weeks, Length went) {
    }

    /** All of it. */
    public Length all() {
        return sum(0, weeks.size());
    }

    /**
     * The weeks in a row in which the most went; the latest of those that are alike, and all there are where they are fewer.
     *
     * @param inARow above zero
     */
    public Stretch busiest(int inARow) {
        if (inARow < 1) {
            throw new IllegalArgumentException("A stretch has one week or more, not " + inARow + ".");
        }
        int length = Math.min(inARow, weeks.size());
        return IntStream.rangeClosed(0, weeks.size() - length)
                .mapToObj(first -> new Stretch(first, length, sum(first, length)))
                .reduce((best, next) -> next.went().isShorterThan(best.went()) ? best : next).orElseThrow();
    }

    private Length sum(int first, int length) {
        return weeks.subList(first, first + length).stream().reduce(Length.ZERO, Length::plus);
    }
}
