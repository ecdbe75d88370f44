package retazo.app.patterns;

import retazo.app.shared.NotFoundException;
import retazo.core.quilt.QuiltDesign;
import retazo.core.quilt.QuiltSize;

/**
 * One version of a pattern as other features see it.
 *
 * @param content with the pattern's name of now
 */
public record PatternVersion(long id, long patternId, int number, boolean archived, PatternContent content) {

    public String name() {
        return content.name();
    }

    public PatternAbout about() {
        return content.about();
    }

    public QuiltDesign design() {
        return content.design();
    }

    /** The size with this key. */
    public QuiltSize size(String key) {
        return design().sizes().stream()
                .filter(size -> size.key().value().equals(key))
                .findFirst()
                .orElseThrow(() -> new NotFoundException("size", key));
    }
}
