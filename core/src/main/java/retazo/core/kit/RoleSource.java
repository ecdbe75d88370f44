package retazo.core.kit;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import retazo.core.cloth.PrecutKind;
import retazo.core.cloth.RoleKey;
import retazo.core.precut.QuartersFromBolt;
import retazo.core.quilt.plan.QuiltPlan;

/**
 * What a shop plans a role of a pattern from, other than pieces laid on whole cloth.
 *
 * @param kind             a customary one
 * @param cutInTheShop     off a bolt, two quarters or eighths to a length; else they come in bundles
 */
public record RoleSource(PrecutKind kind, boolean cutInTheShop) {

    private static final String CUT = "-cut";
    private static final long MOST_PIECES = 5_000;

    /**
     * @throws IllegalArgumentException if the shop does not cut that kind
     */
    public RoleSource {
        if (cutInTheShop && kind.lengthForTwo().isEmpty()) {
            throw new IllegalArgumentException("The shop does not cut " + kind + " off a bolt.");
        }
    }

    /**
     * Whether precuts are worth comparing for a role: of more than 5,000 pieces nobody cuts so many from bundles, and planning
     * them takes seconds.
     */
    public static boolean areWorthComparing(QuiltPlan plan, RoleKey role) {
        return plan.pieces().stream().filter(piece -> piece.role().equals(role)).mapToLong(piece -> piece.count().value().value())
                .sum() <= MOST_PIECES;
    }

    /** In bundles or packs. */
    public static RoleSource bundle(PrecutKind kind) {
        return new RoleSource(kind, false);
    }

    /** All there are: bundles first. */
    public static List<RoleSource> all() {
        return Stream.concat(
                PrecutKind.customary().stream().map(RoleSource::bundle),
                QuartersFromBolt.kinds().stream().map(kind -> new RoleSource(kind, true))).toList();
    }

    /** Its name in addresses: {@code fat-quarter}, {@code fat-quarter-cut}. */
    public String code() {
        return kind.code() + (cutInTheShop ? CUT : "");
    }

    /** One of all by its name. */
    public static Optional<RoleSource> ofCode(String code) {
        return all().stream().filter(source -> source.code().equals(code)).findFirst();
    }
}
