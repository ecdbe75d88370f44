package retazo.app.kits.prints;

import org.jspecify.annotations.Nullable;
import retazo.app.shared.Typed;
import retazo.core.prints.PrintValue;

/**
 * A cloth off whose bolts packs might be completed, as it was typed.
 *
 * @param good  the id of the precut that is a few short
 * @param cloth its name or code
 * @param value how light it is
 */
public record TriedCloth(@Nullable String good, @Nullable String cloth, @Nullable PrintValue value) {

    static final TriedCloth NONE = new TriedCloth(null, null, null);

    public String text() {
        return Typed.text(cloth);
    }

    PrintValue lightness() {
        return value == null ? PrintValue.MEDIUM : value;
    }

    boolean isFor(KitPairings.Bundle bundle) {
        return !text().isEmpty() && Long.toString(bundle.good().id()).equals(good);
    }
}
