package retazo.app.buying;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.LocalDate;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import retazo.core.measure.Length;

/** What the buyer keeps of a fabric. */
@Entity
@Table(name = "fabric_buying")
class FabricTermsEntity {

    @Id
    @Column(name = "fabric_id")
    private Long fabricId;

    @Version
    private int version;

    @Column(name = "point_ticks")
    private @Nullable Length point;

    @Column(name = "bolt_ticks")
    private @Nullable Length bolt;

    @Column(name = "last_orders")
    private @Nullable LocalDate lastOrders;

    protected FabricTermsEntity() {
    }

    void become(FabricTerms terms) {
        point = terms.point().orElse(null);
        bolt = terms.bolt().orElse(null);
        lastOrders = terms.lastOrders().orElse(null);
    }

    FabricTerms toTerms() {
        return new FabricTerms(fabricId, Optional.ofNullable(point), Optional.ofNullable(bolt), Optional.ofNullable(lastOrders));
    }
}
