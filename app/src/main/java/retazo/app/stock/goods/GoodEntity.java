package retazo.app.stock.goods;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.ArrayList;
import java.util.Currency;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import retazo.core.cloth.PrecutKind;
import retazo.core.cloth.Prices;
import retazo.core.cloth.SheetSize;
import retazo.core.measure.Length;
import retazo.core.measure.Money;

/** Something that is counted and not measured. */
@Entity
@Table(name = "good")
class GoodEntity {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Version
    private int version;

    @Column(nullable = false, updatable = false)
    private String code;

    @Column(nullable = false)
    private String name;

    @Enumerated(EnumType.STRING)
    @Column(name = "precut_kind", updatable = false)
    private @Nullable PrecutKind precutKind;

    @Column(name = "per_unit", nullable = false, updatable = false)
    private int perUnit;

    @Column(name = "pattern_id", updatable = false)
    private @Nullable Long patternId;

    @Column(name = "fabric_id", updatable = false)
    private @Nullable Long fabricId;

    @Column(name = "left_width_ticks", updatable = false)
    private @Nullable Length leftWidth;

    @Column(name = "left_height_ticks", updatable = false)
    private @Nullable Length leftHeight;

    @Column(name = "sheet_length_ticks")
    private @Nullable Length sheetLength;

    @Column(name = "sheet_width_ticks")
    private @Nullable Length sheetWidth;

    @Column(nullable = false, columnDefinition = "char(7)")
    @org.hibernate.annotations.JdbcTypeCode(org.hibernate.type.SqlTypes.CHAR)
    private String colour;

    @Column(name = "price_minor")
    private @Nullable Long priceMinor;

    @Column(name = "cost_minor")
    private @Nullable Long costMinor;

    @Column(name = "price_currency", columnDefinition = "char(3)")
    @org.hibernate.annotations.JdbcTypeCode(org.hibernate.type.SqlTypes.CHAR)
    private @Nullable String priceCurrency;

    @ElementCollection
    @CollectionTable(name = "good_print", joinColumns = @JoinColumn(name = "good_id"))
    @OrderColumn(name = "position")
    private List<BundlePrint> prints = new ArrayList<>();

    protected GoodEntity() {
    }

    static GoodEntity of(NewGood good) {
        GoodEntity entity = new GoodEntity();
        entity.code = good.code();
        entity.name = good.name();
        entity.precutKind = good.precut().orElse(null);
        entity.perUnit = good.perUnit();
        entity.patternId = good.patternId().orElse(null);
        entity.colour = good.colour();
        good.piece().ifPresent(piece -> {
            entity.fabricId = piece.fabricId();
            entity.leftWidth = piece.width();
            entity.leftHeight = piece.height();
        });
        entity.measured(good.measured());
        return entity;
    }

    void measured(Optional<SheetSize> size) {
        sheetLength = size.map(SheetSize::length).orElse(null);
        sheetWidth = size.map(SheetSize::width).orElse(null);
    }

    void price(Prices<Money> prices) {
        priceMinor = prices.price().map(Money::minor).orElse(null);
        costMinor = prices.cost().map(Money::minor).orElse(null);
        priceCurrency = prices.price().or(prices::cost).map(money -> money.currency().getCurrencyCode()).orElse(null);
    }

    List<BundlePrint> prints() {
        return List.copyOf(prints);
    }

    void print(List<BundlePrint> all) {
        prints.clear();
        prints.addAll(all);
    }

    private Optional<Money> money(@Nullable Long minor) {
        return minor == null || priceCurrency == null
                ? Optional.empty()
                : Optional.of(new Money(Currency.getInstance(priceCurrency), minor));
    }

    private Optional<Good.Piece> piece() {
        return fabricId == null || leftWidth == null || leftHeight == null
                ? Optional.empty()
                : Optional.of(new Good.Piece(fabricId, leftWidth, leftHeight));
    }

    Good toGood() {
        return new Good(id, code, name, Optional.ofNullable(precutKind), perUnit, Optional.ofNullable(patternId), colour, piece(),
                sheetLength == null || sheetWidth == null ? Optional.empty() : Optional.of(new SheetSize(sheetLength, sheetWidth)),
                new Prices<>(money(priceMinor), money(costMinor)));
    }
}
