package retazo.app.cutting;

import java.time.Clock;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Component;
import retazo.app.runs.book.PlannedCut;
import retazo.app.runs.book.RunBook;
import retazo.app.shared.LengthView;
import retazo.app.shared.Moments;
import retazo.app.shared.Words;
import retazo.app.staff.StaffService;
import retazo.app.stock.Bolt;
import retazo.app.stock.StockService;

/** The last step that was taken at a bolt for a run. */
@Component
class LastSteps {

    private final CutRecords records;
    private final RunBook runs;
    private final StockService stock;
    private final StaffService staff;
    private final Words words;
    private final Clock clock;

    LastSteps(CutRecords records, RunBook runs, StockService stock, StaffService staff, Words words, Clock clock) {
        this.records = records;
        this.runs = runs;
        this.stock = stock;
        this.staff = staff;
        this.words = words;
        this.clock = clock;
    }

    /**
     * The last step taken on this bolt, which can be taken back.
     *
     * @param remnant the bolt that it made of a length; empty for none
     */
    record LastStep(LengthView length, String what, String who, String when, boolean canUndo, Optional<Bolt> remnant) {
    }

    /** Empty where nothing was done yet. */
    Optional<LastStep> of(long runId, long boltId) {
        return records.newest(runId, boltId).map(record -> {
            PlannedCut cut = runs.plannedCut(record.plannedCutId());
            return new LastStep(
                    LengthView.of(record.real(), words.sellingUnit()),
                    words.text("cut." + record.outcome(), cut.bags().count(), cut.bags()),
                    staff.names(Set.of(record.personId())).getOrDefault(record.personId(), ""),
                    Moments.near(record.at(), clock.instant()),
                    !cut.bagClosed(), stock.remnantOf(record.clientId()));
        });
    }
}
