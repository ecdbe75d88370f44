package retazo.app.runs.pages;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import retazo.app.fabrics.Fabric;
import retazo.app.shared.LengthView;
import retazo.app.stock.Bolt;
import retazo.core.bolt.RestRule;
import retazo.core.cloth.ShopPractice;
import retazo.core.measure.Length;
import retazo.core.measure.LengthUnit;

/**
 * A bolt as a bar with the cuts on it, to one scale with the others on its page: 1000 is the longest.
 *
 * @param restKind what stays after the last cut
 * @param restX    where the rest begins
 * @param why      what speaks for this bolt; absent once a cut of it is done, which starts every bolt
 */
record BoltBar(
        long boltId,
        String code,
        String lot,
        String place,
        Fabric fabric,
        List<Segment> segments,
        long restX,
        long restWidth,
        LengthView rest,
        RestRule.Kind restKind,
        Optional<Why> why) {

    /** Why the plan cuts from a bolt: in this order it prefers to. */
    enum Why {
        /** It was started, and is used up. */
        FINISHES_STARTED,
        USES_UP,
        /** It was started, and what stays can be sold. */
        GOES_ON,
        OPENS;

        static Why of(boolean started, RestRule.Kind rest) {
            if (rest == RestRule.Kind.NOTHING) {
                return started ? FINISHES_STARTED : USES_UP;
            }
            return started ? GOES_ON : OPENS;
        }
    }

    /**
     * A cut on the bar.
     *
     * @param label number of the bag
     * @param done  whether it is cut already
     */
    record Segment(long x, long width, String label, LengthView length, boolean done) {
    }

    /** A cut to be drawn. */
    record Piece(String label, Length length, boolean done) {
    }

    /** The scale and words of a page of bars. */
    record Scale(Length longest, LengthUnit unit, RestRule rests) {

        /** One on which the longest of these bolts fills the bar. */
        static Scale of(List<Length> bolts, ShopPractice shop) {
            Length longest = bolts.stream().max(Length::compareTo).orElse(Length.ofYards(1, 1)).atLeast(Length.ofInches(1));
            return new Scale(longest, shop.sellingUnit(), RestRule.of(shop));
        }

        private long of(Length length) {
            return length.ticks() * 1000 / longest.ticks();
        }
    }

    /**
     * Draws cuts from the start of the bolt.
     *
     * @param all what the bolt had when the first of these cuts was still to be made
     */
    static BoltBar of(Bolt bolt, Fabric fabric, List<Piece> pieces, Length all, Scale scale) {
        List<Segment> segments = new ArrayList<>();
        Length at = Length.ZERO;
        for (Piece piece : pieces) {
            segments.add(new Segment(
                    scale.of(at), scale.of(piece.length()), piece.label(), LengthView.of(piece.length(), scale.unit()), piece.done()));
            at = at.plus(piece.length());
        }
        Length rest = all.minus(at).atLeast(Length.ZERO);
        RestRule.Kind kind = scale.rests().kindOf(rest);
        return new BoltBar(
                bolt.id(), bolt.code(), bolt.lot(), bolt.place(), fabric, segments, scale.of(at), scale.of(rest),
                LengthView.onHand(rest, scale.unit()), kind,
                pieces.stream().anyMatch(Piece::done) ? Optional.empty() : Optional.of(Why.of(bolt.started(), kind)));
    }

    public boolean restIsOrphan() {
        return restKind == RestRule.Kind.ORPHAN;
    }
}
