package retazo.app.kits.pages;

import java.util.Map;
import org.jspecify.annotations.Nullable;
import retazo.app.shared.FractionText;

/**
 * What settings that are tried out would change.
 *
 * @param kits    what kits would take, or null where only the pattern was asked for
 * @param pattern what each part of them does to one pattern of the shop, in words
 */
record TriedSettings(PracticeEffects.@Nullable Looked kits, Map<String, FractionText> pattern) {
}
