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
import jakarta.persistence.ManyToOne;
import jakarta.persistence.Table;
import java.util.Optional;
import org.hibernate.annotations.Immutable;
import org.jspecify.annotations.Nullable;
import retazo.core.cloth.PrecutKind;
import retazo.core.cloth.SheetSize;
import retazo.core.kit.BillLine;
import retazo.core.kit.ShopCut;
import retazo.core.measure.Count;
import retazo.core.measure.Length;

/** A line of a bag's bill, frozen. */
@Entity
@Immutable
@Table(name = "bag_line")
public class BagLineEntity {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @ManyToOne(fetch = FetchType.EAGER, optional = false)
    @JoinColumn(name = "bag_id")
    private BagEntity bag;

    @Column(nullable = false)
    private int position;

    @Column(name = "fabric_id", nullable = false)
    private long fabricId;

    @Column(nullable = false)
    private Letters letters;

    @Column(name = "exact_ticks", nullable = false)
    private Length exact;

    @Column(name = "length_ticks", nullable = false)
    private Length length;

    @Column(name = "planned_width_ticks", nullable = false)
    private Length plannedWidth;

    @Enumerated(EnumType.STRING)
    @Column(name = "into_kind")
    private @Nullable PrecutKind intoKind;

    @Column(name = "into_count")
    private @Nullable Integer intoCount;

    @Column(name = "into_length_ticks", updatable = false)
    private @Nullable Length intoLength;

    @Column(name = "into_width_ticks", updatable = false)
    private @Nullable Length intoWidth;

    /** The line of another fabric whose place it takes. */
    @Column(name = "instead_of", updatable = false)
    private @Nullable Long insteadOf;

    protected BagLineEntity() {
    }

    public static BagLineEntity of(BagEntity bag, int position, long fabricId, BillLine.Cut cut) {
        BagLineEntity line = new BagLineEntity();
        line.bag = bag;
        line.position = position;
        line.fabricId = fabricId;
        line.letters = new Letters(cut.letters());
        line.exact = cut.exact();
        line.length = cut.length();
        line.plannedWidth = cut.plannedWidth();
        line.intoKind = cut.into().map(ShopCut::kind).orElse(null);
        line.intoLength = cut.into().flatMap(ShopCut::size).map(SheetSize::length).orElse(null);
        line.intoWidth = cut.into().flatMap(ShopCut::size).map(SheetSize::width).orElse(null);
        line.intoCount = cut.into().map(into -> Math.toIntExact(into.sheets().value())).orElse(null);
        return line;
    }

    /** A line that takes the place of this one, with another fabric. */
    public BagLineEntity insteadWith(long otherFabricId, BillLine.Cut cut) {
        BagLineEntity line = of(bag, position, otherFabricId, cut);
        line.insteadOf = id;
        return line;
    }

    public long id() {
        return id;
    }

    public BagEntity bag() {
        return bag;
    }

    int position() {
        return position;
    }

    public long fabricId() {
        return fabricId;
    }

    public Letters letters() {
        return letters;
    }

    public Length length() {
        return length;
    }

    /** What the length is cut into in the shop; empty for one folded length. */
    public Optional<ShopCut> into() {
        Optional<SheetSize> size = intoLength == null || intoWidth == null
                ? Optional.empty()
                : Optional.of(new SheetSize(intoLength, intoWidth));
        return intoKind == null || intoCount == null ? Optional.empty() : Optional.of(new ShopCut(intoKind, new Count(intoCount), size));
    }

    public Length plannedWidth() {
        return plannedWidth;
    }
}
