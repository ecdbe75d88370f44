package retazo.app.opening;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import retazo.app.shared.Faults;
import retazo.app.shared.Outcome;
import retazo.app.shared.Paging;
import retazo.app.shared.TypedRows;
import retazo.app.shared.Words;
import retazo.app.staff.SignedIn;

/** Lists that come into the book at once: from a file, or typed on a sheet. */
@Controller
@RequestMapping("/stock/lists")
class OpeningController {

    private static final Duration A_MOMENT = Duration.ofMillis(1_500);

    private final OpeningLists lists;
    private final OpeningWork work;
    private final OpeningPages pages;
    private final Words words;

    OpeningController(OpeningLists lists, OpeningWork work, OpeningPages pages, Words words) {
        this.lists = lists;
        this.work = work;
        this.pages = pages;
        this.words = words;
    }

    @GetMapping
    String all(@RequestParam(defaultValue = "0") int page, @AuthenticationPrincipal SignedIn person, Model model) {
        return showAll(Paging.number(page), person, Faults.NONE, model);
    }

    private String showAll(int page, SignedIn person, Faults faults, Model model) {
        model.addAttribute("page", pages.all(person, page));
        model.addAttribute("faults", faults);
        return "opening/lists";
    }

    @PostMapping
    String read(@RequestParam Optional<MultipartFile> file, @AuthenticationPrincipal SignedIn person, Model model) throws IOException {
        String name = file.map(MultipartFile::getOriginalFilename).filter(text -> !text.isBlank()).orElse(words.text("opening.no-name"));
        byte[] bytes = file.isPresent() ? file.get().getBytes() : new byte[0];
        return lists.read(name, bytes, person).match(this::begun, problems -> showAll(0, person, Faults.of(problems, words), model));
    }

    private String begun(long id) {
        work.begin(id);
        work.await(id, A_MOMENT);
        return "redirect:/stock/lists/" + id;
    }

    @PostMapping("/new/{kind}")
    String begin(@PathVariable String kind, @AuthenticationPrincipal SignedIn person) {
        return "redirect:/stock/lists/" + lists.begin(lists.kind(kind, person), person);
    }

    @GetMapping("/{id:\\d+}")
    String list(
            @PathVariable long id, @RequestParam(defaultValue = "0") int after, @RequestParam Optional<String> all,
            @AuthenticationPrincipal SignedIn person, Model model, HttpServletResponse response) {
        return show(id, new OpeningPages.Shown(Math.max(0, after), all.isPresent()), person, Faults.NONE, model, response);
    }

    /** While it is worked on the page asks again by itself. */
    private String show(
            long id, OpeningPages.Shown shown, SignedIn person, Faults faults, Model model, HttpServletResponse response) {
        OpeningPages.ListPage page = pages.list(id, shown, person);
        model.addAttribute("page", page);
        model.addAttribute("faults", faults);
        if (page.stand().works()) {
            response.setHeader("Refresh", "1");
            return "opening/works";
        }
        return "opening/list";
    }

    /** Labels of what it brought, so many to a file. */
    @GetMapping("/{id:\\d+}/labels")
    String labels(
            @PathVariable long id, @RequestParam(defaultValue = "0") int part, @AuthenticationPrincipal SignedIn person,
            RedirectAttributes next) {
        OpeningListEntity list = lists.list(id, person);
        next.addAttribute("entry", list.entry().clientId());
        next.addAttribute("part", part);
        return "redirect:" + (list.kind() == ListKind.Name.KITS ? "/packing/found/labels" : "/stock/bolts/labels");
    }

    @PostMapping("/{id:\\d+}/lines")
    String write(
            @PathVariable long id, @RequestParam MultiValueMap<String, String> form, @RequestParam(defaultValue = "0") int after,
            @RequestParam Optional<String> all, @AuthenticationPrincipal SignedIn person, Model model, HttpServletResponse response) {
        Outcome<Long> outcome = lists.write(id, rows(form), person);
        return outcome.match(
                done -> begun(id) + (all.isPresent() ? "?all=on&after=" + Math.max(0, after) : ""),
                problems -> show(
                        id, new OpeningPages.Shown(Math.max(0, after), all.isPresent()), person, Faults.of(problems, words), model,
                        response));
    }

    private static List<Row> rows(MultiValueMap<String, String> form) {
        return TypedRows.of(form).entrySet().stream().filter(row -> row.getKey() > 0)
                .map(row -> new Row(row.getKey(), row.getValue())).toList();
    }

    @PostMapping("/{id:\\d+}/book")
    String book(@PathVariable long id, @AuthenticationPrincipal SignedIn person, RedirectAttributes next) {
        return worked(id, lists.book(id, person), next);
    }

    @PostMapping("/{id:\\d+}/take-back")
    String takeBack(@PathVariable long id, @AuthenticationPrincipal SignedIn person, RedirectAttributes next) {
        return worked(id, lists.takeBack(id, person), next);
    }

    private String worked(long id, Outcome<Long> outcome, RedirectAttributes next) {
        return outcome.match(this::begun, problems -> {
            next.addFlashAttribute("refused", words.of(problems.get(0)));
            return "redirect:/stock/lists/" + id;
        });
    }

    @PostMapping("/{id:\\d+}/discard")
    String discard(@PathVariable long id, @AuthenticationPrincipal SignedIn person, RedirectAttributes next) {
        return lists.discard(id, person).match(done -> {
            next.addFlashAttribute("done", words.text("opening.discarded"));
            return "redirect:/stock/lists";
        }, problems -> {
            next.addFlashAttribute("refused", words.of(problems.get(0)));
            return "redirect:/stock/lists/" + id;
        });
    }
}
