package retazo.core.quilt.plan;

import retazo.core.explain.Figure;
import retazo.core.measure.Count;
import retazo.core.quilt.design.BlockKind;

/**
 * Blocks of one kind in one colouring.
 *
 * @param kind  as it is sewn: in its colours and at its size
 * @param name  short and its own within the size: the kind's key, with a number where there are several
 * @param count how many are sewn
 * @param turned how many of them lie a quarter turned in the quilt
 */
public record BlockCount(BlockKind kind, String name, Figure<Count> count, Count turned) {
}
