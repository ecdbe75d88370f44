package retazo.app.stock.goods;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.util.Optional;
import retazo.core.prints.Print;
import retazo.core.prints.PrintValue;

/**
 * A print in a bundle.
 *
 * @param pieces of it in one pack, 1 or more
 */
@Embeddable
public record BundlePrint(
        @Column(nullable = false) String name,
        @Enumerated(EnumType.STRING) @Column(nullable = false) PrintValue value,
        @Column(nullable = false) int pieces,
        @Enumerated(EnumType.STRING) @Column(nullable = false) Part part) {

    /** Whether it is used. */
    public enum Part {
        /** In every pack. */
        BUNDLE,
        /** In every pack, but left out: it is disliked, or vanishes on the ground. */
        DROPPED
    }

    /** As one pack has it; empty where it is left out. */
    public Optional<Print> used() {
        return part == Part.BUNDLE ? Optional.of(new Print(name, value, pieces)) : Optional.empty();
    }
}
