package retazo.app.patterns;

import retazo.core.quilt.QuiltDesign;
import retazo.core.quilt.QuiltSize;
import retazo.app.shared.NotFoundException;

/** One version of a pattern as other features see it. */
public record PatternVersion(long id, long patternId, String name, int number, QuiltDesign design) {

    /** The size with this key. */
    public QuiltSize size(String key) {
        return design.sizes().stream()
                .filter(size -> size.key().value().equals(key))
                .findFirst()
                .orElseThrow(() -> new NotFoundException("size", key));
    }
}
