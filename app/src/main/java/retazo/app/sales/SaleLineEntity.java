package retazo.app.sales;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.Currency;
import java.util.Optional;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;
import retazo.core.cloth.Prices;
import retazo.core.measure.Length;
import retazo.core.measure.Money;

/** A line of a sale: a length, a bag, or so many of something counted, as it was booked under its entry. */
@Entity
@Table(name = "sale_line")
class SaleLineEntity {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Version
    private int version;

    @Column(name = "sale_id", nullable = false, updatable = false)
    private long saleId;

    @Column(name = "entry_id", nullable = false, updatable = false)
    private UUID entryId;

    @Column(name = "stock_item_id", nullable = false, updatable = false)
    private long stockItemId;

    @Column(name = "bag_id", updatable = false)
    private @Nullable Long bagId;

    @Column(name = "length_ticks", updatable = false)
    private @Nullable Length length;

    @Column(updatable = false)
    private @Nullable Long count;

    @Column(name = "price_minor", updatable = false)
    private @Nullable Long priceMinor;

    @JdbcTypeCode(SqlTypes.CHAR)
    @Column(name = "price_currency", updatable = false)
    private @Nullable String priceCurrency;

    @Column(name = "cost_minor", updatable = false)
    private @Nullable Long costMinor;

    @JdbcTypeCode(SqlTypes.CHAR)
    @Column(name = "cost_currency", updatable = false)
    private @Nullable String costCurrency;

    @Column(nullable = false, updatable = false)
    private Instant at;

    @Column(name = "taken_back_at")
    private @Nullable Instant takenBackAt;

    protected SaleLineEntity() {
    }

    static SaleLineEntity of(long saleId, UUID entryId, Sold sold, Instant at) {
        SaleLineEntity line = new SaleLineEntity();
        line.saleId = saleId;
        line.entryId = entryId;
        line.stockItemId = sold.stockItemId();
        line.bagId = sold.bagId().orElse(null);
        line.length = sold.length().orElse(null);
        line.count = sold.count().orElse(null);
        line.priceMinor = sold.price().map(Money::minor).orElse(null);
        line.priceCurrency = sold.price().map(price -> price.currency().getCurrencyCode()).orElse(null);
        line.costMinor = sold.worth().cost().map(Money::minor).orElse(null);
        line.costCurrency = sold.worth().cost().map(cost -> cost.currency().getCurrencyCode()).orElse(null);
        line.at = at;
        return line;
    }

    void takeBack(Instant now) {
        takenBackAt = now;
    }

    long id() {
        return id;
    }

    UUID entryId() {
        return entryId;
    }

    boolean isTakenBack() {
        return takenBackAt != null;
    }

    SaleLine toLine() {
        return new SaleLine(
                id,
                new Sold(
                        stockItemId, Optional.ofNullable(bagId), Optional.ofNullable(length), Optional.ofNullable(count),
                        new Prices<>(money(priceMinor, priceCurrency), money(costMinor, costCurrency))),
                at, takenBackAt != null);
    }

    private static Optional<Money> money(@Nullable Long minor, @Nullable String currency) {
        return minor == null || currency == null ? Optional.empty() : Optional.of(new Money(Currency.getInstance(currency), minor));
    }
}
