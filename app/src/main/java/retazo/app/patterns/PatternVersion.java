package retazo.app.patterns;

import java.util.List;
import retazo.app.patterns.file.PatternAbout;
import retazo.app.patterns.file.PatternContent;
import retazo.app.shared.NotFoundException;
import retazo.core.kit.Instructions;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.size.QuiltSize;
import retazo.core.quilt.size.Way;

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

    /** Whose instructions a maker follows: the pattern's own paper if it is another designer's, or nothing but a size's table is known. */
    public Instructions instructions(String sizeKey) {
        return design().wayOf(size(sizeKey)) == Way.SIZE_TABLE ? Instructions.PRINTED : instructions();
    }

    /** Whose instructions a maker follows where pieces are known. */
    public Instructions instructions() {
        return about().ownDesign() ? Instructions.OURS : Instructions.PRINTED;
    }

    /** What its sizes are called, in their order. */
    public List<String> sizeNames() {
        return design().sizes().stream().map(QuiltSize::name).toList();
    }

    /** The size with this key. */
    public QuiltSize size(String key) {
        return design().sizes().stream()
                .filter(size -> size.key().value().equals(key))
                .findFirst()
                .orElseThrow(() -> new NotFoundException("size", key));
    }
}
