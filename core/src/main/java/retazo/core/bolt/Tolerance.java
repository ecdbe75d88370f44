package retazo.core.bolt;

import retazo.core.cloth.PracticeMeasure;
import retazo.core.cloth.ShopPractice;
import retazo.core.measure.Length;

/**
 * By how much bolts may be shorter than the book says.
 *
 * @param measured   of a bolt that somebody measured; zero or more
 * @param unmeasured of one whose length is an estimate or stands on its tag
 */
public record Tolerance(Length measured, Length unmeasured) {

    public static Tolerance of(ShopPractice practice) {
        return new Tolerance(practice.length(PracticeMeasure.BOLT_TOLERANCE), practice.length(PracticeMeasure.UNMEASURED_TOLERANCE));
    }

    public Length of(boolean isMeasured) {
        return isMeasured ? measured : unmeasured;
    }
}
