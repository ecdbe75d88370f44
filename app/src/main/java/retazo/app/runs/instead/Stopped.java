package retazo.app.runs.instead;

import java.util.List;
import java.util.Optional;
import retazo.app.fabrics.Fabric;
import retazo.app.kits.Kit;
import retazo.app.runs.book.Bag;
import retazo.app.runs.book.Run;

/**
 * Bags of a kit that cannot be made as they were asked.
 *
 * @param run     a draft, or one under way, asking for what is open of it
 * @param bags    how many
 * @param bag     one that is confirmed and waits; empty for those that are not made yet
 * @param lacking the fabrics that stop them
 */
public record Stopped(Run run, Kit kit, int bags, Optional<Bag> bag, List<Fabric> lacking) {

    public Stopped {
        lacking = List.copyOf(lacking);
    }

    /** Whether a length of it is cut already, so that its size stays. */
    public boolean begun() {
        return bag.filter(Bag::begun).isPresent();
    }
}
