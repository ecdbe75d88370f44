package retazo.app.runs.book;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import org.hibernate.annotations.Immutable;
import retazo.core.kit.BillLine;

/** Something counted that goes into a bag, frozen with its bill. */
@Entity
@Immutable
@Table(name = "bag_pick")
public class BagPickEntity {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Column(name = "bag_id", nullable = false)
    private long bagId;

    @Column(nullable = false)
    private int position;

    @Column(name = "good_id", nullable = false)
    private long goodId;

    @Column(nullable = false)
    private Letters letters;

    @Column(nullable = false)
    private int count;

    protected BagPickEntity() {
    }

    public static BagPickEntity of(long bagId, int position, long goodId, BillLine.Picked picked) {
        BagPickEntity pick = new BagPickEntity();
        pick.bagId = bagId;
        pick.position = position;
        pick.goodId = goodId;
        pick.letters = new Letters(picked.letters());
        pick.count = Math.toIntExact(picked.count().value());
        return pick;
    }

    public long bagId() {
        return bagId;
    }

    public Bag.Pick toPick() {
        return new Bag.Pick(id, goodId, letters, count);
    }
}
