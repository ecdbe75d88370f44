package retazo.app.patterns.library;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import retazo.app.patterns.PatternHead;
import retazo.app.patterns.PatternSearch;
import retazo.app.patterns.PatternService;
import retazo.app.patterns.PatternTraits;
import retazo.app.patterns.PatternVersion;
import retazo.app.patterns.file.PatternFileWriter;
import retazo.app.pictures.QuiltPicture;
import retazo.app.pictures.RoleView;
import retazo.app.shared.Choice;
import retazo.app.shared.Outcome;
import retazo.app.shared.Words;
import retazo.app.staff.SignedIn;
import retazo.core.block.spec.UnitKind;
import retazo.core.cloth.PrecutKind;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.size.Way;
import tools.jackson.databind.json.JsonMapper;

/** The library of patterns: looking for one, starting one, files. */
@Controller
class LibraryController {

    private static final int FAULTS_SHOWN = 60;

    private final PatternService patterns;
    private final JsonMapper json;
    private final Words words;

    LibraryController(PatternService patterns, JsonMapper json, Words words) {
        this.patterns = patterns;
        this.json = json;
        this.words = words;
    }

    /** A pattern in the list, with a picture of its first size. */
    record ListedPattern(
            PatternVersion version, List<RoleView> roles, List<String> sizes, List<String> ways, List<String> units, List<String> tools,
            QuiltPicture picture) {
    }

    @GetMapping("/patterns")
    String list(
            @RequestParam(name = "words", defaultValue = "") String name, @RequestParam(defaultValue = "") String way,
            @RequestParam(defaultValue = "") String unit, @RequestParam(defaultValue = "") String precut,
            @RequestParam(defaultValue = "") String size, @RequestParam(defaultValue = "false") boolean archived, Model model) {
        PatternSearch search = new PatternSearch(name, way, unit, precut, size, archived);
        model.addAttribute("search", search);
        model.addAttribute("patterns", patterns.newest(search).stream().map(this::listed).toList());
        model.addAttribute("ways", Stream.of(Way.values()).map(PatternFileWriter::code).map(code -> choice(code, "way.")).toList());
        model.addAttribute("units", Stream.of(UnitKind.values()).map(kind -> choice(kind.code(), "unit.")).toList());
        model.addAttribute("precuts", PrecutKind.customary().stream().map(kind -> choice(kind.code(), "precut.")).toList());
        return "patterns/list";
    }

    private Choice choice(String code, String stem) {
        return new Choice(code, words.text(stem + code));
    }

    private ListedPattern listed(PatternVersion pattern) {
        QuiltDesign design = pattern.design();
        PatternTraits traits = PatternTraits.of(pattern.content());
        return new ListedPattern(
                pattern, RoleView.of(design, words),
                design.sizes().stream().map(size -> size.name()).toList(),
                traits.ways().stream().map(way -> words.text("way." + way)).toList(),
                traits.units().stream().map(unit -> words.text("unit." + unit)).toList(),
                PatternTools.of(pattern.content(), words),
                QuiltPicture.of("pattern-" + pattern.patternId(), design, design.sizes().get(0), PatternHead.inks(design)));
    }

    @GetMapping("/patterns/new")
    String start() {
        return "patterns/start";
    }

    @PostMapping("/patterns/{id}/copy")
    String copy(@PathVariable long id, @AuthenticationPrincipal SignedIn person, RedirectAttributes next) {
        PatternVersion copy = patterns.copy(id, person.personId()).match(
                made -> made,
                problems -> patterns.newestOf(id));
        next.addFlashAttribute("done", words.text("done.pattern-copied", copy.name()));
        return "redirect:/patterns/" + copy.patternId();
    }

    @PostMapping("/patterns/{id}/archive")
    String archive(@PathVariable long id, RedirectAttributes next) {
        patterns.archive(id);
        next.addFlashAttribute("done", words.text("done.pattern-archived", patterns.newestOf(id).name()));
        next.addFlashAttribute("undo", "/patterns/" + id + "/restore");
        return "redirect:/patterns";
    }

    @PostMapping("/patterns/{id}/restore")
    String restore(@PathVariable long id, RedirectAttributes next) {
        patterns.restore(id);
        next.addFlashAttribute("done", words.text("done.pattern-restored", patterns.newestOf(id).name()));
        return "redirect:/patterns/" + id;
    }

    /** The newest version as a file. */
    @GetMapping("/patterns/{id}/file")
    ResponseEntity<byte[]> file(@PathVariable long id) {
        PatternVersion pattern = patterns.newestOf(id);
        String name = pattern.name().toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-") + ".json";
        byte[] body = json.writerWithDefaultPrettyPrinter()
                .writeValueAsString(patterns.file(pattern.content())).getBytes(StandardCharsets.UTF_8);
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_JSON)
                .header(HttpHeaders.CONTENT_DISPOSITION, ContentDisposition.attachment().filename(name).build().toString())
                .body(body);
    }

    @GetMapping("/patterns/import")
    String importForm() {
        return "patterns/import";
    }

    /** Adds a pattern from a file; with any fault in it nothing is kept. */
    @PostMapping("/patterns/import")
    String importFile(
            @RequestParam Optional<MultipartFile> file, @AuthenticationPrincipal SignedIn person, RedirectAttributes next, Model model)
            throws IOException {
        String text = file.isPresent() ? new String(file.get().getBytes(), StandardCharsets.UTF_8) : "";
        Outcome<PatternVersion> outcome = patterns.read(text).match(content -> patterns.add(content, person.personId()), Outcome::refused);
        return outcome.match(
                pattern -> {
                    next.addFlashAttribute("done", words.text("done.pattern-imported", pattern.name()));
                    return "redirect:/patterns/" + pattern.patternId();
                },
                problems -> {
                    model.addAttribute("fileName", file.map(MultipartFile::getOriginalFilename).orElse(""));
                    model.addAttribute("faultCount", problems.size());
                    model.addAttribute("faults", problems.stream().limit(FAULTS_SHOWN)
                            .map(problem -> Map.of("place", problem.place(), "words", words.of(problem)))
                            .toList());
                    return "patterns/import";
                });
    }
}
