package retazo.app.exchange;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;
import retazo.app.patterns.PatternSearch;
import retazo.app.patterns.PatternService;
import retazo.app.patterns.PatternVersion;
import retazo.app.patterns.RoleSources;
import retazo.app.patterns.file.PatternContent;
import retazo.app.practice.PracticeService;
import retazo.app.shared.Outcome;
import retazo.app.shared.Words;
import retazo.app.staff.SignedIn;
import retazo.core.cloth.RoleKey;
import retazo.core.cloth.ShopPractice;
import retazo.core.kit.Instructions;
import retazo.core.kit.Needs;
import retazo.core.kit.Planners;
import retazo.core.kit.RoleSource;
import retazo.core.measure.Problem;
import retazo.core.quilt.plan.QuiltPlan;
import retazo.core.quilt.plan.QuiltPlanner;
import retazo.core.quilt.size.QuiltSize;
import retazo.core.quilt.size.Way;

/** Patterns as files, one address each. */
@RestController
@RequestMapping(path = "/api/patterns", produces = MediaType.APPLICATION_JSON_VALUE)
@Tag(name = "patterns", description = "Patterns in the form of their files (docs/formats/pattern.schema.json).")
class PatternApi {

    private static final int PATTERNS_ON_A_PAGE = 50;

    private final PatternService patterns;
    private final RoleSources sources;
    private final PracticeService practice;
    private final Planners planners;
    private final Words words;

    PatternApi(PatternService patterns, RoleSources sources, PracticeService practice, Planners planners, Words words) {
        this.patterns = patterns;
        this.sources = sources;
        this.practice = practice;
        this.planners = planners;
        this.words = words;
    }

    /** A pattern in the list. */
    record ListedPattern(long id, String name, int version, boolean ownDesign, boolean archived, List<String> sizes) {
    }

    /** A pattern that was added or changed. */
    record KeptPattern(long id, int version) {
    }

    /** Something to mend: where, which rule by its code, and in words. */
    record Fault(String path, String code, String message) {
    }

    /** Why nothing was kept. */
    record Faults(List<Fault> problems) {
    }

    /** Pieces of one role and cut size. */
    record Piece(String label, String role, String shape, List<String> sizes, long count) {
    }

    /** A size with its pieces; none where only its table is known. */
    record SizePieces(String size, String name, List<Piece> pieces, List<String> warnings) {
    }

    @GetMapping
    @Operation(
            summary = "A page of the library, or of the patterns in it that are looked for; where another follows, its address is in Link")
    ResponseEntity<List<ListedPattern>> list(
            @RequestParam(defaultValue = "") String name, @RequestParam(defaultValue = "") String way,
            @RequestParam(defaultValue = "") String unit, @RequestParam(defaultValue = "") String precut,
            @RequestParam(defaultValue = "") String size, @RequestParam(defaultValue = "false") boolean archived,
            @RequestParam(defaultValue = "0") int page) {
        int number = Math.max(0, page);
        PatternService.Found found = patterns.page(new PatternSearch(name, way, unit, precut, size, archived), number, PATTERNS_ON_A_PAGE);
        ResponseEntity.BodyBuilder answer = ResponseEntity.ok();
        if (found.more()) {
            String next = ServletUriComponentsBuilder.fromCurrentRequest().replaceQueryParam("page", number + 1).build().toUriString();
            answer.header(HttpHeaders.LINK, "<" + next + ">; rel=\"next\"");
        }
        return answer.body(found.patterns().stream()
                .map(pattern -> new ListedPattern(
                        pattern.patternId(), pattern.name(), pattern.number(), pattern.about().ownDesign(), pattern.archived(),
                        pattern.design().sizes().stream().map(QuiltSize::name).toList()))
                .toList());
    }

    @GetMapping("/{id}")
    @Operation(summary = "A pattern's newest version as a file; its number stands in the ETag")
    ResponseEntity<Map<String, Object>> read(@PathVariable long id) {
        PatternVersion pattern = patterns.newestOf(id);
        return ResponseEntity.ok().eTag(Integer.toString(pattern.number())).body(patterns.file(pattern.content()));
    }

    @GetMapping("/{id}/pieces")
    @Operation(summary = "The pieces of every size, worked out by the practice of now")
    List<SizePieces> pieces(@PathVariable long id) {
        PatternVersion pattern = patterns.newestOf(id);
        return patterns.plans(pattern, practice.practice()).stream()
                .map(plan -> new SizePieces(
                        plan.size().key().value(), plan.size().name(),
                        plan.pieces().stream()
                                .map(piece -> new Piece(
                                        piece.label(), piece.role().value(), piece.shape().code(),
                                        piece.shape().measured().stream().map(size -> size.value().toString()).toList(),
                                        piece.count().value().value()))
                                .toList(),
                        plan.warnings().stream().map(words::of).toList()))
                .toList();
    }

    @GetMapping("/{id}/sizes/{size}/plan")
    @Operation(summary = "How every cloth of a size is cut, and the sheets of roles that come from precuts or quarters, "
            + "by the practice of now (docs/formats/plan.schema.json)")
    @ApiResponse(responseCode = "200", description = "The plan; without cloths where only the printed lengths of the size are known.")
    @ApiResponse(responseCode = "422", description = "A piece does not fit the cloth.")
    ResponseEntity<Object> plan(@PathVariable long id, @PathVariable String size) {
        PatternVersion pattern = patterns.newestOf(id);
        ShopPractice shop = practice.practice();
        QuiltPlan plan = new QuiltPlanner(shop).plan(pattern.design(), pattern.size(size));
        if (plan.way() == Way.SIZE_TABLE) {
            Needs.Result nothing = new Needs.Result(Map.of(), List.of());
            return ResponseEntity.ok(PlanFile.write(pattern, plan, nothing, nothing, Map.of()));
        }
        Map<RoleKey, RoleSource> chosen = sources.of(id);
        Needs.Result together = new Needs(shop, Instructions.OURS, planners).byRole(pattern.design(), plan, chosen);
        Needs.Result alone = new Needs(shop, pattern.instructions().alone(), planners).byRole(pattern.design(), plan, chosen);
        return together.problems().isEmpty()
                ? ResponseEntity.ok(PlanFile.write(pattern, plan, together, alone, chosen))
                : refused(together.problems());
    }

    @PostMapping(consumes = MediaType.APPLICATION_JSON_VALUE)
    @Operation(summary = "Adds a pattern: all of it, or nothing and every fault by its path")
    @ApiResponse(responseCode = "201", description = "It is in the library.")
    @ApiResponse(responseCode = "422", description = "Something is to be mended; nothing was kept.")
    ResponseEntity<Object> add(HttpServletRequest request, @AuthenticationPrincipal SignedIn person) throws IOException {
        return body(request)
                .match(patterns::read, Outcome::<PatternContent>refused)
                .match(content -> patterns.add(content, person.personId()), Outcome::<PatternVersion>refused)
                .match(
                        kept -> ResponseEntity.created(URI.create("/api/patterns/" + kept.patternId()))
                                .body(new KeptPattern(kept.patternId(), kept.number())),
                        this::refused);
    }

    @PutMapping(path = "/{id}", consumes = MediaType.APPLICATION_JSON_VALUE)
    @Operation(summary = "Adds the next version of a pattern; refused when 'version' is no longer its newest")
    @ApiResponse(responseCode = "200", description = "It is the newest version.")
    @ApiResponse(responseCode = "409", description = "Somebody kept another version meanwhile.")
    @ApiResponse(responseCode = "422", description = "Something is to be mended; nothing was kept.")
    ResponseEntity<Object> change(
            @PathVariable long id, @RequestParam int version, HttpServletRequest request, @AuthenticationPrincipal SignedIn person)
            throws IOException {
        return body(request)
                .match(patterns::read, Outcome::<PatternContent>refused)
                .match(content -> patterns.change(id, version, content, person.personId()), Outcome::<PatternVersion>refused)
                .match(kept -> ResponseEntity.ok().body(new KeptPattern(kept.patternId(), kept.number())), this::refused);
    }

    private ResponseEntity<Object> refused(List<Problem> problems) {
        boolean meanwhile = problems.stream().anyMatch(problem -> problem.code().equals("pattern.changed-meanwhile"));
        return ResponseEntity.status(meanwhile ? HttpStatus.CONFLICT : HttpStatus.UNPROCESSABLE_CONTENT)
                .body(new Faults(problems.stream()
                        .map(problem -> new Fault(problem.place(), problem.code(), words.of(problem)))
                        .toList()));
    }

    /** The body, if it is no larger than a pattern can be. */
    private static Outcome<String> body(HttpServletRequest request) throws IOException {
        byte[] bytes = request.getInputStream().readNBytes(PatternService.LARGEST_FILE + 1);
        return bytes.length > PatternService.LARGEST_FILE
                ? Outcome.refused(Problem.of("file.too-large"))
                : Outcome.done(new String(bytes, StandardCharsets.UTF_8));
    }
}
