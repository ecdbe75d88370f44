package retazo.app.runs.book;

import java.util.List;
import java.util.Optional;
import retazo.core.kit.ShopCut;
import retazo.core.measure.Length;

/**
 * A planned cut as other features see it.
 *
 * @param place     in the plan
 * @param targets   what it serves, one or more; several where the pieces of bags are cut together
 * @param into      what the length of each target is cut into in the shop; empty for one folded length
 * @param bagClosed whether one of its bags is packed or left out
 */
public record PlannedCut(
        long id,
        long runId,
        long boltId,
        Place place,
        Length length,
        State state,
        List<Target> targets,
        long kitId,
        long fabricId,
        Letters letters,
        Optional<ShopCut> into,
        boolean bagClosed) {

    /**
     * Where a cut stands.
     *
     * @param planVersion of the run's plans
     * @param position    in the order of cutting on its bolt
     */
    public record Place(int planVersion, int position) {
    }

    /** Whether it is still to be cut. */
    public boolean isPlanned() {
        return state == State.PLANNED;
    }

    public int planVersion() {
        return place.planVersion();
    }

    public int position() {
        return place.position();
    }

    /** A line of a bag that a cut serves. */
    public record Target(long bagLineId, long bagId, int bagNumber) {
    }

    /** The bag that it is cut for first. */
    public int bagNumber() {
        return targets.get(0).bagNumber();
    }

    /** Its bags by their numbers. */
    public BagNumbers bags() {
        return new BagNumbers(targets.stream().map(Target::bagNumber).toList());
    }

    /** Whether it is still to be cut. */
    public enum State {
        PLANNED,
        CUT,
        /** A later plan has taken its place. */
        SUPERSEDED
    }
}
