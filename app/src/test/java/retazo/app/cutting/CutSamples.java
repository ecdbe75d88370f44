package retazo.app.cutting;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import retazo.app.runs.book.Bag;
import retazo.app.runs.book.PlannedCut;
import retazo.app.runs.book.RunBook;
import retazo.core.measure.Length;

/** Steps at tickets, and what comes of them. */
record CutSamples(CutService cuts, RunBook runs) {

    static final long CUTTER = 3;

    static String problem(retazo.app.shared.Outcome<?> outcome) {
        return outcome.match(done -> "done", problems -> problems.get(0).code());
    }

    String result(CutStep step) {
        return cuts.record(step, CUTTER).match(
                recorded -> "recorded",
                old -> "old " + old.ticketPlan() + " of " + old.newestPlan(),
                refused -> refused.problem().code() + (refused.asks() == TicketPage.Asks.LONGER ? ", book" : ""),
                isShort -> "short");
    }

    PlannedCut first(long run) {
        return runs.currentCuts(Set.of(run)).stream()
                .filter(cut -> cut.state() == PlannedCut.State.PLANNED)
                .min(Comparator.comparing(PlannedCut::position))
                .orElseThrow();
    }

    List<Bag> bags(long run) {
        return runs.bags(Set.of(run)).get(run);
    }

    static CutStep step(PlannedCut cut) {
        return new CutStep(
                cut.runId(), cut.boltId(), cut.id(), cut.planVersion(), UUID.randomUUID(), Optional.empty(), Optional.empty(), false,
                false);
    }

    static CutStep shortStep(PlannedCut cut, String real, CutStep.Fate fate) {
        return withReal(cut, real, Optional.ofNullable(fate), false);
    }

    static CutStep withReal(PlannedCut cut, String real, Optional<CutStep.Fate> fate, boolean longer) {
        return new CutStep(
                cut.runId(), cut.boltId(), cut.id(), cut.planVersion(), UUID.randomUUID(), Optional.of(Length.parse(real)), fate, longer,
                false);
    }

    /** A length that the cutter says is right, however far from what was asked. */
    static CutStep sureOf(PlannedCut cut, String real) {
        return new CutStep(
                cut.runId(), cut.boltId(), cut.id(), cut.planVersion(), UUID.randomUUID(), Optional.of(Length.parse(real)),
                Optional.empty(), false, true);
    }
}
