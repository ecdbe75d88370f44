package retazo.app.patterns.sizes;

import java.util.Optional;
import retazo.app.cloth.FigureView;
import retazo.app.shared.Faults;

/**
 * The leaf of a pattern with all its sizes.
 *
 * @param figures  role × size
 * @param verdicts on the lengths that its paper prints
 * @param form     as it is typed
 * @param drawn    whether sizes come from a drawing
 * @param changed  whether something is typed that is not kept
 * @param target   what is near a size that was asked for
 */
record SizesLeaf(
        Ladder ladder, SizesPage figures, VerdictsView verdicts, SizesForm form, boolean drawn, boolean changed,
        Optional<TargetView> target, Faults faults) {

    /** The key of the figure whose arithmetic is open; empty for none. */
    public String openKey() {
        return figures.opened().map(FigureView::key).orElse("");
    }
}
