package retazo.app.stock.goods;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import retazo.core.precut.PrintMatching;

/**
 * A print in a bundle.
 *
 * @param pieces of it in one pack, 1 or more
 */
@Embeddable
public record BundlePrint(
        @Column(nullable = false) String name,
        @Enumerated(EnumType.STRING) @Column(nullable = false) PrintMatching.Value value,
        @Column(nullable = false) int pieces,
        @Enumerated(EnumType.STRING) @Column(nullable = false) Part part) {

    /** Whether it is used. */
    public enum Part {
        /** In every pack. */
        BUNDLE,
        /** In every pack, but left out: it is disliked, or vanishes on the ground. */
        DROPPED
    }

    /** What a kit that takes so many packs has of it. */
    public PrintMatching.Print inPacks(int packs) {
        return new PrintMatching.Print(name, value, switch (part) {
            case BUNDLE -> pieces * packs;
            case DROPPED -> 0;
        });
    }
}
