package retazo.core.precut;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import retazo.core.cloth.SheetSize;
import retazo.core.cutting.strip.LaidPiece;
import retazo.core.measure.Count;

/**
 * What one unit, such as a block, takes of the sheets of one print.
 *
 * @param sheet  how large one is
 * @param pieces of one unit that are cut by diagrams
 * @param listed pieces of one unit of which the pattern says how many a sheet gives; each kind from sheets of its own
 */
public record SheetSet(SheetSize sheet, List<LaidPiece> pieces, List<Listed> listed) {

    /** Beyond that nobody counts: one sheet serves the whole quilt. */
    private static final int MOST_UNITS = 500;

    /**
     * A kind of piece.
     *
     * @param each     how many one unit takes, 1 or more
     * @param perSheet how many a sheet gives, 1 or more
     */
    public record Listed(int each, int perSheet) {
    }

    /**
     * @throws IllegalArgumentException if a unit takes nothing
     */
    public SheetSet {
        pieces = List.copyOf(pieces);
        listed = List.copyOf(listed);
        if (pieces.isEmpty() && listed.isEmpty()) {
            throw new IllegalArgumentException("A set of no piece is none.");
        }
    }

    /** How many sheets so many units take together; empty if a piece does not come out of one. */
    public OptionalInt sheetsFor(int units, SheetPlans plans) {
        long sheets = listed.stream()
                .mapToLong(one -> new Count((long) one.each() * units).inGroupsOf(new Count(one.perSheet())).value()).sum();
        if (pieces.isEmpty()) {
            return OptionalInt.of(Math.toIntExact(sheets));
        }
        return plan(units, plans).map(plan -> OptionalInt.of(Math.toIntExact(sheets + plan.sheets()))).orElse(OptionalInt.empty());
    }

    /** How the pieces of so many units are cut by diagrams; empty where there are none, or one does not come out of a sheet. */
    public Optional<SheetPlan> plan(int units, SheetPlans plans) {
        return pieces.isEmpty() ? Optional.empty() : plans.fewest(request(units));
    }

    /**
     * How many whole units so many sheets of one print give. One sheet by the diagram of most whole sets; several by the fewest sheets
     * for so many units, which more units never make fewer, so that the range is halved.
     */
    public int unitsFrom(int sheets, SheetPlans plans) {
        if (sheets == 1 && listed.isEmpty()) {
            return Math.min(MOST_UNITS, plans.setsPerSheet(request(1)).sets());
        }
        int enough = 0;
        int tooMany = 1;
        while (tooMany <= MOST_UNITS && comeOut(tooMany, sheets, plans)) {
            enough = tooMany;
            tooMany *= 2;
        }
        while (enough + 1 < tooMany) {
            int tried = (enough + tooMany) / 2;
            if (comeOut(tried, sheets, plans)) {
                enough = tried;
            } else {
                tooMany = tried;
            }
        }
        return Math.min(enough, MOST_UNITS);
    }

    private boolean comeOut(int units, int sheets, SheetPlans plans) {
        OptionalInt taken = sheetsFor(units, plans);
        return taken.isPresent() && taken.getAsInt() <= sheets;
    }

    /** How the sheets for whole units are cut, as {@link #unitsFrom} counts them. */
    public Optional<SheetPlan> cutting(int sheets, int units, SheetPlans plans) {
        if (sheets == 1 && listed.isEmpty()) {
            SetsPerSheet most = plans.setsPerSheet(request(1));
            return most.diagram().map(diagram -> new SheetPlan(request(units), List.of(new SheetPlan.Cut(diagram, 1)), 1));
        }
        return plan(units, plans);
    }

    private SheetRequest request(int units) {
        return new SheetRequest(sheet.length(), sheet.width(), pieces.stream()
                .map(piece -> new LaidPiece(
                        piece.id(), piece.width(), piece.height(), Math.multiplyExact(piece.count(), units), piece.mayTurn()))
                .toList());
    }
}
