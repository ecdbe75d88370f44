package retazo.app.kits.choices;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import retazo.app.fabrics.Fabric;
import retazo.app.stock.goods.Good;

/** What a role has in a colourway: a fabric, a precut, or both. */
@Embeddable
public class RoleChoice {

    @Column(name = "fabric_id")
    private @Nullable Long fabricId;

    @Column(name = "good_id")
    private @Nullable Long goodId;

    protected RoleChoice() {
    }

    /** One of them at least. */
    public static RoleChoice of(@Nullable Fabric fabric, @Nullable Good good) {
        RoleChoice choice = new RoleChoice();
        choice.fabricId = fabric == null ? null : Long.valueOf(fabric.id());
        choice.goodId = good == null ? null : Long.valueOf(good.id());
        return choice;
    }

    /** With another fabric in the place of its own. */
    public RoleChoice withFabric(Fabric other) {
        RoleChoice choice = new RoleChoice();
        choice.fabricId = other.id();
        choice.goodId = goodId;
        return choice;
    }

    public Optional<Long> fabricId() {
        return Optional.ofNullable(fabricId);
    }

    public Optional<Long> goodId() {
        return Optional.ofNullable(goodId);
    }
}
