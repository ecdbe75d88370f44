package retazo.app.packing;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
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

    private static final Pattern PACKET = Pattern.compile("([bB]\\d{5,15})-(\\d{1,4})(-\\d{1,4})?");

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
        Matcher packet = PACKET.matcher(code.strip());
        boolean isPacket = packet.matches();
        Optional<Long> bag = shelf.named(isPacket ? packet.group(1) : code);
        if (bag.isEmpty()) {
            return refused(redirect, words.text("pack.scan-unknown", shortened(code)), "/packing");
        }
        String page = "/packing/bags/" + bag.get();
        return isPacket ? packet(bag.get(), Integer.parseInt(packet.group(2)), person, page, redirect) : "redirect:" + page;
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
