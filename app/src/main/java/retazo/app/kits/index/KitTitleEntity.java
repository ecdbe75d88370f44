package retazo.app.kits.index;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import org.hibernate.annotations.Immutable;

/** A kit's names as the database puts them together. */
@Entity
@Immutable
@Table(name = "kit_title")
class KitTitleEntity {

    @Id
    private Long id;

    @Column(name = "pattern_id")
    private long patternId;

    @Column(name = "pattern")
    private String pattern;

    @Column(name = "size_name")
    private String size;

    @Column(name = "colourway")
    private String colourway;

    @Column(name = "ended")
    private boolean ended;

    protected KitTitleEntity() {
    }

    KitTitle toTitle() {
        return new KitTitle(id, patternId, pattern, size, colourway, ended);
    }
}
