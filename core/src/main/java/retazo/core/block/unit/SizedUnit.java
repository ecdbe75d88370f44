package retazo.core.block.unit;

import retazo.core.block.shape.FinishedSize;

/**
 * A unit at its finished size, as it is cut.
 *
 * @param mirrored whether it is sewn as its mirror image; false for a unit whose mirror image takes the same pieces
 */
public record SizedUnit(CutUnit unit, FinishedSize size, boolean mirrored) {

    /** The unit that this one is cut and counted with. */
    public SizedUnit pooled() {
        return new SizedUnit(unit.pooled(), size, mirrored);
    }
}
