package retazo.core.season;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import retazo.core.bolt.BoltStock;
import retazo.core.measure.Count;
import retazo.core.measure.Length;

/**
 * A season in whole numbers: what each kit takes of each thing, fabrics first, then goods; lengths in ticks. A thing lies in pieces, a
 * fabric's bolts, and what is taken at once must come from one piece; a good is one piece of its count.
 */
final class SeasonTable {

    private static final Count NONE = new Count(0);

    private final Season season;
    private final List<String> fabrics;
    private final long[][] takes;
    private final long[][] pieces;
    private final long[] worth;
    private final long[] least;
    private final long[] most;

    SeasonTable(Season season) {
        this.season = season;
        this.fabrics = List.copyOf(season.fabrics());
        List<String> goods = List.copyOf(season.pickedGoods());
        int things = fabrics.size() + goods.size();
        int kits = season.kits().size();
        takes = new long[kits][things];
        pieces = new long[things][];
        worth = new long[kits];
        least = new long[kits];
        most = new long[kits];
        for (int thing = 0; thing < things; thing++) {
            pieces[thing] = thing < fabrics.size()
                    ? season.bolts(fabrics.get(thing)).stream().map(BoltStock::toPlan).mapToLong(Length::ticks).toArray()
                    : new long[] {season.free(goods.get(thing - fabrics.size())).value()};
        }
        for (int kit = 0; kit < kits; kit++) {
            SeasonKit one = season.kits().get(kit);
            for (int thing = 0; thing < things; thing++) {
                takes[kit][thing] = thing < fabrics.size()
                        ? one.lengths().getOrDefault(fabrics.get(thing), Length.ZERO).ticks()
                        : one.picked().getOrDefault(goods.get(thing - fabrics.size()), NONE).value();
            }
            worth[kit] = one.worth();
            least[kit] = one.least().value();
            most[kit] = Math.max(least[kit], Math.min(one.most().value(), season.alone(one).value()));
        }
    }

    int kits() {
        return takes.length;
    }

    /** The codes of the first things, which are cloth. */
    List<String> fabrics() {
        return fabrics;
    }

    int things() {
        return pieces.length;
    }

    long takes(int kit, int thing) {
        return takes[kit][thing];
    }

    long all(int thing) {
        return Arrays.stream(pieces[thing]).sum();
    }

    long worth(int kit) {
        return worth[kit];
    }

    long worth(long[] numbers) {
        long sum = 0;
        for (int kit = 0; kit < numbers.length; kit++) {
            sum = Math.addExact(sum, Math.multiplyExact(worth[kit], numbers[kit]));
        }
        return sum;
    }

    long least(int kit) {
        return least[kit];
    }

    /** The most that are wished and that its things would give to it alone. */
    long most(int kit) {
        return most[kit];
    }

    /** Whether so many of each kit can be cut and picked; looked for longest first, each where the rest is then shortest. */
    boolean fits(long[] numbers) {
        for (int thing = 0; thing < pieces.length; thing++) {
            if (!fits(numbers, thing)) {
                return false;
            }
        }
        return true;
    }

    /** The same of the things that one kit takes. */
    boolean fitsAround(long[] numbers, int kit) {
        for (int thing = 0; thing < pieces.length; thing++) {
            if (takes[kit][thing] > 0 && !fits(numbers, thing)) {
                return false;
            }
        }
        return true;
    }

    boolean fits(long[] numbers, int thing) {
        long sum = 0;
        for (int kit = 0; kit < numbers.length; kit++) {
            sum += takes[kit][thing] * numbers[kit];
        }
        if (sum > all(thing)) {
            return false;
        }
        return pieces[thing].length == 1 || laid(takers(numbers, thing), numbers, thing);
    }

    private Integer[] takers(long[] numbers, int thing) {
        List<Integer> takers = new ArrayList<>();
        for (int kit = 0; kit < numbers.length; kit++) {
            if (numbers[kit] > 0 && takes[kit][thing] > 0) {
                takers.add(kit);
            }
        }
        takers.sort(Comparator.comparing((Integer kit) -> takes[kit][thing]).reversed());
        return takers.toArray(Integer[]::new);
    }

    private boolean laid(Integer[] longestFirst, long[] numbers, int thing) {
        long[] rests = pieces[thing].clone();
        for (int kit : longestFirst) {
            long length = takes[kit][thing];
            for (long left = numbers[kit]; left > 0;) {
                int best = -1;
                for (int piece = 0; piece < rests.length; piece++) {
                    if (rests[piece] >= length && (best < 0 || rests[piece] < rests[best])) {
                        best = piece;
                    }
                }
                if (best < 0) {
                    return false;
                }
                long here = Math.min(left, rests[best] / length);
                rests[best] -= here * length;
                left -= here;
            }
        }
        return true;
    }

    /** The same, every fabric looked at as a run would be laid on its bolts. */
    boolean fitsWithCare(long[] numbers) {
        for (int thing = 0; thing < pieces.length; thing++) {
            boolean cloth = thing < fabrics.size();
            if (!fits(numbers, thing) && (!cloth || !season.packs(fabrics.get(thing), cuts(numbers, thing)))) {
                return false;
            }
        }
        return true;
    }

    private List<Length> cuts(long[] numbers, int thing) {
        List<Length> cuts = new ArrayList<>();
        for (int kit : takers(numbers, thing)) {
            cuts.addAll(Collections.nCopies(Math.toIntExact(numbers[kit]), new Length(takes[kit][thing])));
        }
        return cuts;
    }
}
