package retazo.app.stock.changes;

import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.shared.Moments;
import retazo.app.shared.Outcome;
import retazo.app.shared.Words;
import retazo.app.staff.StaffService;
import retazo.app.stock.Bolt;
import retazo.app.stock.Entries;
import retazo.app.stock.Entry;
import retazo.app.stock.StockService;
import retazo.core.measure.LengthParts;
import retazo.core.measure.LengthUnit;
import retazo.core.measure.Problem;

/** Puts right what a bolt's tag says, and keeps who did and why. */
@Service
public class BoltChanges {

    private static final int MOST = 20;

    private final StockService stock;
    private final BoltChangeRepository changes;
    private final Entries entries;
    private final StaffService staff;
    private final Words words;
    private final Clock clock;

    BoltChanges(
            StockService stock, BoltChangeRepository changes, Entries entries, StaffService staff, Words words, Clock clock) {
        this.stock = stock;
        this.changes = changes;
        this.entries = entries;
        this.staff = staff;
        this.words = words;
        this.clock = clock;
    }

    /** A change as a page shows it. */
    record Line(String when, String was, String now, String why, String person) {
    }

    /**
     * Puts lot, place and width right. While cloth of it is promised to runs, lot and width stay: a kit is cut from one lot, and was
     * planned for a width.
     */
    @Transactional
    public Outcome<Long> change(long boltId, Bolt.Facts wanted, Entry entry) {
        return change(boltId, "put right " + boltId + " " + wanted, before -> wanted, entry);
    }

    /** Moves a bolt to another place; all else stays, whatever it is by then. */
    @Transactional
    public Outcome<Long> move(long boltId, String place, Entry entry) {
        return change(
                boltId, "move " + boltId + " to " + place, before -> new Bolt.Facts(before.lot(), place, before.usableWidth()), entry);
    }

    private Outcome<Long> change(long boltId, String asked, UnaryOperator<Bolt.Facts> change, Entry entry) {
        return entries.once(entry, asked, within -> {
            Bolt bolt = stock.lockBolts(List.of(boltId)).get(0);
            Bolt.Facts before = bolt.facts();
            Bolt.Facts wanted = change.apply(before);
            if (wanted.equals(before)) {
                return Outcome.done(boltId);
            }
            if (bolt.reserved().isPositive() && wanted.touchesPlans(before)) {
                return Outcome.refused(Problem.of("bolt.promised", bolt.code()));
            }
            stock.keepFacts(boltId, wanted);
            changes.saveAndFlush(BoltChangeEntity.of(boltId, said(before), said(wanted), within, clock.instant()));
            return Outcome.done(boltId);
        });
    }

    private String said(Bolt.Facts facts) {
        return words.text(
                "stock.facts", facts.lot(), facts.place().isEmpty() ? words.text("stock.no-place") : facts.place(),
                LengthParts.of(facts.usableWidth(), LengthUnit.INCH).plainText());
    }

    /** The newest changes of a bolt, newest first. */
    @Transactional(readOnly = true)
    List<Line> of(long boltId) {
        List<BoltChangeEntity> found = changes.findByBoltIdOrderByIdDesc(boltId, Limit.of(MOST));
        Map<Long, String> names = staff.names(found.stream().map(BoltChangeEntity::personId).collect(Collectors.toSet()));
        return found.stream().map(change -> new Line(
                Moments.near(change.at(), clock.instant()), change.was(), change.now(), change.why(),
                names.getOrDefault(change.personId(), ""))).toList();
    }
}
