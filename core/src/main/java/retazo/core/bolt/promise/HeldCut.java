package retazo.core.bolt.promise;

import java.util.List;

import retazo.core.measure.Length;

/**
 * A cut that is planned on a bolt, with its cloth kept for it.
 *
 * @param id     unique in the request
 * @param length of the cut: less than its needs together where the pieces of several bags are cut as one
 * @param needs  what it serves, one or more, all of one fabric
 */
public record HeldCut(String id, String boltId, Length length, List<ClothNeed> needs) {

    public HeldCut {
        needs = List.copyOf(needs);
        if (needs.isEmpty()) {
            throw new IllegalArgumentException("Cut '" + id + "' is for nobody.");
        }
    }

    public String fabricCode() {
        return needs.get(0).fabricCode();
    }

    /** That of the bag which comes first. */
    public Precedence precedence() {
        return needs.stream().map(ClothNeed::precedence).min(Precedence::compareTo).orElseThrow();
    }

    /** Whether it serves one bag alone, so that it can go to another bolt as it is. */
    boolean isAlone() {
        return needs.size() == 1;
    }
}
