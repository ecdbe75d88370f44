package retazo.app.orders;

import java.time.Instant;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import retazo.app.shared.Seen;
import retazo.core.buying.OrderedBolts;
import retazo.core.cloth.ClothPrice;
import retazo.core.measure.Length;
import retazo.core.measure.Money;

/**
 * An order of cloth to a supplier.
 *
 * @param begunAt  when it was begun
 * @param sentAt   when it went out; empty before
 * @param expected the day on which its cloth should be there, where one is known
 * @param note     for the supplier; may be empty
 */
public record Purchase(
        long id, long supplierId, State state, Instant begunAt, Optional<Instant> sentAt, Optional<LocalDate> expected, String note,
        List<Line> lines) {

    public Purchase {
        lines = List.copyOf(lines);
    }

    /** How far it is. */
    public enum State {
        /** Its lines can be changed. */
        WRITTEN,
        /** Its cloth is on its way. */
        SENT,
        /** Nothing of it is to come any more. */
        ENDED,
        /** It was thrown away before it went out. */
        DROPPED
    }

    /**
     * Bolts of a fabric.
     *
     * @param ordered   how many, and how long each is ordered
     * @param cost      for a yard or a metre, where it is known
     * @param reason    why, as it was when it was written; may be empty
     * @param bolts     that came and are in stock, or were
     * @param cancelled whether the rest is not wanted any more
     */
    public record Line(
            long id, long fabricId, OrderedBolts ordered, Optional<ClothPrice> cost, String reason, List<Length> bolts, boolean cancelled) {

        public Line {
            bolts = List.copyOf(bolts);
        }

        /** What of it came. */
        public Length came() {
            return bolts.stream().reduce(Length.ZERO, Length::plus);
        }

        /** How many bolts of it are still to come once it is sent. */
        public int openBolts() {
            return cancelled ? 0 : ordered.stillToCome(bolts);
        }

        /** The same as a length. */
        public Length open() {
            return ordered.each().times(openBolts());
        }

        /** What all of it costs, where that is known. */
        public Optional<Money> amount() {
            return cost.map(each -> each.of(ordered.length()));
        }
    }

    /** A mark of its lines and its note as they are now. */
    public String mark() {
        Map<String, String> texts = new LinkedHashMap<>();
        lines.forEach(line -> texts.put(Long.toString(line.fabricId()), line.ordered() + " " + line.cost()));
        texts.put("note", note);
        return Seen.mark(texts);
    }

    public boolean isWritten() {
        return state == State.WRITTEN;
    }

    /** Whether cloth of it can come. */
    public boolean isUnderWay() {
        return state == State.SENT;
    }

    /** What its lines cost together; empty where a cost is not known, or there are several currencies. */
    public Optional<Money> amount() {
        boolean known = lines.stream().allMatch(line -> line.amount().isPresent());
        boolean alike = lines.stream().flatMap(line -> line.amount().stream()).map(Money::currency).distinct().count() == 1;
        return known && alike ? lines.stream().flatMap(line -> line.amount().stream()).reduce(Money::plus) : Optional.empty();
    }
}
