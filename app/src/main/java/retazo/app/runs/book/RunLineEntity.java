package retazo.app.runs.book;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import retazo.core.bolt.promise.Priority;

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

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    private Priority priority = Priority.USUAL;

    protected RunLineEntity() {
    }

    public static RunLineEntity of(long runId, int position, Run.Asked asked) {
        RunLineEntity line = new RunLineEntity();
        line.runId = runId;
        line.position = position;
        line.kitId = asked.kitId();
        line.asked = asked.quantity();
        line.priority = asked.priority();
        return line;
    }

    /** Changes places with another line of its run. */
    public void swapPlace(RunLineEntity other) {
        int place = position;
        position = other.position;
        other.position = place;
    }

    /** Before or after the other bags of its run, where they are planned by priority. */
    public void press(Priority other) {
        priority = other;
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

    public Priority priority() {
        return priority;
    }
}
