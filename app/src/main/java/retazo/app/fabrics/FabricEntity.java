package retazo.app.fabrics;

import jakarta.persistence.Column;
import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.Currency;
import java.util.Optional;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;
import retazo.core.cloth.ClothKind;
import retazo.core.cloth.ClothPrice;
import retazo.core.cloth.Colour;
import retazo.core.cloth.Prices;
import retazo.core.cloth.PrintKind;
import retazo.core.colour.FabricLook;
import retazo.core.measure.Length;
import retazo.core.measure.LengthUnit;
import retazo.core.measure.Money;

/** A fabric of the shop. */
@Entity
@Table(name = "fabric")
class FabricEntity {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Version
    private int version;

    @Column(nullable = false)
    private String code;

    @Column(nullable = false)
    private String name;

    @JdbcTypeCode(SqlTypes.CHAR)
    @Column(name = "ground_colour", nullable = false)
    private String groundColour;

    @JdbcTypeCode(SqlTypes.CHAR)
    @Column(name = "print_colour", nullable = false)
    private String printColour;

    @Column(name = "seen_as", nullable = false)
    private String seenAs;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    private PrintKind print;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    private Motif motif;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    private ClothKind kind;

    @Column(name = "repeat_ticks")
    private @Nullable Length repeat;

    @Column(name = "usable_width_ticks")
    private @Nullable Length usableWidth;

    @Column(name = "price_minor")
    private @Nullable Long priceMinor;

    @Column(name = "cost_minor")
    private @Nullable Long costMinor;

    @Enumerated(EnumType.STRING)
    @Column(name = "price_unit")
    private @Nullable LengthUnit priceUnit;

    @JdbcTypeCode(SqlTypes.CHAR)
    @Column(name = "price_currency")
    private @Nullable String priceCurrency;

    @Embedded
    private @Nullable Tile tile;

    @Embedded
    private Origin origin = Origin.UNKNOWN;

    protected FabricEntity() {
    }

    static FabricEntity of(NewFabric fabric) {
        FabricEntity entity = new FabricEntity();
        entity.change(fabric);
        return entity;
    }

    /** All of it. */
    void change(NewFabric fabric) {
        code = fabric.code();
        name = fabric.name();
        colours(new FabricLook(fabric.groundColour(), fabric.printColour()));
        motif = fabric.motif();
        print = fabric.print();
        repeat = fabric.repeat().orElse(null);
        kind = fabric.kind();
        usableWidth = fabric.usableWidth().orElse(null);
        origin = fabric.origin();
        price(fabric.prices());
    }

    private void colours(FabricLook look) {
        groundColour = look.ground().toString();
        printColour = look.motif().toString();
        seenAs = SeenAs.words(look.ground());
    }

    /** Drawn by a photograph from now on, with the colours that were measured in it. */
    void draw(Tile piece, FabricLook look) {
        tile = piece;
        repeat = piece.height();
        colours(look);
    }

    /** Drawn by its motif again. */
    void drawByMotif() {
        tile = null;
    }

    void price(Prices<ClothPrice> prices) {
        Optional<ClothPrice> any = prices.price().or(prices::cost);
        priceMinor = prices.price().map(one -> one.each().minor()).orElse(null);
        costMinor = prices.cost().map(one -> one.each().minor()).orElse(null);
        priceUnit = any.map(ClothPrice::unit).orElse(null);
        priceCurrency = any.map(one -> one.each().currency().getCurrencyCode()).orElse(null);
    }

    private Optional<ClothPrice> price(@Nullable Long minor) {
        return minor == null || priceCurrency == null || priceUnit == null
                ? Optional.empty()
                : Optional.of(new ClothPrice(new Money(Currency.getInstance(priceCurrency), minor), priceUnit));
    }

    Fabric toFabric() {
        return new Fabric(
                id, code, name, new Drawn(Colour.parse(groundColour), Colour.parse(printColour), motif, Optional.ofNullable(tile)), kind,
                print, Optional.ofNullable(repeat),
                Optional.ofNullable(usableWidth),
                new Prices<>(price(priceMinor), price(costMinor)), origin);
    }
}
