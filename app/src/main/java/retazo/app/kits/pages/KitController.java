package retazo.app.kits.pages;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import retazo.app.cloth.FigureView;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.app.kits.Kit;
import retazo.app.kits.KitService;
import retazo.app.kits.KitWork;
import retazo.app.kits.KitWorks;
import retazo.app.patterns.PatternSearch;
import retazo.app.patterns.PatternService;
import retazo.app.patterns.PatternVersion;
import retazo.app.patterns.RoleSources;
import retazo.app.pictures.Ink;
import retazo.app.pictures.QuiltPicture;
import retazo.app.practice.PracticeService;
import retazo.app.shared.Faults;
import retazo.app.shared.FieldReader;
import retazo.app.shared.Outcome;
import retazo.app.shared.Words;
import retazo.app.stock.KitShelf;
import retazo.app.stock.goods.Good;
import retazo.app.stock.goods.GoodService;
import retazo.core.bolt.KitsPossible;
import retazo.core.cloth.RoleKey;
import retazo.core.quilt.size.QuiltSize;

/** The list of kits, a kit, and the form for new ones. */
@Controller
class KitController {

    private static final Ink NOT_CHOSEN = new Ink("#ffffff", "", "#9aa5a0", true);

    private final KitService kits;
    private final KitWorks works;
    private final PatternService patterns;
    private final RoleSources sources;
    private final FabricService fabrics;
    private final GoodService goods;
    private final KitShelf shelf;
    private final PracticeService practice;
    private final Words words;

    KitController(
            KitService kits, KitWorks works, PatternService patterns, RoleSources sources, FabricService fabrics, GoodService goods,
            KitShelf shelf, PracticeService practice, Words words) {
        this.kits = kits;
        this.works = works;
        this.patterns = patterns;
        this.sources = sources;
        this.fabrics = fabrics;
        this.goods = goods;
        this.shelf = shelf;
        this.practice = practice;
        this.words = words;
    }

    /** A kit in the list. */
    record ListedKit(Kit kit, QuiltPicture picture, long possible, String stops, long onShelf) {
    }

    @GetMapping("/kits")
    String list(@RequestParam(name = "words", defaultValue = "") String search, Model model) {
        String lower = search.strip().toLowerCase(java.util.Locale.ROOT);
        List<ListedKit> found = kits.all().stream()
                .filter(kit -> kit.name().toLowerCase(java.util.Locale.ROOT).contains(lower))
                .map(this::listed)
                .toList();
        model.addAttribute("search", search);
        model.addAttribute("kits", found);
        model.addAttribute("patterns", patterns.newest(PatternSearch.byName("")));
        model.addAttribute("prints", prints(found.stream().map(ListedKit::kit).toList()));
        return "kits/list";
    }

    private ListedKit listed(Kit kit) {
        KitsPossible possible = works.possible(works.work(kit));
        List<String> names = new ArrayList<>(kit.lettersByFabric().keySet().stream()
                .filter(fabric -> possible.stoppedBy().contains(fabric.code()))
                .map(Fabric::name)
                .toList());
        kit.goodsByCode().values().stream().filter(good -> possible.stoppedBy().contains(good.code())).map(Good::name).forEach(names::add);
        return new ListedKit(
                kit, QuiltPicture.of("kit-" + kit.id(), kit.pattern().design(), kit.size(), kit::ink),
                possible.bags().value(), String.join(" and ", names), onShelf(kit.id()));
    }

    private long onShelf(long kitId) {
        return Optional.ofNullable(shelf.counts().get(kitId)).map(KitShelf.KitCount::onHand).orElse(0L);
    }

    private static List<Fabric> prints(List<Kit> shown) {
        return shown.stream().flatMap(kit -> kit.fabrics().values().stream()).distinct().toList();
    }

    @GetMapping("/kits/{id}")
    String kit(@PathVariable long id, @RequestParam Optional<String> figure, Model model) {
        Kit kit = kits.kit(id);
        KitWork work = works.work(kit);
        KitPage page = KitPage.of(
                work, new KitPage.Known(works.possible(work), onShelf(id), works.savedByPlan(work), works.costs(work)),
                practice.practice().sellingUnit(), figure, words);
        model.addAttribute("page", page);
        model.addAttribute("openKey", page.opened().map(FigureView::key).orElse(""));
        model.addAttribute("prints", prints(List.of(kit)));
        return "kits/kit";
    }

    @GetMapping("/kits/new")
    String newKit(@RequestParam long pattern, Model model) {
        PatternVersion version = patterns.newestOf(pattern);
        return showForm(model, version, KitForm.empty(version, sourced(pattern)), Faults.NONE);
    }

    /** Where a role is planned from precuts, the first of that kind in stock is offered. */
    private Map<String, String> sourced(long patternId) {
        Map<String, String> sourced = new LinkedHashMap<>();
        sources.of(patternId).forEach((role, source) -> goods.all().stream()
                .filter(good -> !source.cutInTheShop() && good.precut().equals(Optional.of(source.kind())))
                .findFirst()
                .ifPresent(good -> sourced.put(role.value(), good.code())));
        return sourced;
    }

    @PostMapping("/kits/new")
    String add(@RequestParam long pattern, KitForm form, Model model) {
        PatternVersion version = patterns.newestOf(pattern);
        FieldReader reader = new FieldReader();
        Outcome<List<Long>> outcome = form.read(reader, version, byCode(), goodsByCode())
                .map(kits::add)
                .orElseGet(() -> Outcome.refused(reader.problems()));
        return outcome.match(
                ids -> "redirect:/kits/" + ids.get(0),
                problems -> showForm(model, version, form, Faults.of(problems, words)));
    }

    /** Shows the quilt in the fabrics chosen so far; nothing is kept. */
    @PostMapping("/kits/draw")
    String draw(@RequestParam long pattern, KitForm form, Model model) {
        return showForm(model, patterns.newestOf(pattern), form, Faults.NONE);
    }

    private Map<String, Fabric> byCode() {
        return fabrics.search("").stream().collect(Collectors.toMap(Fabric::code, fabric -> fabric));
    }

    private Map<String, Good> goodsByCode() {
        return goods.all().stream().filter(good -> good.precut().isPresent()).collect(Collectors.toMap(Good::code, good -> good));
    }

    private String showForm(Model model, PatternVersion pattern, KitForm form, Faults faults) {
        Map<RoleKey, Fabric> chosen = form.chosen(pattern, byCode());
        Map<RoleKey, Good> chosenGoods = form.chosenGoods(pattern, goodsByCode());
        Function<RoleKey, Ink> inks = role -> chosenGoods.containsKey(role)
                ? Kit.ink(chosenGoods.get(role))
                : chosen.containsKey(role) ? Kit.ink(chosen.get(role)) : NOT_CHOSEN;
        List<QuiltSize> sizes = pattern.design().sizes();
        model.addAttribute("pattern", pattern);
        model.addAttribute("form", form);
        model.addAttribute("faults", faults);
        model.addAttribute("roles", pattern.design().roles());
        model.addAttribute("inks", pattern.design().roles().stream()
                .collect(Collectors.toMap(role -> role.key().value(), role -> inks.apply(role.key()))));
        model.addAttribute("sizes", sizes);
        model.addAttribute("fabrics", fabrics.search(""));
        model.addAttribute("goods", goods.all().stream().filter(good -> good.precut().isPresent()).toList());
        model.addAttribute("prints", chosen.values().stream().distinct().toList());
        model.addAttribute("picture", QuiltPicture.of("quilt", pattern.design(), sizes.get(sizes.size() / 2), inks));
        return "kits/new";
    }
}
