package retazo.app.labels;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import retazo.core.measure.Length;

/** On what this shop prints its labels; there is one. */
@Entity
@Table(name = "label_paper")
class LabelPaperEntity {

    static final int ID = 1;

    @Id
    private int id;

    @Version
    private int version;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    private LabelPaper.Kind kind;

    @Column(nullable = false)
    private int columns;

    @Column(nullable = false)
    private int rows;

    @Column(name = "width_ticks", nullable = false)
    private Length width;

    @Column(name = "height_ticks", nullable = false)
    private Length height;

    protected LabelPaperEntity() {
    }

    LabelPaper toPaper() {
        return new LabelPaper(kind, columns, rows, width, height);
    }

    void become(LabelPaper paper) {
        kind = paper.kind();
        columns = paper.columns();
        rows = paper.rows();
        width = paper.width();
        height = paper.height();
    }
}
