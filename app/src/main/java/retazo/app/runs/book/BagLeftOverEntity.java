package retazo.app.runs.book;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import org.hibernate.annotations.Immutable;

/** What the length of a bag's line leaves that the shop keeps, frozen with its bill. */
@Entity
@Immutable
@Table(name = "bag_left_over")
public class BagLeftOverEntity {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Column(name = "bag_line_id", nullable = false)
    private long bagLineId;

    @Column(name = "good_id", nullable = false)
    private long goodId;

    @Column(nullable = false)
    private int count;

    protected BagLeftOverEntity() {
    }

    public static BagLeftOverEntity of(long bagLineId, long goodId, int count) {
        BagLeftOverEntity kept = new BagLeftOverEntity();
        kept.bagLineId = bagLineId;
        kept.goodId = goodId;
        kept.count = count;
        return kept;
    }

    public long bagLineId() {
        return bagLineId;
    }

    public Bag.LeftOver toLeftOver() {
        return new Bag.LeftOver(goodId, count);
    }
}
