package retazo.app.stock.bolts;

import java.util.List;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.app.labels.Label;
import retazo.app.labels.LabelAnswers;
import retazo.app.shared.LengthView;
import retazo.app.shared.Words;
import retazo.app.stock.Bolt;
import retazo.app.stock.StockService;

/** The label of a bolt or a remnant as a file to be printed. */
@Controller
class BoltLabelController {

    private final StockService stock;
    private final FabricService fabrics;
    private final LabelAnswers answers;
    private final Words words;

    BoltLabelController(StockService stock, FabricService fabrics, LabelAnswers answers, Words words) {
        this.stock = stock;
        this.fabrics = fabrics;
        this.answers = answers;
        this.words = words;
    }

    /** What changes with every cut, the length, stands on it only for a remnant, which is cut next as a whole or not at all. */
    @GetMapping("/stock/bolts/{id}/label")
    ResponseEntity<byte[]> label(@PathVariable long id) {
        Bolt bolt = stock.bolt(id);
        Fabric fabric = fabrics.fabric(bolt.fabricId());
        String length = LengthView.onHand(bolt.onHand(), words.sellingUnit()).plain();
        List<String> lines = bolt.parentCode()
                .map(parent -> List.of(words.text("bolt-label.lot", bolt.lot()), words.text("bolt-label.remnant", parent, length)))
                .orElseGet(() -> List.of(words.text("bolt-label.lot", bolt.lot())));
        return answers.answer(List.of(new Label(bolt.code(), fabric.name(), bolt.place(), lines)), "bolt-" + bolt.code());
    }
}
