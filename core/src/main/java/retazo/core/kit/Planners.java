package retazo.core.kit;

import retazo.core.cutting.strip.CutPlanner;
import retazo.core.cutting.strip.CutPlans;
import retazo.core.precut.SheetPlanner;
import retazo.core.precut.SheetPlans;

/**
 * Who is asked for the plans that take long. Whoever asks the same again and again gives planners that keep what they found; that changes
 * no answer.
 */
public record Planners(CutPlans cuts, SheetPlans sheets) {

    /** They plan each time they are asked. */
    public static final Planners ANEW = new Planners(new CutPlanner(), new SheetPlanner());
}
