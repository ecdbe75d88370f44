package retazo.app.practice;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.MapKeyColumn;
import jakarta.persistence.MapKeyEnumerated;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import retazo.core.block.spec.UnitMethod;
import retazo.core.cloth.BackingSeams;
import retazo.core.cloth.Join;
import retazo.core.cloth.Joins;
import retazo.core.cloth.LayPractice;
import retazo.core.cloth.LongLay;
import retazo.core.cloth.Margin;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.cloth.ShopPractice;
import retazo.core.measure.Length;
import retazo.core.measure.LengthUnit;
import retazo.core.packet.PacketWay;
import retazo.core.quilt.setting.Edges;

/** The one row of settings of a shop. */
@Entity
@Table(name = "practice")
class PracticeEntity {

    static final short ONLY = 1;

    @Id
    private short id;

    @Version
    private int version;

    @Embedded
    private @Nullable StoredMargin margin;

    @Column(name = "selling_unit", nullable = false)
    @Enumerated(EnumType.STRING)
    private LengthUnit sellingUnit;

    @Column(name = "most_sizes")
    private @Nullable Integer mostSizes;

    @Column(name = "layers", nullable = false)
    private int layers;

    @Column(name = "border_join", nullable = false)
    @Enumerated(EnumType.STRING)
    private Join borderJoin;

    @Column(name = "binding_join", nullable = false)
    @Enumerated(EnumType.STRING)
    private Join bindingJoin;

    @Column(nullable = false)
    @Enumerated(EnumType.STRING)
    private PaperNotes.Pressing pressing;

    @Column(nullable = false)
    @Enumerated(EnumType.STRING)
    private PaperNotes.Selvedges selvedges;

    @Column(name = "partial_seams", nullable = false)
    @Enumerated(EnumType.STRING)
    private PaperNotes.PartialSeams partialSeams;

    @Column(name = "half_squares", nullable = false)
    @Enumerated(EnumType.STRING)
    private UnitMethod halfSquares;

    @Column(name = "halved_blocks", nullable = false)
    @Enumerated(EnumType.STRING)
    private Edges.CutBlocks.Cut halvedBlocks;

    @Column(nullable = false)
    @Enumerated(EnumType.STRING)
    private PacketWay packets;

    @Column(name = "bag_closing", nullable = false)
    @Enumerated(EnumType.STRING)
    private BagClosing bagClosing;

    @Column(name = "least_contrast", nullable = false)
    private int leastContrast;

    @Column(name = "long_strips", nullable = false)
    @Enumerated(EnumType.STRING)
    private LongLay longStrips;

    @ElementCollection(fetch = FetchType.EAGER)
    @CollectionTable(name = "practice_measure", joinColumns = @JoinColumn(name = "practice_id"))
    @MapKeyColumn(name = "measure")
    @MapKeyEnumerated(EnumType.STRING)
    @Column(name = "length_ticks", nullable = false)
    private Map<PracticeMeasure, Length> measures = new EnumMap<>(PracticeMeasure.class);

    protected PracticeEntity() {
    }

    static PracticeEntity of(ShopPractice practice, PaperNotes notes, DrawingStart start, PackingWay packing, int leastContrast) {
        PracticeEntity entity = new PracticeEntity();
        entity.id = ONLY;
        entity.update(practice, notes, start, packing, leastContrast);
        return entity;
    }

    PaperNotes toNotes() {
        return new PaperNotes(pressing, selvedges, partialSeams);
    }

    DrawingStart toDrawingStart() {
        return new DrawingStart(halfSquares, halvedBlocks);
    }

    PackingWay toPacking() {
        return new PackingWay(packets, bagClosing);
    }

    int leastContrast() {
        return leastContrast;
    }

    void update(ShopPractice practice, PaperNotes notes, DrawingStart start, PackingWay packing, int contrast) {
        leastContrast = contrast;
        packets = packing.packets();
        bagClosing = packing.closing();
        halfSquares = start.halfSquares();
        halvedBlocks = start.halved();
        partialSeams = notes.partial();
        pressing = notes.pressing();
        selvedges = notes.selvedges();
        practice.measures().forEach(measures::put);
        sellingUnit = practice.sellingUnit();
        mostSizes = practice.lay().mostSizes().orElse(null);
        layers = practice.lay().layers();
        longStrips = practice.lay().longStrips();
        borderJoin = practice.joins().borders();
        bindingJoin = practice.joins().bindings();
        margin = StoredMargin.of(Optional.of(practice.margin()).filter(said -> !said.equals(new Margin.None())));
    }

    /** What was never set, since it came later, is as is customary. */
    ShopPractice toPractice() {
        Map<PracticeMeasure, Length> complete = new EnumMap<>(ShopPractice.customary().measures());
        complete.putAll(measures);
        return new ShopPractice(complete, StoredMargin.read(margin).orElse(new Margin.None()), sellingUnit,
                new LayPractice(Optional.ofNullable(mostSizes), layers, longStrips, BackingSeams.FEWEST),
                new Joins(borderJoin, bindingJoin));
    }
}
