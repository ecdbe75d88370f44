package retazo.app.stock.goods;

import static java.util.Objects.requireNonNull;

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
import retazo.core.cloth.Colour;
import retazo.core.cloth.PrecutKind;
import retazo.core.cloth.Prices;
import retazo.core.cloth.SheetSize;
import retazo.core.measure.Length;
import retazo.core.measure.Money;
import retazo.core.prints.PrintValue;

/** Something that is counted and not measured. */
@Entity
@Table(name = "good")
class GoodEntity {

    /** The kinds of {@link GoodKind} as they are kept. */
    private enum Kind {
        PRECUT,
        LOOSE,
        SHOP_CUT,
        LEFT_OVER,
        PATTERN_COPY,
        NOTION
    }

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
    @Column(nullable = false, updatable = false)
    private Kind kind;

    @Enumerated(EnumType.STRING)
    @Column(name = "notion_sort", updatable = false)
    private GoodKind.Notion.@Nullable Sort notionSort;

    @Enumerated(EnumType.STRING)
    @Column(name = "precut_kind", updatable = false)
    private @Nullable PrecutKind precutKind;

    @Column(name = "per_unit", nullable = false, updatable = false)
    private int perUnit;

    @Column(name = "pattern_id", updatable = false)
    private @Nullable Long patternId;

    @Column(name = "fabric_id", updatable = false)
    private @Nullable Long fabricId;

    @Column(name = "pack_id", updatable = false)
    private @Nullable Long packId;

    @Column(name = "print_name", updatable = false)
    private @Nullable String printName;

    @Enumerated(EnumType.STRING)
    @Column(name = "print_value", updatable = false)
    private @Nullable PrintValue printValue;

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
        entity.colour = good.colour().toString();
        return good.kind().match(entity.new Filled());
    }

    /** This entity with the keys of a kind. */
    private final class Filled implements GoodKind.Cases<GoodEntity> {

        @Override
        public GoodEntity precut(GoodKind.Precut precut) {
            precutKind = precut.kind();
            measured(precut.measured());
            return of(Kind.PRECUT, precut.perUnit());
        }

        @Override
        public GoodEntity loose(GoodKind.Loose loose) {
            packId = loose.packId();
            precutKind = loose.kind();
            printName = loose.print();
            printValue = loose.value();
            measured(loose.measured());
            return of(Kind.LOOSE, 1);
        }

        @Override
        public GoodEntity shopCut(GoodKind.ShopCut quarters) {
            fabricId = quarters.fabricId();
            precutKind = quarters.kind();
            measured(quarters.measured());
            return of(Kind.SHOP_CUT, 1);
        }

        @Override
        public GoodEntity leftOver(GoodKind.LeftPiece piece) {
            fabricId = piece.fabricId();
            leftWidth = piece.width();
            leftHeight = piece.height();
            return of(Kind.LEFT_OVER, 1);
        }

        @Override
        public GoodEntity copies(GoodKind.PatternCopy copies) {
            patternId = copies.patternId();
            return of(Kind.PATTERN_COPY, 1);
        }

        @Override
        public GoodEntity notion(GoodKind.Notion notion) {
            notionSort = notion.sort();
            return of(Kind.NOTION, 1);
        }

        private GoodEntity of(Kind of, int each) {
            kind = of;
            perUnit = each;
            return GoodEntity.this;
        }
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

    private Optional<SheetSize> measured() {
        return sheetLength == null || sheetWidth == null ? Optional.empty() : Optional.of(new SheetSize(sheetLength, sheetWidth));
    }

    private GoodKind kind() {
        return switch (kind) {
            case PRECUT -> new GoodKind.Precut(requireNonNull(precutKind), perUnit, measured());
            case LOOSE -> new GoodKind.Loose(
                    requireNonNull(packId), requireNonNull(precutKind), measured(), requireNonNull(printName), requireNonNull(printValue));
            case SHOP_CUT -> new GoodKind.ShopCut(requireNonNull(fabricId), requireNonNull(precutKind), measured());
            case LEFT_OVER ->
                new GoodKind.LeftPiece(requireNonNull(fabricId), requireNonNull(leftWidth), requireNonNull(leftHeight));
            case PATTERN_COPY -> new GoodKind.PatternCopy(requireNonNull(patternId));
            case NOTION -> new GoodKind.Notion(requireNonNull(notionSort));
        };
    }

    Good toGood() {
        return new Good(id, code, name, kind(), Colour.parse(colour), new Prices<>(money(priceMinor), money(costMinor)));
    }
}
