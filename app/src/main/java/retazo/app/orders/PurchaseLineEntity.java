package retazo.app.orders;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.Currency;
import java.util.List;
import java.util.Optional;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;
import retazo.core.buying.OrderedBolts;
import retazo.core.cloth.ClothPrice;
import retazo.core.measure.Length;
import retazo.core.measure.LengthUnit;
import retazo.core.measure.Money;

/** Bolts of a fabric in an order. */
@Entity
@Table(name = "purchase_line")
class PurchaseLineEntity {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Version
    private int version;

    @Column(name = "purchase_id", nullable = false, updatable = false)
    private long purchaseId;

    @Column(name = "fabric_id", nullable = false, updatable = false)
    private long fabricId;

    @Column(nullable = false)
    private int bolts;

    @Column(name = "bolt_ticks", nullable = false)
    private Length bolt = Length.ZERO;

    @Column(name = "cost_minor")
    private @Nullable Long costMinor;

    @JdbcTypeCode(SqlTypes.CHAR)
    @Column(name = "cost_currency")
    private @Nullable String costCurrency;

    @Enumerated(EnumType.STRING)
    @Column(name = "cost_unit")
    private @Nullable LengthUnit costUnit;

    @Column(nullable = false)
    private String reason = "";

    @Column(nullable = false)
    private boolean cancelled;

    protected PurchaseLineEntity() {
    }

    static PurchaseLineEntity of(long purchaseId, NewLine wanted) {
        PurchaseLineEntity line = new PurchaseLineEntity();
        line.purchaseId = purchaseId;
        line.fabricId = wanted.fabricId();
        line.become(wanted);
        return line;
    }

    void become(NewLine wanted) {
        bolts = wanted.bolts();
        bolt = wanted.bolt();
        costMinor = wanted.cost().map(cost -> cost.each().minor()).orElse(null);
        costCurrency = wanted.cost().map(cost -> cost.each().currency().getCurrencyCode()).orElse(null);
        costUnit = wanted.cost().map(ClothPrice::unit).orElse(null);
        if (!wanted.reason().isEmpty()) {
            reason = wanted.reason();
        }
    }

    void cancel() {
        cancelled = true;
    }

    long id() {
        return id;
    }

    long purchaseId() {
        return purchaseId;
    }

    long fabricId() {
        return fabricId;
    }

    Optional<ClothPrice> cost() {
        return costMinor == null || costCurrency == null || costUnit == null
                ? Optional.empty()
                : Optional.of(new ClothPrice(new Money(Currency.getInstance(costCurrency), costMinor), costUnit));
    }

    Purchase.Line toLine(List<Length> came) {
        return new Purchase.Line(id, fabricId, new OrderedBolts(bolts, bolt), cost(), reason, came, cancelled);
    }
}
