package retazo.app.packing;

import java.util.List;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import retazo.app.labels.Label;
import retazo.app.labels.LabelAnswers;
import retazo.app.shared.NotFoundException;

/** The labels of bags and packets, and the list of a bag, as files to be printed. */
@Controller
class LabelController {

    private final BagLabels labels;
    private final BagPaper paper;
    private final LabelAnswers answers;

    LabelController(BagLabels labels, BagPaper paper, LabelAnswers answers) {
        this.labels = labels;
        this.paper = paper;
        this.answers = answers;
    }

    @GetMapping("/packing/bags/{id}/label")
    ResponseEntity<byte[]> bag(@PathVariable long id) {
        return answers.answer(labels.ofBag(id), "bag-" + id);
    }

    /** Its list, to pack it without a screen. */
    @GetMapping("/packing/bags/{id}/paper")
    ResponseEntity<byte[]> paper(@PathVariable long id) {
        return answers.answer(paper.of(id), "list-of-bag-" + id);
    }

    /** A label for each bag of a run. */
    @GetMapping("/packing/runs/{id}/labels")
    ResponseEntity<byte[]> run(@PathVariable long id) {
        List<Label> all = labels.ofRun(id);
        if (all.isEmpty()) {
            throw new NotFoundException("bag of run", id);
        }
        return answers.answer(all, "bags-of-run-" + id);
    }

    @GetMapping("/packing/bags/{id}/packet-labels")
    ResponseEntity<byte[]> packets(@PathVariable long id) {
        List<Label> all = labels.ofPackets(id);
        if (all.isEmpty()) {
            throw new NotFoundException("packet in bag", id);
        }
        return answers.answer(all, "packets-of-bag-" + id);
    }
}
