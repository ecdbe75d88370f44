package retazo.app.stock.bolts;

import java.time.Instant;
import retazo.app.shared.LengthView;
import retazo.app.shared.Moments;
import retazo.app.shared.Words;
import retazo.app.stock.Movement;
import retazo.app.stock.Reason;
import retazo.core.measure.LengthUnit;

/**
 * A line of the movement book on a page.
 *
 * @param receipt whether the bolt came with it: without it there never was one
 */
record MovementView(
        long id, String when, String reason, LengthView amount, LengthView balance, String person, String note,
        boolean reversible, boolean reversed, boolean receipt) {

    static MovementView of(Movement movement, LengthUnit unit, Words words, Instant now) {
        return new MovementView(
                movement.id(),
                Moments.near(movement.at(), now),
                words.text("reason." + movement.reason()),
                LengthView.of(movement.amount(), unit),
                LengthView.of(movement.balance(), unit),
                movement.person(),
                movement.note(),
                movement.reversible() && !movement.reversed(),
                movement.reversed(), movement.reason() == Reason.RECEIVED);
    }
}
