package retazo.core.colouring;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import retazo.core.cloth.Role;
import retazo.core.cloth.RoleKey;
import retazo.core.cloth.RoleWish;

/**
 * What an eye sees in a quilt whose roles have fabrics; roles without one are left out.
 *
 * @param wishes  of the roles in their order, and whether each is kept
 * @param fading  neighbours whose values are too near each other, those that touch longest first
 * @param alike   neighbours in the same cloth or in cloths that are taken for each other across a room
 */
public record Judgement(List<Kept> wishes, List<Faint> fading, List<Neighbours.Pair> alike) {

    /**
     * The least difference of value, of 100, by which neighbours are told apart at arm's length in poor light: about an eighth of the way
     * from black to white. Also for an eye that takes red for green, since value is what it has left. A shop may ask for more or less.
     */
    public static final int CUSTOMARY_CONTRAST = 12;

    /** Below this everybody takes two greys for one. */
    public static final int LEAST_CONTRAST = 4;

    /** Above this nothing but black on white would do. */
    public static final int MOST_CONTRAST = 40;

    public Judgement {
        wishes = List.copyOf(wishes);
        fading = List.copyOf(fading);
        alike = List.copyOf(alike);
    }

    /** Whether a wish is kept. */
    public enum Answer {
        YES,
        NO,
        /** Something that it depends on is not known: a repeat that nobody measured, a role without a fabric. */
        UNKNOWN
    }

    /** A wish of a role. */
    public record Kept(RoleKey role, RoleWish wish, Answer answer) {
    }

    /** Neighbours that fade into each other, with their values from 0 to 100. */
    public record Faint(Neighbours.Pair pair, int one, int other) {
    }

    /**
     * @param fabrics  of the roles that have one
     * @param contrast by how much the values of neighbours must differ not to fade, {@link #LEAST_CONTRAST} to {@link #MOST_CONTRAST}
     */
    public static Judgement of(List<Role> roles, Neighbours neighbours, Map<RoleKey, Seen> fabrics, int contrast) {
        return of(roles, neighbours, fabrics, new Eye(contrast));
    }

    static Judgement of(List<Role> roles, Neighbours neighbours, Map<RoleKey, Seen> fabrics, Eye eye) {
        List<Neighbours.Pair> seen = neighbours.pairs().stream()
                .filter(pair -> fabrics.containsKey(pair.one()) && fabrics.containsKey(pair.other())).toList();
        List<Kept> wishes = new ArrayList<>();
        for (Role role : roles) {
            role.wishes().forEach(wish -> wishes.add(new Kept(role.key(), wish, answer(role.key(), wish, seen, fabrics, eye))));
        }
        return new Judgement(
                wishes, seen.stream().flatMap(pair -> faint(pair, fabrics, eye).stream()).toList(),
                seen.stream().filter(pair -> eye.isAlike(at(pair.one(), fabrics), at(pair.other(), fabrics))).toList());
    }

    private static Seen at(RoleKey role, Map<RoleKey, Seen> fabrics) {
        return requireNonNull(fabrics.get(role));
    }

    private static Optional<Faint> faint(Neighbours.Pair pair, Map<RoleKey, Seen> fabrics, Eye eye) {
        int one = at(pair.one(), fabrics).value();
        int other = at(pair.other(), fabrics).value();
        return eye.tellsApart(one, other) ? Optional.empty() : Optional.of(new Faint(pair, one, other));
    }

    private static Answer answer(
            RoleKey role, RoleWish wish, List<Neighbours.Pair> seen, Map<RoleKey, Seen> fabrics, Eye eye) {
        Seen fabric = fabrics.get(role);
        if (fabric == null) {
            return Answer.UNKNOWN;
        }
        return switch (wish.kind()) {
            case FEATURE -> isFeature(role, seen, fabrics, eye);
            case DARKEST -> answer(fabrics.values().stream().allMatch(other -> other.value() >= fabric.value()));
            case CONTRAST -> wish.other().map(fabrics::get)
                    .map(other -> answer(eye.tellsApart(other.value(), fabric.value())))
                    .orElse(Answer.UNKNOWN);
            case LARGE_PRINT -> fabric.isLarge().map(Judgement::answer).orElse(Answer.UNKNOWN);
            case NO_DIRECTION -> answer(fabric.print().mayTurn());
            case ONE_WAY -> answer(fabric.print().isOneWay());
            case SAME_BOTH_SIDES -> answer(fabric.print().isReversible());
        };
    }

    private static Answer answer(boolean kept) {
        return kept ? Answer.YES : Answer.NO;
    }

    /** The one to feature stands out from what lies beside it more than any other role does, by the mean of differences along its sides. */
    private static Answer isFeature(RoleKey role, List<Neighbours.Pair> seen, Map<RoleKey, Seen> fabrics, Eye eye) {
        double most = fabrics.keySet().stream().mapToDouble(one -> eye.standsOut(one, seen, fabrics)).max().orElse(0);
        return most == 0 ? Answer.UNKNOWN : answer(eye.standsOut(role, seen, fabrics) >= most);
    }

    /** How many wishes are kept. */
    public int kept() {
        return (int) wishes.stream().filter(wish -> wish.answer() == Answer.YES).count();
    }

    /** Whether there are wishes and every one of them is kept for sure. */
    public boolean keepsAll() {
        return !wishes.isEmpty() && kept() == wishes.size();
    }

    /** How many wishes are not. */
    public int broken() {
        return (int) wishes.stream().filter(wish -> wish.answer() == Answer.NO).count();
    }
}
