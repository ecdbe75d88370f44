package retazo.app.fabrics;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;

/**
 * Where a fabric comes from, in the shop's own words.
 *
 * @param range    the collection that it was printed in; empty where nobody wrote it down
 * @param supplier who sells it to the shop, likewise
 */
@Embeddable
public record Origin(@Column(name = "range_name", nullable = false) String range, @Column(nullable = false) String supplier) {

    public static final Origin UNKNOWN = new Origin("", "");
}
