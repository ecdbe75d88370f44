package retazo.app.stock.bolts;

import java.util.List;
import java.util.UUID;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import retazo.app.devices.Devices;
import retazo.app.devices.MeasuringMachine;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.app.labels.Label;
import retazo.app.labels.LabelAnswers;
import retazo.app.shared.Faults;
import retazo.app.shared.LengthView;
import retazo.app.shared.NotFoundException;
import retazo.app.shared.Words;
import retazo.app.stock.Bolt;
import retazo.app.stock.StockService;
import retazo.app.stock.find.BoltSearch;

/** The label of a bolt or a remnant, and what the measuring machine says of it. */
@Controller
class BoltLabelController {

    /** As many as a file with labels has at most. */
    private static final int MOST_LABELS = 500;

    private final StockService stock;
    private final BoltSearch found;
    private final FabricService fabrics;
    private final LabelAnswers answers;
    private final Devices devices;
    private final Words words;

    BoltLabelController(StockService stock, BoltSearch found, FabricService fabrics, LabelAnswers answers, Devices devices, Words words) {
        this.devices = devices;
        this.stock = stock;
        this.found = found;
        this.fabrics = fabrics;
        this.answers = answers;
        this.words = words;
    }

    /** What changes with every cut, the length, stands on it only for a remnant, which is cut next as a whole or not at all. */
    @GetMapping("/stock/bolts/{id}/label")
    ResponseEntity<byte[]> label(@PathVariable long id) {
        Bolt bolt = stock.bolt(id);
        return answers.answer(List.of(label(bolt)), "bolt-" + bolt.code());
    }

    /**
     * The labels of all bolts that came under an entry and are still there, by their numbers.
     *
     * @param part counted from 0, where there are too many for one file
     */
    @GetMapping("/stock/bolts/labels")
    ResponseEntity<byte[]> labels(@RequestParam UUID entry, @RequestParam(defaultValue = "0") int part) {
        List<Bolt> bolts = found.cameWith(entry, Math.max(0, part), MOST_LABELS);
        if (bolts.isEmpty()) {
            throw new NotFoundException("bolts of entry", entry);
        }
        return answers.answer(bolts.stream().map(this::label).toList(), "bolts");
    }

    /** The same at the shop's printer. */
    @PostMapping("/stock/bolts/{id}/label")
    String print(@PathVariable long id, RedirectAttributes redirect) {
        Bolt bolt = stock.bolt(id);
        answers.print(List.of(label(bolt)), "bolt-" + bolt.code()).match(
                done -> redirect.addFlashAttribute("done", words.text("labels.printed", 1)),
                problems -> redirect.addFlashAttribute("refused", Faults.of(problems, words).at("")));
        return "redirect:/stock/bolts/" + id;
    }

    /** What the machine shows for the bolt stands in the field, to be booked by whoever reads it. */
    @PostMapping("/stock/bolts/{id}/measure")
    String measure(@PathVariable long id, RedirectAttributes redirect) {
        MeasuringMachine machine = devices.machine().orElseThrow(() -> new NotFoundException("machine for bolt", id));
        redirect.addAttribute("counted", LengthView.onHand(machine.measure(stock.bolt(id).onHand()), words.sellingUnit()).plain());
        return "redirect:/stock/bolts/" + id;
    }

    private Label label(Bolt bolt) {
        Fabric fabric = fabrics.fabric(bolt.fabricId());
        String length = LengthView.onHand(bolt.onHand(), words.sellingUnit()).plain();
        List<String> lines = bolt.parentCode()
                .map(parent -> List.of(words.text("bolt-label.lot", bolt.lot()), words.text("bolt-label.remnant", parent, length)))
                .orElseGet(() -> List.of(words.text("bolt-label.lot", bolt.lot())));
        return new Label(bolt.code(), fabric.name(), bolt.place(), lines);
    }
}
