package retazo.app.cutting.pull;

import java.util.List;
import java.util.stream.Collectors;

import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

import retazo.app.labels.FloorPaper;
import retazo.app.labels.LabelAnswers;
import retazo.app.shared.ShopUnit;
import retazo.app.shared.Words;

/** The pull list on paper. */
@Controller
class PullPaperController {

    private final PullLists lists;
    private final LabelAnswers answers;
    private final ShopUnit unit;
    private final Words words;

    PullPaperController(PullLists lists, LabelAnswers answers, ShopUnit unit, Words words) {
        this.lists = lists;
        this.answers = answers;
        this.unit = unit;
        this.words = words;
    }

    @GetMapping("/cutting/pull/paper")
    ResponseEntity<byte[]> paper(@RequestParam(defaultValue = "") List<Long> run) {
        PullList list = lists.of(run, unit.sellingUnit());
        return answers.answer(
                new FloorPaper(
                        "", words.text("pull.paper"),
                        list.runs().stream().filter(PullList.RunChoice::chosen)
                                .map(one -> words.text("cutting.list.run", one.id(), one.asked())).collect(Collectors.joining("; ")),
                        list.places().stream().map(stop -> new FloorPaper.Part(
                                stop.place().isEmpty() ? words.text("cutting.list.no-place-noted") : stop.place(),
                                stop.lines().stream().map(this::line).toList())).toList()),
                "pull-list");
    }

    private FloorPaper.Line line(PullList.Line line) {
        String lot = line.lot().isEmpty() ? "" : ", " + words.text("pull.lot", line.lot());
        return new FloorPaper.Line(
                line.isOut(), line.code(), line.name() + lot,
                line.length().map(length -> length.plain()).orElseGet(() -> words.text("pull.amount", line.count())),
                line.tickets().stream().map(ticket -> words.text("pull.ticket", ticket.runId(), ticket.cuts()))
                        .collect(Collectors.joining(", ")));
    }
}
