package retazo.app.cutting;

import java.util.function.Function;
import retazo.core.measure.Problem;

/** What came of a step that a cutter recorded. */
sealed interface CutResult {

    <R> R match(Function<Recorded, R> recorded, Function<OldTicket, R> old, Function<Refused, R> refused, Function<Short, R> isShort);

    /** It is booked; the same step sent twice is recorded once. */
    record Recorded() implements CutResult {
        @Override
        public <R> R match(Function<Recorded, R> recorded, Function<OldTicket, R> old, Function<Refused, R> refused,
                Function<Short, R> isShort) {
            return recorded.apply(this);
        }
    }

    /** The plan has changed since the ticket was shown; nothing was booked. */
    record OldTicket(int ticketPlan, int newestPlan) implements CutResult {
        @Override
        public <R> R match(Function<Recorded, R> recorded, Function<OldTicket, R> old, Function<Refused, R> refused,
                Function<Short, R> isShort) {
            return old.apply(this);
        }
    }

    /**
     * Nothing was booked, and why.
     *
     * @param asks what can be said to book it all the same: that the bolt was longer than the book says, or that a length far from what was
     *             asked is right
     */
    record Refused(Problem problem, TicketPage.Asks asks) implements CutResult {
        @Override
        public <R> R match(Function<Recorded, R> recorded, Function<OldTicket, R> old, Function<Refused, R> refused,
                Function<Short, R> isShort) {
            return refused.apply(this);
        }
    }

    /** The real length is shorter than the bag needs; the cutter has to say what becomes of it. Nothing was booked. */
    record Short() implements CutResult {
        @Override
        public <R> R match(Function<Recorded, R> recorded, Function<OldTicket, R> old, Function<Refused, R> refused,
                Function<Short, R> isShort) {
            return isShort.apply(this);
        }
    }
}
