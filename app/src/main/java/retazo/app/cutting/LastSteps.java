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

/** The last step that was taken at a bolt for a run. */
@Component
class LastSteps {

    private final CutRecords records;
    private final RunBook runs;
    private final StaffService staff;
    private final Words words;
    private final Clock clock;

    LastSteps(CutRecords records, RunBook runs, StaffService staff, Words words, Clock clock) {
        this.records = records;
        this.runs = runs;
        this.staff = staff;
        this.words = words;
        this.clock = clock;
    }

    /** The last step taken on this bolt, which can be taken back. */
    record LastStep(LengthView length, String what, String who, String when, boolean canUndo) {
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
                    !cut.bagClosed());
        });
    }
}
