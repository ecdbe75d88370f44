package retazo.core.colouring;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import retazo.core.cloth.Role;
import retazo.core.cloth.RoleKey;

/**
 * Colourings of a quilt out of some fabrics, the best first: most wishes kept, then least length along which neighbours fade into each
 * other, then most kits, then most contrast.
 *
 * <p>Up to {@value #MOST_TRIED} ways to give the roles different fabrics, every one is tried, and the answer is exact. Above that roles are
 * filled one by one, those that touch most first, and only the {@value #KEPT_ON_THE_WAY} best beginnings go on; there may be a better one.
 */
public final class Proposals {

    private static final int MOST_TRIED = 20_000;
    private static final int KEPT_ON_THE_WAY = 40;

    private final List<Role> roles;
    private final Neighbours neighbours;
    private final List<Candidate> candidates;
    private final Eye eye;

    private Proposals(List<Role> roles, Neighbours neighbours, List<Candidate> candidates, Eye eye) {
        this.eye = eye;
        this.roles = List.copyOf(roles);
        this.neighbours = neighbours;
        this.candidates = List.copyOf(candidates);
    }

    /**
     * A fabric that may be chosen.
     *
     * @param kits how many kits its cloth is enough for, in each role that it may take; a role that is absent it cannot take
     */
    public record Candidate(String code, Seen seen, Map<RoleKey, Long> kits) {
    }

    /**
     * A colouring.
     *
     * @param codes  of the fabric of each role
     * @param fading the length in ticks along which neighbours fade
     * @param kits   how many can be made, as far as each role's own cloth goes
     * @param contrast of neighbours as a mean along where they touch, in hundredths of a step of value
     */
    public record Proposal(Map<RoleKey, String> codes, Judgement judgement, long fading, long kits, long contrast) {
    }

    private static final Comparator<Proposal> BEST = Comparator.comparingInt((Proposal one) -> one.judgement().broken())
            .thenComparing(Comparator.comparingInt((Proposal one) -> one.judgement().kept()).reversed())
            .thenComparingLong(Proposal::fading)
            .thenComparing(Comparator.comparingLong(Proposal::kits).reversed())
            .thenComparing(Comparator.comparingLong(Proposal::contrast).reversed());

    /**
     * The best colourings.
     *
     * @param roles      that take a fabric
     * @param candidates each fabric once; fewer than roles give none
     * @param least      how many kits each must allow; 0 for any
     * @param most       how many are wished, 1 or more
     * @param contrast   by how much the values of neighbours must differ not to fade
     */
    public static List<Proposal> best(
            List<Role> roles, Neighbours neighbours, List<Candidate> candidates, long least, int most, int contrast) {
        return new Proposals(roles, neighbours, candidates, new Eye(contrast)).find(least, most);
    }

    /** Whether all ways are tried. */
    public static boolean isExact(int roles, int candidates) {
        long ways = 1;
        for (int i = 0; i < roles && ways <= MOST_TRIED; i++) {
            ways *= Math.max(0, candidates - i);
        }
        return ways <= MOST_TRIED;
    }

    private List<Proposal> find(long least, int most) {
        if (roles.isEmpty() || candidates.size() < roles.size()) {
            return List.of();
        }
        boolean exact = isExact(roles.size(), candidates.size());
        List<Map<RoleKey, Candidate>> beginnings = new ArrayList<>(List.of(Map.of()));
        for (Role role : mostTouchedFirst()) {
            List<Map<RoleKey, Candidate>> longer = new ArrayList<>();
            for (Map<RoleKey, Candidate> beginning : beginnings) {
                for (Candidate candidate : candidates) {
                    if (candidate.kits().getOrDefault(role.key(), -1L) >= least && !beginning.containsValue(candidate)) {
                        Map<RoleKey, Candidate> next = new LinkedHashMap<>(beginning);
                        next.put(role.key(), candidate);
                        longer.add(next);
                    }
                }
            }
            beginnings = exact ? longer : bestOf(longer, KEPT_ON_THE_WAY);
        }
        List<Proposal> all = new ArrayList<>(beginnings.stream().map(this::judged).sorted(BEST).toList());
        return different(all, most);
    }

    private List<Map<RoleKey, Candidate>> bestOf(List<Map<RoleKey, Candidate>> some, int most) {
        record Judged(Map<RoleKey, Candidate> chosen, Proposal proposal) {
        }
        return some.stream().map(one -> new Judged(one, judged(one))).sorted(Comparator.comparing(Judged::proposal, BEST)).limit(most)
                .map(Judged::chosen).toList();
    }

    /** Each of them differs from those before it in two roles or more, while there are enough of such. */
    private static List<Proposal> different(List<Proposal> all, int most) {
        List<Proposal> chosen = new ArrayList<>();
        Set<Proposal> passed = new HashSet<>();
        for (Proposal one : all) {
            if (chosen.size() == most) {
                break;
            }
            if (chosen.stream().allMatch(other -> differing(one, other) >= 2)) {
                chosen.add(one);
            } else {
                passed.add(one);
            }
        }
        all.stream().filter(passed::contains).limit(Math.max(0, most - chosen.size())).forEach(chosen::add);
        chosen.sort(BEST);
        return chosen;
    }

    private static long differing(Proposal one, Proposal other) {
        return one.codes().entrySet().stream().filter(role -> !role.getValue().equals(other.codes().get(role.getKey()))).count();
    }

    private List<Role> mostTouchedFirst() {
        Map<RoleKey, Long> sides = new LinkedHashMap<>();
        roles.forEach(role -> sides.put(role.key(), neighbours.pairs().stream().filter(pair -> pair.has(role.key()))
                .mapToLong(pair -> pair.side().ticks()).sum()));
        return roles.stream().sorted(Comparator.comparing((Role role) -> sides.get(role.key())).reversed()).toList();
    }

    private Proposal judged(Map<RoleKey, Candidate> chosen) {
        Map<RoleKey, Seen> seen = new LinkedHashMap<>();
        Map<RoleKey, String> codes = new LinkedHashMap<>();
        long kits = Long.MAX_VALUE;
        for (Role role : roles) {
            Candidate candidate = chosen.get(role.key());
            if (candidate != null) {
                seen.put(role.key(), candidate.seen());
                codes.put(role.key(), candidate.code());
                kits = Math.min(kits, candidate.kits().getOrDefault(role.key(), 0L));
            }
        }
        Judgement judgement = Judgement.of(roles, neighbours, seen, eye);
        double sides = 0;
        double contrast = 0;
        for (Neighbours.Pair pair : neighbours.pairs()) {
            Seen one = seen.get(pair.one());
            Seen other = seen.get(pair.other());
            if (one != null && other != null) {
                sides += pair.side().ticks();
                contrast += pair.side().ticks() * (double) Math.abs(one.value() - other.value());
            }
        }
        return new Proposal(
                codes, judgement, judgement.fading().stream().mapToLong(faint -> faint.pair().side().ticks()).sum(), kits,
                sides == 0 ? 0 : Math.round(100 * contrast / sides));
    }
}
