package retazo.app.fabrics;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.Optional;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;
import retazo.core.cloth.PrintKind;
import retazo.core.measure.Length;

/** A fabric of the shop. */
@Entity
@Table(name = "fabric")
class FabricEntity {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Version
    private int version;

    @Column(nullable = false, updatable = false)
    private String code;

    @Column(nullable = false)
    private String name;

    @JdbcTypeCode(SqlTypes.CHAR)
    @Column(name = "ground_colour", nullable = false)
    private String groundColour;

    @JdbcTypeCode(SqlTypes.CHAR)
    @Column(name = "print_colour", nullable = false)
    private String printColour;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    private PrintKind print;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    private Motif motif;

    @Column(name = "usable_width_ticks")
    private @Nullable Length usableWidth;

    protected FabricEntity() {
    }

    static FabricEntity of(NewFabric fabric) {
        FabricEntity entity = new FabricEntity();
        entity.code = fabric.code();
        entity.name = fabric.name();
        entity.groundColour = fabric.groundColour();
        entity.printColour = fabric.printColour();
        entity.motif = fabric.motif();
        entity.print = fabric.motif().print();
        entity.usableWidth = fabric.usableWidth().orElse(null);
        return entity;
    }

    Fabric toFabric() {
        return new Fabric(id, code, name, groundColour, printColour, motif, Optional.ofNullable(usableWidth));
    }
}
