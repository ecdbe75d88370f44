package retazo.app.swatches;

import java.io.IOException;
import java.util.List;
import java.util.Optional;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import retazo.app.fabrics.FabricService;
import retazo.app.shared.Faults;
import retazo.app.shared.FieldReader;
import retazo.app.shared.Outcome;
import retazo.app.shared.Words;
import retazo.app.staff.SignedIn;
import retazo.core.colour.FabricLook;
import retazo.core.measure.Problem;

/** A photograph of a fabric is put in, laid straight, and taken away again. */
@Controller
@RequestMapping("/stock/fabrics/{id}/picture")
class SwatchController {

    private final Swatches swatches;
    private final FabricService fabrics;
    private final Words words;

    SwatchController(Swatches swatches, FabricService fabrics, Words words) {
        this.swatches = swatches;
        this.fabrics = fabrics;
        this.words = words;
    }

    @GetMapping
    String show(@PathVariable long id, Model model) {
        return show(id, Optional.empty(), Faults.NONE, model);
    }

    private String show(long id, Optional<LaidForm> typed, Faults faults, Model model) {
        SwatchPage page = new SwatchPage(fabrics.fabric(id), swatches.photo(id));
        model.addAttribute("page", page);
        model.addAttribute("prints", page.prints());
        page.photo().ifPresent(photo -> model.addAttribute("form", typed.orElseGet(() -> LaidForm.of(photo))));
        model.addAttribute("faults", faults);
        return "fabrics/picture";
    }

    @PostMapping
    String put(
            @PathVariable long id, @RequestParam Optional<MultipartFile> file, @AuthenticationPrincipal SignedIn person,
            RedirectAttributes next, Model model) throws IOException {
        if (file.map(MultipartFile::getSize).orElse(0L) > PhotoReader.LARGEST_FILE) {
            return show(id, Optional.empty(), Faults.of(List.of(PhotoReader.tooLarge()), words), model);
        }
        byte[] bytes = file.isPresent() ? file.get().getBytes() : new byte[0];
        return swatches.put(id, bytes, person.personId()).match(
                done -> back(id, words.text("swatch.put"), next),
                problems -> show(id, Optional.empty(), Faults.of(problems, words), model));
    }

    @PostMapping("/lay")
    String lay(
            @PathVariable long id, LaidForm form, @RequestParam(defaultValue = "-1") int seen, RedirectAttributes next, Model model) {
        FieldReader reader = new FieldReader();
        Optional<Laid> laid = swatches.photo(id).flatMap(photo -> form.read(reader, photo.width(), photo.height()));
        Outcome<FabricLook> outcome = laid.isEmpty()
                ? Outcome.refused(reader.anyProblem() ? reader.problems() : List.of(Problem.of("swatch.meanwhile")))
                : swatches.lay(id, laid.get(), seen);
        return outcome.match(
                look -> back(id, words.text("swatch.laid", look.value()), next),
                problems -> show(id, Optional.of(form), Faults.of(problems, words), model));
    }

    @PostMapping("/away")
    String takeAway(@PathVariable long id, RedirectAttributes next) {
        swatches.takeAway(id);
        return back(id, words.text("swatch.away"), next);
    }

    @PostMapping("/remove")
    String remove(@PathVariable long id, RedirectAttributes next) {
        swatches.remove(id);
        return back(id, words.text("swatch.removed"), next);
    }

    private static String back(long id, String done, RedirectAttributes next) {
        next.addFlashAttribute("done", done);
        return "redirect:/stock/fabrics/" + id + "/picture";
    }

    @GetMapping("/photo")
    ResponseEntity<byte[]> photo(@PathVariable long id) {
        return ResponseEntity.ok().contentType(MediaType.IMAGE_JPEG).cacheControl(CacheControl.noCache().cachePrivate())
                .body(swatches.photoFile(id));
    }
}
