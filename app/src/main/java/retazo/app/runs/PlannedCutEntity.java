package retazo.app.runs;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import retazo.app.stock.Promise;
import retazo.core.measure.Length;

/** A length that a bag's line is to be cut from a bolt, by one version of the plan. */
@Entity
@Table(name = "planned_cut")
class PlannedCutEntity {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Version
    private int version;

    @Column(name = "run_id", nullable = false, updatable = false)
    private long runId;

    @ManyToOne(fetch = FetchType.EAGER, optional = false)
    @JoinColumn(name = "bag_line_id", updatable = false)
    private BagLineEntity line;

    @Column(name = "stock_item_id", nullable = false, updatable = false)
    private long boltId;

    @Column(nullable = false, updatable = false)
    private int position;

    @Column(name = "length_ticks", nullable = false, updatable = false)
    private Length length;

    @Column(name = "plan_version", nullable = false, updatable = false)
    private int planVersion;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    private PlannedCut.State state;

    protected PlannedCutEntity() {
    }

    static PlannedCutEntity of(BagLineEntity line, long boltId, int position, int planVersion) {
        PlannedCutEntity cut = new PlannedCutEntity();
        cut.runId = line.bag().runId();
        cut.line = line;
        cut.boltId = boltId;
        cut.position = position;
        cut.length = line.length();
        cut.planVersion = planVersion;
        cut.state = PlannedCut.State.PLANNED;
        return cut;
    }

    void become(PlannedCut.State newState) {
        state = newState;
    }

    PlannedCut toPlannedCut() {
        BagEntity bag = line.bag();
        return new PlannedCut(
                id, runId, boltId, position, length, planVersion, state, bag.id(), bag.number(), bag.kitId(), line.id(),
                line.fabricId(), line.letters(), !bag.isOpen());
    }

    Promise promise() {
        return new Promise(boltId, length, owner());
    }

    /** Under which cloth is reserved for this cut. */
    String owner() {
        return "cut:" + id;
    }

    long id() {
        return id;
    }

    long runId() {
        return runId;
    }

    BagLineEntity line() {
        return line;
    }

    long boltId() {
        return boltId;
    }

    int position() {
        return position;
    }

    Length length() {
        return length;
    }

    boolean isPlanned() {
        return state == PlannedCut.State.PLANNED;
    }

    boolean isCut() {
        return state == PlannedCut.State.CUT;
    }
}
