package retazo.app.packing;

import java.util.Optional;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import retazo.app.runs.BagShelf;
import retazo.app.runs.packets.BagPacket;
import retazo.app.shared.Words;
import retazo.app.staff.SignedIn;

/** What was scanned at the packing table: a bag is opened, a packet is put into its bag. */
@Controller
class ScanController {

    private final PackingService packing;
    private final BagContentsBook contents;
    private final BagShelf shelf;
    private final Words words;

    ScanController(PackingService packing, BagContentsBook contents, BagShelf shelf, Words words) {
        this.packing = packing;
        this.contents = contents;
        this.shelf = shelf;
        this.words = words;
    }

    @PostMapping("/packing/scan")
    String scan(
            @RequestParam(defaultValue = "") String code, @AuthenticationPrincipal SignedIn person, RedirectAttributes redirect) {
        Optional<PacketCode> packet = PacketCode.read(code);
        Optional<Long> bag = shelf.named(packet.map(PacketCode::bag).orElse(code));
        if (bag.isEmpty()) {
            return refused(redirect, words.text("pack.scan-unknown", shortened(code)), "/packing");
        }
        String page = "/packing/bags/" + bag.get();
        return packet.map(one -> packet(bag.get(), one.number(), person, page, redirect)).orElse("redirect:" + page);
    }

    private String packet(long bagId, int number, SignedIn person, String page, RedirectAttributes redirect) {
        Optional<BagPacket> found = contents.of(bagId).packets().stream().filter(one -> one.position() == number).findFirst();
        if (found.isEmpty()) {
            return refused(redirect, words.text("pack.scan-no-packet", number), page);
        }
        if (found.get().times() > 1) {
            return refused(redirect, words.text("pack.scan-count", number, found.get().times()), page);
        }
        return packing.tick(bagId, BagItem.packet(found.get().id()), person.personId()).match(
                done -> {
                    redirect.addFlashAttribute("done", words.text("pack.scan-in", number));
                    return "redirect:" + page;
                },
                problems -> refused(redirect, words.of(problems.get(0)), page));
    }

    private static String refused(RedirectAttributes redirect, String sentence, String page) {
        redirect.addFlashAttribute("refused", sentence);
        return "redirect:" + page;
    }

    private static String shortened(String text) {
        return text.length() <= 30 ? text : text.substring(0, 30) + "…";
    }
}
