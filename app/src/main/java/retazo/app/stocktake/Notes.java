package retazo.app.stocktake;

import java.time.Clock;
import java.time.Instant;
import java.util.Map;
import java.util.Set;
import org.springframework.stereotype.Component;
import retazo.app.shared.LengthView;
import retazo.app.shared.Moments;
import retazo.app.shared.Words;
import retazo.app.staff.StaffService;
import retazo.core.measure.Length;
import retazo.core.measure.LengthParts;

/** What a stocktake says of counts, and when it is. */
@Component
class Notes {

    private final StaffService staff;
    private final Words words;
    private final Clock clock;

    Notes(StaffService staff, Words words, Clock clock) {
        this.staff = staff;
        this.words = words;
        this.clock = clock;
    }

    Instant now() {
        return clock.instant();
    }

    String who(CountLineEntity line) {
        return staff.names(Set.of(line.personId())).getOrDefault(line.personId(), "");
    }

    Map<Long, String> names(Set<Long> ids) {
        return staff.names(ids);
    }

    String when(Instant at) {
        return Moments.near(at, clock.instant());
    }

    String text(String code, Object... arguments) {
        return words.text(code, arguments);
    }

    LengthView length(Length length) {
        return LengthView.onHand(length, words.sellingUnit());
    }

    String said(Amount amount) {
        return amount.length().isZero() && amount.pieces() != 0
                ? String.valueOf(amount.pieces())
                : LengthParts.exactText(amount.length(), words.sellingUnit());
    }

    /** A difference with its sign; empty for none. */
    String signed(Amount amount) {
        if (amount.isZero()) {
            return "";
        }
        return amount.isNegative() ? "−" + said(Amount.NOTHING.less(amount)) : "+" + said(amount);
    }

    /** What stands in the book beside what it corrects. */
    String note(long takeId) {
        return words.text("stocktake.note", takeId);
    }
}
