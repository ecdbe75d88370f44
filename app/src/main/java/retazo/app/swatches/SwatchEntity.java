package retazo.app.swatches;

import jakarta.persistence.Basic;
import jakarta.persistence.Column;
import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** The photograph of a fabric, and what was cut out of it; the repository puts it there. */
@Entity
@Table(name = "swatch")
class SwatchEntity {

    @Id
    @Column(name = "fabric_id")
    private Long fabricId;

    @Version
    private int version;

    @Basic
    @Column(nullable = false, updatable = false)
    private byte[] photo;

    @Column(name = "photo_width", nullable = false, updatable = false)
    private int photoWidth;

    @Column(name = "photo_height", nullable = false, updatable = false)
    private int photoHeight;

    @Embedded
    private @Nullable Laid laid;

    @Column
    private byte @Nullable [] tile;

    @Column(name = "small_tile")
    private byte @Nullable [] smallTile;

    protected SwatchEntity() {
    }

    int version() {
        return version;
    }

    void lay(Laid marked, byte[] piece, byte[] smallPiece) {
        laid = marked;
        tile = piece;
        smallTile = smallPiece;
    }

    byte[] photo() {
        return photo;
    }

    int photoWidth() {
        return photoWidth;
    }

    int photoHeight() {
        return photoHeight;
    }

    Optional<Laid> laid() {
        return Optional.ofNullable(laid);
    }
}
