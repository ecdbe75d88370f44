package retazo.app.kits;

import java.util.HashSet;
import java.util.Set;

/**
 * Where a kit leaves what is customary: a print of a cloth that keeps its direction stays upright, prints of precuts lie any way.
 *
 * @param anyWay  fabrics by id whose print may lie any way
 * @param upright precuts by id whose pieces stay the way their prints read
 */
public record KitDirections(Set<Long> anyWay, Set<Long> upright) {

    public static final KitDirections CUSTOMARY = new KitDirections(Set.of(), Set.of());

    public KitDirections {
        anyWay = Set.copyOf(anyWay);
        upright = Set.copyOf(upright);
    }

    boolean any() {
        return !anyWay.isEmpty() || !upright.isEmpty();
    }

    /** With a fabric's print upright, or any way. */
    public KitDirections ofFabric(long id, boolean isUpright) {
        return new KitDirections(changed(anyWay, id, !isUpright), upright);
    }

    /** With the pieces of a precut upright, or any way. */
    public KitDirections ofPrecut(long id, boolean isUpright) {
        return new KitDirections(anyWay, changed(upright, id, isUpright));
    }

    /** Without a word about a fabric that it takes no more. */
    KitDirections without(long fabricId) {
        return new KitDirections(changed(anyWay, fabricId, false), upright);
    }

    private static Set<Long> changed(Set<Long> ids, long id, boolean in) {
        Set<Long> other = new HashSet<>(ids);
        other.remove(id);
        if (in) {
            other.add(id);
        }
        return other;
    }
}
