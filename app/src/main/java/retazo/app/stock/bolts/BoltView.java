package retazo.app.stock.bolts;

import java.time.Instant;
import java.util.Optional;
import retazo.app.fabrics.Fabric;
import retazo.app.shared.LengthView;
import retazo.app.shared.Moments;
import retazo.app.shared.Words;
import retazo.app.stock.Bolt;
import retazo.core.bolt.RestRule;
import retazo.core.measure.Length;
import retazo.core.measure.LengthUnit;

/** A bolt as the stock pages show it. */
record BoltView(
        long id,
        String code,
        Fabric fabric,
        String lot,
        String place,
        Cloth cloth,
        LengthView usableWidth,
        String state,
        String measured,
        String parent,
        BarView bar) {

    /**
     * How much cloth it has.
     *
     * @param overdrawn whether more is reserved than there is
     */
    record Cloth(LengthView onHand, LengthView reserved, boolean anyReserved, LengthView free, boolean overdrawn) {
    }

    static BoltView of(Bolt bolt, Fabric fabric, RestRule rests, Length longest, Instant now, Words words) {
        LengthUnit unit = words.sellingUnit();
        return new BoltView(
                bolt.id(),
                bolt.code(),
                fabric,
                bolt.lot(),
                bolt.place(),
                new Cloth(
                        LengthView.onHand(bolt.onHand(), unit), LengthView.of(bolt.reserved(), unit), bolt.reserved().isPositive(),
                        LengthView.onHand(bolt.free(), unit), overdrawn(bolt)),
                LengthView.cut(bolt.usableWidth()),
                state(bolt, rests).map(code -> words.text("bolt.state." + code)).orElse(""),
                bolt.measuredAt().map(when -> words.text("bolt.measured", Moments.near(when, now)))
                        .orElseGet(() -> words.text("bolt.estimate")),
                bolt.parentCode().map(code -> words.text("bolt.cut-off", code)).orElse(""),
                BarView.of(bolt, longest));
    }

    private static boolean overdrawn(Bolt bolt) {
        return bolt.reserved().isLongerThan(bolt.onHand());
    }

    private static Optional<String> state(Bolt bolt, RestRule rests) {
        if (overdrawn(bolt)) {
            return Optional.of("reserved-gone");
        }
        if (!bolt.started()) {
            return bolt.parentCode().map(parent -> "remnant");
        }
        return Optional.of(switch (rests.kindOf(bolt.onHand())) {
            case NOTHING -> bolt.onHand().isZero() ? "used-up" : "nothing-left";
            case ORPHAN -> "too-short";
            case REMNANT -> "started";
        });
    }
}
