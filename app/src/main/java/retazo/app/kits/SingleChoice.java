package retazo.app.kits;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import retazo.core.prints.PrintValue;

/** A single of a kit as it is kept. */
@Embeddable
record SingleChoice(
        @Column(name = "role_key", nullable = false) String roleKey,
        @Column(name = "good_id", nullable = false) long goodId,
        @Enumerated(EnumType.STRING) @Column(nullable = false) PrintValue value,
        @Column(nullable = false) int count) {
}
