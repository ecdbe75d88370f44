package retazo.app.fabrics;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import retazo.core.measure.Length;

/**
 * The piece of a photograph of a fabric that drawings repeat: one repeat of its print.
 *
 * @param mark   stands for what the picture shows; another picture has another mark
 * @param width  of cloth, across
 * @param height of cloth, along its length
 */
@Embeddable
public record Tile(
        @JdbcTypeCode(SqlTypes.CHAR) @Column(name = "tile_mark") String mark,
        @Column(name = "tile_width_ticks") Length width,
        @Column(name = "tile_height_ticks") Length height) {
}
