package retazo.app.cutting;

import java.time.Clock;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Component;
import retazo.app.runs.book.PlannedCut;
import retazo.app.runs.book.Run;
import retazo.app.runs.packets.PieceJobs;
import retazo.app.runs.packets.PieceSource;
import retazo.app.shared.Moments;
import retazo.app.shared.Outcome;
import retazo.app.staff.StaffService;
import retazo.app.stock.Entry;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;

/** What was recorded of planned cuts. */
@Component
class CutRecords {

    private final CutRecordRepository records;
    private final PieceJobs pieces;
    private final StaffService staff;
    private final Clock clock;

    CutRecords(CutRecordRepository records, PieceJobs pieces, StaffService staff, Clock clock) {
        this.records = records;
        this.pieces = pieces;
        this.staff = staff;
        this.clock = clock;
    }

    /** Why a cut may not be recorded any more: it is not this ticket's, an old plan's, or done; empty where it may. */
    Optional<CutResult> whyNot(CutStep step, PlannedCut cut, Run run) {
        if (cut.runId() != step.runId() || cut.boltId() != step.boltId() || cut.bagClosed()) {
            return Optional.of(new CutResult.Refused(Problem.of("cut.not-here"), TicketPage.Asks.NOTHING));
        }
        if (cut.state() == PlannedCut.State.SUPERSEDED) {
            return Optional.of(new CutResult.OldTicket(step.planVersion(), run.planVersion()));
        }
        if (cut.state() == PlannedCut.State.CUT) {
            return Optional.of(records.ofCut(cut.id())
                    .map(record -> new CutResult.Refused(
                            Problem.of("cut.already", cut.bagNumber(), name(record.personId()), Moments.clock(record.at())),
                            TicketPage.Asks.NOTHING))
                    .orElseThrow());
        }
        return Optional.empty();
    }

    CutResult keep(PlannedCut cut, Entry entry, Length real, CutRecordEntity.Outcome outcome) {
        records.saveAndFlush(CutRecordEntity.of(cut, entry.clientId(), real, outcome, entry.personId(), clock.instant()));
        return new CutResult.Recorded();
    }

    /** The last record of a bolt for a run that was not taken back. */
    Optional<CutRecordEntity> newest(long runId, long boltId) {
        return records.newest(runId, boltId);
    }

    /** Why a record may not be taken back; empty where it may. */
    Optional<Problem> whyNotBack(PlannedCut cut) {
        if (cut.bagClosed()) {
            return Optional.of(Problem.of("cut.bag-packed"));
        }
        return pieces.isBegun(PieceSource.ofCut(cut.runId(), cut.id())) ? Optional.of(Problem.of("cut.pieces-cut")) : Optional.empty();
    }

    void undo(CutRecordEntity record) {
        record.undo();
        records.flush();
    }

    private String name(long personId) {
        return staff.names(Set.of(personId)).getOrDefault(personId, "");
    }
}
