package retazo.app.labels;

import java.util.Collections;
import java.util.List;
import java.util.Optional;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import retazo.app.shared.Faults;
import retazo.app.shared.FieldReader;
import retazo.app.shared.Words;

/** The owner's page of the paper on which labels are printed, and a sheet to try it with. */
@Controller
class LabelPaperController {

    private final LabelPapers papers;
    private final LabelAnswers answers;
    private final Words words;

    LabelPaperController(LabelPapers papers, LabelAnswers answers, Words words) {
        this.papers = papers;
        this.answers = answers;
        this.words = words;
    }

    @GetMapping("/practice/labels")
    String show(Model model) {
        return show(model, LabelPaperForm.of(papers.paper()), Faults.NONE);
    }

    @PostMapping("/practice/labels")
    String change(LabelPaperForm form, Model model, RedirectAttributes redirect) {
        FieldReader reader = new FieldReader();
        Optional<LabelPaper> paper = form.read(reader);
        if (paper.isEmpty()) {
            return show(model, form, Faults.of(reader.problems(), words));
        }
        papers.change(paper.get());
        redirect.addFlashAttribute("done", words.text("labels.paper-kept"));
        return "redirect:/practice/labels";
    }

    /** A page of labels to hold against the sheet, or to see whether the roll fits. */
    @GetMapping("/practice/labels/sample")
    ResponseEntity<byte[]> sample() {
        Label label = new Label(
                "B00000", words.text("labels.sample.title"), words.text("labels.sample.under"), List.of(words.text("labels.sample.line")));
        return answers.answer(Collections.nCopies(papers.paper().places().size(), label), "labels");
    }

    private static String show(Model model, LabelPaperForm form, Faults faults) {
        model.addAttribute("form", form);
        model.addAttribute("faults", faults);
        return "practice/labels";
    }
}
