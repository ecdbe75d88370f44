package retazo.app.cutting;

import java.util.List;
import java.util.stream.Stream;

import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;

import retazo.app.labels.FloorPaper;
import retazo.app.labels.LabelAnswers;
import retazo.app.shared.Words;

/** A ticket on paper, for a table without a tablet. */
@Controller
class TicketPaperController {

    private final TicketPages pages;
    private final LabelAnswers answers;
    private final Words words;

    TicketPaperController(TicketPages pages, LabelAnswers answers, Words words) {
        this.pages = pages;
        this.answers = answers;
        this.words = words;
    }

    @GetMapping("/cutting/{runId}/{boltId}/paper")
    ResponseEntity<byte[]> paper(@PathVariable long runId, @PathVariable long boltId) {
        return answers.answer(paper(pages.ticket(runId, boltId)), "ticket-" + runId + "-" + boltId);
    }

    private FloorPaper paper(TicketPages.Ticket ticket) {
        TicketPages.OnBolt on = ticket.on();
        List<FloorPaper.Line> lines = ticket.cuts().stream().map(this::line).toList();
        FloorPaper.Line rest = new FloorPaper.Line(
                false, "", words.text("ticket.paper.rest"), ticket.end().rest().plain(), ticket.end().word());
        return new FloorPaper(
                on.bolt().code(), words.text("ticket.bolt", on.bolt().code(), on.fabric().name()),
                words.text(
                        "ticket.paper.under", on.bolt().place().isEmpty() ? words.text("ticket.no-place-noted") : on.bolt().place(),
                        on.bolt().lot(), on.usableWidth().plain()),
                List.of(new FloorPaper.Part(words.text("ticket.paper.run", ticket.runId()),
                        Stream.concat(lines.stream(), Stream.of(rest)).toList())));
    }

    private FloorPaper.Line line(CutViews.CutView cut) {
        return new FloorPaper.Line(
                cut.done(), words.text("ticket.paper.bag", cut.bags().count(), cut.bags()), cut.kit(), cut.length().plain(),
                Stream.of(cut.letters(), cut.into(), cut.keep()).filter(note -> !note.isEmpty()).reduce((one, other) -> one + "; " + other)
                        .orElse(""));
    }
}
