package retazo.app.runs.packets;

import java.util.Optional;

/**
 * What pieces are cut from: one planned length of a run, or the packs of a precut for all bags of one of its kits.
 *
 * @param cutId  of the planned length; empty for precuts
 * @param precut the kit and the precut; empty for a length
 */
public record PieceSource(long runId, Optional<Long> cutId, Optional<OfKit> precut) {

    /** A precut of a kit. */
    public record OfKit(long kitId, long goodId) {
    }

    public static PieceSource ofCut(long runId, long cutId) {
        return new PieceSource(runId, Optional.of(cutId), Optional.empty());
    }

    public static PieceSource ofPrecut(long runId, long kitId, long goodId) {
        return new PieceSource(runId, Optional.empty(), Optional.of(new OfKit(kitId, goodId)));
    }

    /** What its entries are told apart by. */
    @Override
    public String toString() {
        return "run " + runId + cutId.map(id -> " cut " + id).orElse("")
                + precut.map(of -> " kit " + of.kitId() + " precut " + of.goodId()).orElse("");
    }
}
