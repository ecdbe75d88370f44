package retazo.app.kits;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** What a role has in a colourway: a fabric or a precut, one of them. */
@Embeddable
class RoleChoice {

    @Column(name = "fabric_id")
    private @Nullable Long fabricId;

    @Column(name = "good_id")
    private @Nullable Long goodId;

    protected RoleChoice() {
    }

    static RoleChoice ofFabric(long fabricId) {
        RoleChoice choice = new RoleChoice();
        choice.fabricId = fabricId;
        return choice;
    }

    static RoleChoice ofGood(long goodId) {
        RoleChoice choice = new RoleChoice();
        choice.goodId = goodId;
        return choice;
    }

    Optional<Long> fabricId() {
        return Optional.ofNullable(fabricId);
    }

    Optional<Long> goodId() {
        return Optional.ofNullable(goodId);
    }
}
