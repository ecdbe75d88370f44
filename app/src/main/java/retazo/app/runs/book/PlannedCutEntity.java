package retazo.app.runs.book;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.JoinTable;
import jakarta.persistence.ManyToMany;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.OrderBy;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.hibernate.annotations.Fetch;
import org.hibernate.annotations.FetchMode;
import org.jspecify.annotations.Nullable;
import retazo.app.stock.Promise;
import retazo.core.measure.Length;

/** A length that a bag's line, or several of them together, is to be cut from a bolt, by one version of the plan. */
@Entity
@Table(name = "planned_cut")
public class PlannedCutEntity {

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

    @ManyToMany(fetch = FetchType.EAGER)
    @Fetch(FetchMode.SUBSELECT)
    @JoinTable(name = "planned_cut_with",
            joinColumns = @JoinColumn(name = "planned_cut_id"), inverseJoinColumns = @JoinColumn(name = "bag_line_id"))
    @OrderBy("id")
    private List<BagLineEntity> with = new ArrayList<>();

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

    /** The last plan of its run that it stood in, once a later one has taken its place. */
    @Column(name = "until_version")
    private @Nullable Integer untilVersion;

    protected PlannedCutEntity() {
    }

    public static PlannedCutEntity of(WantedCut wanted, int position, int planVersion) {
        PlannedCutEntity cut = new PlannedCutEntity();
        BagLineEntity first = wanted.lines().get(0);
        cut.runId = first.bag().runId();
        cut.line = first;
        cut.with.addAll(wanted.lines().subList(1, wanted.lines().size()));
        cut.boltId = wanted.boltId();
        cut.position = position;
        cut.length = wanted.length();
        cut.planVersion = planVersion;
        cut.state = PlannedCut.State.PLANNED;
        return cut;
    }

    public void become(PlannedCut.State newState) {
        state = newState;
    }

    /** A later plan takes its place. */
    public void letGo(int lastVersion) {
        state = PlannedCut.State.SUPERSEDED;
        untilVersion = lastVersion;
    }

    public PlannedCut toPlannedCut() {
        return new PlannedCut(
                id, runId, boltId, new PlannedCut.Place(planVersion, position), length, state,
                lines().map(one -> new PlannedCut.Target(one.id(), one.bag().id(), one.bag().number())).toList(), line.bag().kitId(),
                line.fabricId(),
                line.letters(), line.into(), lines().anyMatch(one -> !one.bag().isOpen()));
    }

    public Promise promise() {
        return new Promise(boltId, length, owner());
    }

    /** Under which cloth is reserved for this cut. */
    public String owner() {
        return "cut:" + id;
    }

    public long id() {
        return id;
    }

    public long runId() {
        return runId;
    }

    /** All that it serves, the first of them named first. */
    public Stream<BagLineEntity> lines() {
        return Stream.concat(Stream.of(line), with.stream());
    }

    public long boltId() {
        return boltId;
    }

    public int position() {
        return position;
    }

    public Length length() {
        return length;
    }

    public boolean isPlanned() {
        return state == PlannedCut.State.PLANNED;
    }

    public boolean isCut() {
        return state == PlannedCut.State.CUT;
    }
}
