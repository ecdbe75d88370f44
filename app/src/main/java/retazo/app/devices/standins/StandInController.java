package retazo.app.devices.standins;

import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import retazo.app.shared.NotFoundException;

/** The table with the stand-ins of the devices: beside the shop's own pages, in a window of its own. */
@Controller
@ConditionalOnProperty("retazo.standins")
class StandInController {

    private final StandIns standIns;
    private final StandInPrinter printer;
    private final Received received;

    StandInController(StandIns standIns, StandInPrinter printer, Received received) {
        this.received = received;
        this.standIns = standIns;
        this.printer = printer;
    }

    @GetMapping("/standins")
    String table(Model model) {
        model.addAttribute("faults", List.of(Fault.values()));
        model.addAttribute("on", List.copyOf(standIns.faults()));
        model.addAttribute("tray", printer.tray());
        model.addAttribute("received", received.newest());
        return "devices/standins";
    }

    @PostMapping("/standins")
    String switchTo(@RequestParam(defaultValue = "") List<@Nullable Fault> fault) {
        standIns.switchTo(fault.stream().flatMap(Stream::ofNullable).toList());
        return "redirect:/standins";
    }

    @GetMapping("/standins/tray/{number}")
    ResponseEntity<byte[]> printed(@PathVariable int number) {
        return ResponseEntity.ok().contentType(MediaType.APPLICATION_PDF)
                .body(printer.printed(number).orElseThrow(() -> new NotFoundException("print", number)).pdf());
    }
}
