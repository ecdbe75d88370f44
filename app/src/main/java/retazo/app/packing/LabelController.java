package retazo.app.packing;

import java.util.List;
import java.util.UUID;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import retazo.app.labels.Label;
import retazo.app.labels.LabelAnswers;
import retazo.app.shared.Faults;
import retazo.app.shared.NotFoundException;
import retazo.app.shared.Words;

/** The labels of bags and packets, and the list of a bag, as files to be printed. */
@Controller
class LabelController {

    /** As many as a file with labels has at most. */
    private static final int MOST_LABELS = 500;

    private final BagLabels labels;
    private final BagPaper paper;
    private final LabelAnswers answers;
    private final Words words;

    LabelController(BagLabels labels, BagPaper paper, LabelAnswers answers, Words words) {
        this.words = words;
        this.labels = labels;
        this.paper = paper;
        this.answers = answers;
    }

    @GetMapping("/packing/bags/{id}/label")
    ResponseEntity<byte[]> bag(@PathVariable long id) {
        return answers.answer(labels.ofBag(id), "bag-" + id);
    }

    /** The label at the shop's printer. */
    @PostMapping("/packing/bags/{id}/label")
    String printBag(@PathVariable long id, RedirectAttributes redirect) {
        return printed(labels.ofBag(id), "bag-" + id, id, redirect);
    }

    /** The labels of its packets at the shop's printer. */
    @PostMapping("/packing/bags/{id}/packet-labels")
    String printPackets(@PathVariable long id, RedirectAttributes redirect) {
        return printed(labels.ofPackets(id), "packets-of-bag-" + id, id, redirect);
    }

    private String printed(List<Label> some, String name, long bagId, RedirectAttributes redirect) {
        answers.print(some, name).match(
                done -> redirect.addFlashAttribute("done", words.text("labels.printed", some.size())),
                problems -> redirect.addFlashAttribute("refused", Faults.of(problems, words).at("")));
        return "redirect:/packing/bags/" + bagId;
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

    /**
     * A label for each bag that came with an entry as it stood.
     *
     * @param part counted from 0, where there are too many for one file
     */
    @GetMapping("/packing/found/labels")
    ResponseEntity<byte[]> found(@RequestParam UUID entry, @RequestParam(defaultValue = "0") int part) {
        List<Label> all = labels.ofFound(entry, Math.max(0, part), MOST_LABELS);
        if (all.isEmpty()) {
            throw new NotFoundException("bags found with entry", entry);
        }
        return answers.answer(all, "bags-found");
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
