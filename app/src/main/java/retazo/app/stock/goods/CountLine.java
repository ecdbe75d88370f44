package retazo.app.stock.goods;

import java.time.Instant;
import retazo.app.shared.Moments;
import retazo.app.shared.Words;
import retazo.app.stock.Movement;

/** A line of the movement book of something counted, on a page. */
public record CountLine(String when, String reason, long count, long balance, String person, String note) {

    public static CountLine of(Movement line, Words words, Instant now) {
        return new CountLine(
                Moments.near(line.at(), now), words.text("reason." + line.reason()), line.count(), line.countBalance(), line.person(),
                line.note());
    }
}
