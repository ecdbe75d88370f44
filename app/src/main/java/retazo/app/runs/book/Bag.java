package retazo.app.runs.book;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import retazo.core.kit.ShopCut;
import retazo.core.measure.Length;

/**
 * A bag with its frozen bill, and how far each line is.
 *
 * @param found      whether nobody packed it here: nothing is known of what is in it
 * @param piecesLeft whether pieces that the shop cuts for it are not all cut
 */
public record Bag(
        long id, long runId, int number, long kitId, boolean packed, boolean leftOut, boolean found, boolean piecesLeft,
        List<ClothLine> lines, List<Pick> picks) {

    private static final Pattern CODE = Pattern.compile("[bB](\\d{5,15})");

    public Bag {
        lines = List.copyOf(lines);
    }

    /** Its number for good: on its label, on the shelf, at the sale, at a return. */
    public String code() {
        return code(id);
    }

    /** The number for good of the bag with this id. */
    public static String code(long id) {
        return String.format(Locale.ROOT, "B%05d", id);
    }

    /** The id of the bag that a text names by its number, in whatever case; empty for a text that is no such number. */
    public static Optional<Long> idOf(String text) {
        Matcher matcher = CODE.matcher(text.strip());
        return matcher.matches() ? Optional.of(Long.valueOf(matcher.group(1))) : Optional.empty();
    }

    /** Something counted of the bill: packs, loose precuts, a copy of the pattern. */
    public record Pick(long id, long goodId, Letters letters, int count) {

        /** Whose reservation in stock this is. */
        public String owner() {
            return "pick-" + id;
        }
    }

    /** Left-overs of one size that a length gives, to be kept. */
    public record LeftOver(long goodId, int count) {
    }

    /**
     * A line of the bill.
     *
     * @param into what the length is cut into in the shop; empty for one folded length
     * @param cut  its cut by the plan of now, done or not; absent while no bolt has room for it
     */
    public record ClothLine(long id, long fabricId, Letters letters, Length length, Optional<ShopCut> into, Optional<PlannedCut> cut) {

        public boolean isCut() {
            return cut.filter(planned -> planned.state() == PlannedCut.State.CUT).isPresent();
        }

        /** Whether it waits for cloth. */
        public boolean waits() {
            return cut.isEmpty();
        }
    }

    /** Whether its lengths are cut, and its pieces where the shop cuts them. */
    public boolean allCut() {
        return !piecesLeft && lines.stream().allMatch(ClothLine::isCut);
    }

    public boolean waits() {
        return !packed && !leftOut && lines.stream().anyMatch(ClothLine::waits);
    }

    public boolean begun() {
        return lines.stream().anyMatch(ClothLine::isCut);
    }

    public boolean isOpen() {
        return !packed && !leftOut;
    }
}
