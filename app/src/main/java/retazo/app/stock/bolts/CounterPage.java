package retazo.app.stock.bolts;

import java.util.List;
import org.jspecify.annotations.Nullable;
import retazo.app.fabrics.Fabric;

/**
 * The counter as its page shows it.
 *
 * @param proposal the bolt to cut from, where one was asked for
 * @param unit     the symbol of the unit of a length that names none
 */
record CounterPage(@Nullable CounterProposal proposal, String unit) {

    List<Fabric> prints() {
        return proposal == null ? List.of() : List.of(proposal.from().fabric());
    }
}
