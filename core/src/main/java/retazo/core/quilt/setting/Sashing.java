package retazo.core.quilt.setting;

import java.util.Optional;
import retazo.core.cloth.RoleKey;
import retazo.core.measure.Length;

/**
 * Strips between blocks.
 *
 * @param width        finished, above zero; a size may have its own
 * @param framed       whether they run around the outer blocks too; on point they always do
 * @param cornerstones the role of the squares where sashes cross; empty where the sashes of a row gap are one strip
 */
public record Sashing(RoleKey role, Length width, boolean framed, Optional<RoleKey> cornerstones) {

    /** No sash is wider. */
    public static final Length WIDEST = Length.ofInches(12);

    Sashing withWidth(Length newWidth) {
        return new Sashing(role, newWidth, framed, cornerstones);
    }
}
