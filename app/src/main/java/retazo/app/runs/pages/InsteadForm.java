package retazo.app.runs.pages;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
import retazo.app.runs.instead.RunInsteads;

/**
 * What bags are to be made as, as pressed.
 *
 * @param bag   the number of one that is confirmed; absent for bags that are not made yet
 * @param own   the id of the fabric that lacks; absent for a smaller size
 * @param other the id of the fabric in its place, or of the smaller kit
 */
record InsteadForm(long kit, @Nullable Integer bag, int bags, @Nullable Long own, long other) {

    RunInsteads.Wanted wanted(long runId) {
        return new RunInsteads.Wanted(
                runId, kit, Optional.ofNullable(bag), bag == null ? Math.max(1, bags) : 1,
                new RunInsteads.Means(Optional.ofNullable(own), other));
    }
}
