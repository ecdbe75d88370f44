package retazo.app.practice;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.MapKeyColumn;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.Currency;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import retazo.core.cloth.ClothPrice;
import retazo.core.cloth.PrecutKind;
import retazo.core.cloth.UsualPrices;
import retazo.core.measure.LengthUnit;
import retazo.core.measure.Money;
import retazo.core.measure.Percent;
import retazo.core.price.Tax;

/** The one list of a shop's usual prices. */
@Entity
@Table(name = "price_list")
class PriceListEntity {

    static final short ONLY = 1;
    private static final String CLOTH = "CLOTH";
    private static final String KIT_STEP = "KIT_STEP";

    @Id
    private short id;

    @Version
    private int version;

    @JdbcTypeCode(SqlTypes.CHAR)
    @Column(nullable = false)
    private String currency = "";

    @Enumerated(EnumType.STRING)
    @Column(name = "cloth_unit", nullable = false)
    private LengthUnit clothUnit = LengthUnit.YARD;

    @Column(name = "tax_hundredths", nullable = false)
    private int taxHundredths;

    @Column(name = "tax_included", nullable = false)
    private boolean taxIncluded = true;

    @ElementCollection(fetch = FetchType.EAGER)
    @CollectionTable(name = "usual_price", joinColumns = @JoinColumn(name = "price_list_id"))
    @MapKeyColumn(name = "what")
    @Column(name = "minor", nullable = false)
    private Map<String, Long> minorByWhat = new HashMap<>();

    protected PriceListEntity() {
    }

    static PriceListEntity of(UsualPrices prices) {
        PriceListEntity entity = new PriceListEntity();
        entity.id = ONLY;
        entity.update(prices);
        return entity;
    }

    void update(UsualPrices prices) {
        currency = prices.currency().getCurrencyCode();
        clothUnit = prices.cloth().map(ClothPrice::unit).orElse(clothUnit);
        minorByWhat.clear();
        prices.cloth().ifPresent(cloth -> minorByWhat.put(CLOTH, cloth.each().minor()));
        prices.precuts().forEach((kind, each) -> minorByWhat.put(kind.name(), each.minor()));
        prices.kitStep().ifPresent(step -> minorByWhat.put(KIT_STEP, step.minor()));
    }

    void update(Tax tax) {
        taxHundredths = tax.rate().hundredths();
        taxIncluded = tax.included();
    }

    Tax toTax() {
        return new Tax(new Percent(taxHundredths), taxIncluded);
    }

    UsualPrices toPrices() {
        Currency of = Currency.getInstance(currency);
        Map<PrecutKind, Money> precuts = new LinkedHashMap<>();
        for (PrecutKind kind : PrecutKind.customary()) {
            Optional.ofNullable(minorByWhat.get(kind.name())).ifPresent(minor -> precuts.put(kind, new Money(of, minor)));
        }
        return new UsualPrices(
                of, Optional.ofNullable(minorByWhat.get(CLOTH)).map(minor -> new ClothPrice(new Money(of, minor), clothUnit)), precuts,
                Optional.ofNullable(minorByWhat.get(KIT_STEP)).map(minor -> new Money(of, minor)));
    }
}
