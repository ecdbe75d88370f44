package retazo.app.cutting;

import java.util.Optional;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import retazo.app.runs.book.Bag;
import retazo.app.shared.Words;

/** What was scanned at the cutting table: the ticket of the bolt of that number, or the pieces of the bag. */
@Controller
class CutScanController {

    private final OpenTickets tickets;
    private final Words words;

    CutScanController(OpenTickets tickets, Words words) {
        this.tickets = tickets;
        this.words = words;
    }

    @GetMapping("/cutting/scan")
    String scan(@RequestParam(defaultValue = "") String code, RedirectAttributes redirect) {
        Optional<String> found = tickets.ofBolt(code).map(ticket -> "/cutting/" + ticket.runId() + "/" + ticket.boltId())
                .or(() -> Bag.idOf(code).flatMap(tickets::piecesOf));
        if (found.isEmpty()) {
            redirect.addFlashAttribute("refused", words.text("cutting.scan-unknown", code.strip()));
            return "redirect:/cutting";
        }
        return "redirect:" + found.get();
    }
}
