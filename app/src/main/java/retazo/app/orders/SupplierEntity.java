package retazo.app.orders;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import retazo.core.measure.Length;

/** What is kept of a supplier. */
@Entity
@Table(name = "supplier")
class SupplierEntity {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Version
    private int version;

    @Column(nullable = false, updatable = false)
    private String name;

    @Column(name = "lead_days", nullable = false)
    private int leadDays;

    @Column(name = "cycle_weeks", nullable = false)
    private int cycleWeeks;

    @Column(name = "bolt_ticks", nullable = false)
    private Length bolt = Length.ZERO;

    @Column(nullable = false)
    private String account = "";

    @Column(nullable = false)
    private String address = "";

    protected SupplierEntity() {
    }

    void become(Supplier supplier) {
        leadDays = supplier.leadDays();
        cycleWeeks = supplier.cycleWeeks();
        bolt = supplier.bolt();
        account = supplier.account();
        address = supplier.address();
    }

    Supplier toSupplier() {
        return new Supplier(id, name, leadDays, cycleWeeks, bolt, account, address);
    }
}
