package retazo.app.runs;

import java.util.Map;

import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

import retazo.app.runs.book.RunEntity;
import retazo.app.runs.changes.Happened;
import retazo.app.runs.plan.PlanAgain;

/** Plans runs again: what was worked out is kept in one transaction, with all runs locked that it is about. */
@Service
class RunReplans {

    private final RunStates states;
    private final PlanAgain planAgain;

    RunReplans(RunStates states, PlanAgain planAgain) {
        this.states = states;
        this.planAgain = planAgain;
    }

    /** Works out how a run, and others that cut the same cloth, are planned again; nothing is locked. */
    PlanAgain.Again look(long runId) {
        return planAgain.look(runId);
    }

    /** Plans as that was worked out; false where it is not so any more. */
    @Transactional
    boolean keep(long runId, PlanAgain.Again again, Happened happened) {
        Map<Long, RunEntity> locked = states.lockAll(again.runIds());
        boolean planned = planAgain.keep(again, runId, locked, happened);
        if (planned) {
            locked.values().stream().filter(run -> run.state().isOpen()).forEach(run -> states.settle(run.id()));
        }
        return planned;
    }
}
