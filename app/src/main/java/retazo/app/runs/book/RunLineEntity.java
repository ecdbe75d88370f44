package retazo.app.runs.book;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** How many bags of a kit a run was asked for. */
@Entity
@Table(name = "run_line")
public class RunLineEntity {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Column(name = "run_id", nullable = false, updatable = false)
    private long runId;

    @Column(nullable = false)
    private int position;

    @Column(name = "kit_id", nullable = false, updatable = false)
    private long kitId;

    @Column(nullable = false)
    private int asked;

    protected RunLineEntity() {
    }

    public static RunLineEntity of(long runId, int position, long kitId, int asked) {
        RunLineEntity line = new RunLineEntity();
        line.runId = runId;
        line.position = position;
        line.kitId = kitId;
        line.asked = asked;
        return line;
    }

    /** Changes places with another line of its run. */
    public void swapPlace(RunLineEntity other) {
        int place = position;
        position = other.position;
        other.position = place;
    }

    /** So many bags more, in place of others. */
    public void askMore(int bags) {
        asked += bags;
    }

    public long id() {
        return id;
    }

    public long runId() {
        return runId;
    }

    public long kitId() {
        return kitId;
    }

    public int asked() {
        return asked;
    }
}
