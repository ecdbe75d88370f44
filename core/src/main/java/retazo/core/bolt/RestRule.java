package retazo.core.bolt;

import retazo.core.cloth.PracticeMeasure;
import retazo.core.cloth.ShopPractice;
import retazo.core.measure.Length;

/**
 * What a shop calls a rest.
 *
 * @param shortestRemnant a rest this long or longer can be sold
 * @param nothing         a rest up to this long counts as nothing
 */
public record RestRule(Length shortestRemnant, Length nothing) {

    /** The kinds of rest. */
    public enum Kind {
        NOTHING,
        REMNANT,
        ORPHAN
    }

    public static RestRule of(ShopPractice practice) {
        return new RestRule(practice.length(PracticeMeasure.SHORTEST_REMNANT), practice.length(PracticeMeasure.NOTHING));
    }

    public Kind kindOf(Length rest) {
        if (!rest.isLongerThan(nothing)) {
            return Kind.NOTHING;
        }
        return rest.isShorterThan(shortestRemnant) ? Kind.ORPHAN : Kind.REMNANT;
    }
}
