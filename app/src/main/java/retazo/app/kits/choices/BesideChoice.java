package retazo.app.kits.choices;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import retazo.core.prints.PrintValue;

/**
 * What a kit takes beside the packs of a role, as it is kept.
 *
 * @param source id of a loose precut, or of a fabric off whose bolts sheets are cut
 */
@Embeddable
public record BesideChoice(
        @Column(name = "role_key", nullable = false) String roleKey,
        @Column(nullable = false) long source,
        @Enumerated(EnumType.STRING) @Column(nullable = false) PrintValue value,
        @Column(nullable = false) int count) {
}
