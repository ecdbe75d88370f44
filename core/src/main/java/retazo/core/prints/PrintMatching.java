package retazo.core.prints;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.IntPredicate;

/**
 * How many units the prints of packs make, where each unit takes its parts from one print each: a matching, not a count.
 *
 * <p>A print p is cut x(p, part) times for a part, Σ sheets(part) · x(p, part) ≤ sheets(p), and gives up to gives(part) · x(p, part)
 * pieces of it; n units take n of each part. Where the parts of a unit must differ, a print serves one part of a unit only, so all its
 * pieces together are at most n; that is enough: prints and parts with an edge for each piece are a bipartite graph of degree n at most,
 * and its edges take n colours (Kőnig), each colour a unit. Stateless.
 */
public final class PrintMatching {

    private final PrintUnit unit;
    private final List<Print> inPack;
    private final List<Print> beside;

    /**
     * @param inPack the prints of one pack, without those that are dropped
     * @param beside prints that are there once, however many packs there are
     */
    public PrintMatching(PrintUnit unit, List<Print> inPack, List<Print> beside) {
        this.unit = unit;
        this.inPack = List.copyOf(inPack);
        this.beside = List.copyOf(beside);
    }

    /** Loose prints. */
    public static PrintMatching ofLoose(PrintUnit unit, List<Print> prints) {
        return new PrintMatching(unit, List.of(), prints);
    }

    /** The units that can be made of so many packs, as many as are wanted or as there can be. */
    public Allotment most(int packs, int wanted) {
        List<Print> prints = prints(packs);
        int most = lastThat(wanted, units -> units == 0 || pieces(prints, units).isPresent());
        return most == 0 ? new Allotment(wanted, List.of(), List.of()) : allotment(prints, wanted, most);
    }

    /** The fewest packs of which so many units can be made; empty if not even {@code mostPacks} are enough. */
    public OptionalInt fewestPacks(int wanted, int mostPacks) {
        int tooFew = lastThat(mostPacks, packs -> pieces(prints(packs), wanted).isEmpty());
        if (tooFew == 0 && pieces(prints(0), wanted).isPresent()) {
            return OptionalInt.of(0);
        }
        return tooFew == mostPacks ? OptionalInt.empty() : OptionalInt.of(tooFew + 1);
    }

    /** The last number up to {@code most} that holds, where 0 and all before one that holds do: the range is halved. */
    private static int lastThat(int most, IntPredicate holds) {
        int last = 0;
        int not = most + 1;
        while (last + 1 < not) {
            int tried = (last + not) >>> 1;
            if (holds.test(tried)) {
                last = tried;
            } else {
                not = tried;
            }
        }
        return last;
    }

    /** Prints of one name together. */
    private List<Print> prints(int packs) {
        Map<String, Print> byName = new LinkedHashMap<>();
        inPack.forEach(print -> add(byName, new Print(print.name(), print.value(), Math.multiplyExact(print.sheets(), packs))));
        beside.forEach(print -> add(byName, print));
        return byName.values().stream().filter(print -> print.sheets() > 0).toList();
    }

    private static void add(Map<String, Print> byName, Print print) {
        byName.merge(print.name(), print, (one, other) -> new Print(one.name(), one.value(), one.sheets() + other.sheets()));
    }

    /** How many pieces of each part come from each print; empty if that many units cannot be made. */
    private Optional<int[][]> pieces(List<Print> prints, int units) {
        return PrintFlow.serves(unit) ? new PrintFlow(unit, prints, units).pieces() : new PrintSearch(unit, prints, units).pieces();
    }

    private Allotment allotment(List<Print> prints, int asked, int units) {
        int[][] pieces = pieces(prints, units).orElseThrow();
        List<Allotment.Cutting> cuttings = new ArrayList<>();
        for (int p = 0; p < prints.size(); p++) {
            for (int j = 0; j < unit.parts().size(); j++) {
                PrintPart part = unit.parts().get(j);
                if (pieces[p][j] > 0) {
                    cuttings.add(new Allotment.Cutting(prints.get(p).name(), part, part.cuttings(pieces[p][j])));
                }
            }
        }
        List<List<String>> named = new ArrayList<>();
        for (int[] one : new UnitsOfPieces(pieces, units, unit.different()).units()) {
            List<String> names = new ArrayList<>();
            for (int print : one) {
                names.add(prints.get(print).name());
            }
            named.add(List.copyOf(names));
        }
        return new Allotment(asked, cuttings, named);
    }
}
