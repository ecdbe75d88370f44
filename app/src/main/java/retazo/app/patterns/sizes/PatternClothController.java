package retazo.app.patterns.sizes;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import retazo.app.cloth.ClothQuestion;
import retazo.app.cloth.ClothSettings;
import retazo.app.cloth.ClothView;
import retazo.app.cloth.ClothWays;
import retazo.app.cloth.PrecutView;
import retazo.app.patterns.PatternHead;
import retazo.app.patterns.PatternService;
import retazo.app.patterns.PatternVersion;
import retazo.app.patterns.RoleSources;
import retazo.app.pictures.RoleView;
import retazo.app.practice.PracticeService;
import retazo.app.practice.PriceListService;
import retazo.app.shared.Faults;
import retazo.app.shared.FieldReader;
import retazo.app.shared.NotFoundException;
import retazo.app.shared.Words;
import retazo.core.cloth.ClothKind;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.cloth.PrecutKind;
import retazo.core.cloth.PrintKind;
import retazo.core.cloth.Role;
import retazo.core.cloth.RoleKey;
import retazo.core.cloth.SheetSize;
import retazo.core.cloth.ShopPractice;
import retazo.core.cloth.UsualPrices;
import retazo.core.kit.Contents;
import retazo.core.kit.Instructions;
import retazo.core.kit.KitChoice;
import retazo.core.kit.KitFabric;
import retazo.core.kit.Need;
import retazo.core.kit.Needs;
import retazo.core.kit.RoleSource;
import retazo.core.measure.Length;
import retazo.core.precut.QuartersFromBolt;
import retazo.core.precut.RoleFromPrecuts;
import retazo.core.quilt.plan.QuiltPlan;
import retazo.core.quilt.plan.QuiltPlanner;
import retazo.core.quilt.size.QuiltSize;
import retazo.core.quilt.size.Way;

/** The cutting plan of a role at a size, on the shop's customary cloth, with settings to be tried out. */
@Controller
class PatternClothController {

    private final PatternService patterns;
    private final RoleSources sources;
    private final PracticeService practice;
    private final PriceListService prices;
    private final Words words;

    PatternClothController(PatternService patterns, RoleSources sources, PracticeService practice, PriceListService prices, Words words) {
        this.patterns = patterns;
        this.sources = sources;
        this.practice = practice;
        this.prices = prices;
        this.words = words;
    }

    /** @param others whether the same from precuts and quarters is worked out beside the ways to cut the whole cloth, which takes longer */
    @GetMapping("/patterns/{id}/cloth")
    String cloth(
            @PathVariable long id, @RequestParam(defaultValue = "") String size, @RequestParam(defaultValue = "") String role,
            @RequestParam Optional<String> source, @RequestParam(defaultValue = "false") boolean others, ClothSettings settings,
            Model model) {
        PatternVersion pattern = patterns.newestOf(id);
        List<QuiltSize> sizes = pattern.design().sizes().stream().filter(one -> pattern.design().wayOf(one) != Way.SIZE_TABLE).toList();
        PatternHead.addTo(model, pattern, words);
        model.addAttribute("sizes", sizes);
        if (sizes.isEmpty()) {
            return "patterns/cloth-not-known";
        }
        QuiltSize chosenSize = sizes.stream().filter(one -> one.key().value().equals(size)).findFirst()
                .orElseGet(() -> PatternHead.middle(sizes));
        Role chosenRole = pattern.design().roles().stream().filter(one -> one.key().value().equals(role)).findFirst()
                .orElse(pattern.design().roles().get(0));
        FieldReader reader = new FieldReader();
        ShopPractice tried = settings.practice(practice.practice(), reader);
        Length shopWidth = pattern.design().practice(practice.practice()).length(PracticeMeasure.USABLE_WIDTH);
        Length width = settings.usableWidth(reader).orElse(shopWidth);
        model.addAttribute("size", chosenSize);
        model.addAttribute("role", RoleView.of(pattern.design(), chosenRole.key(), words));
        Optional<RoleSource> kept = Optional.ofNullable(sources.of(id).get(chosenRole.key()));
        Optional<RoleSource> other = source.map(RoleSource::ofCode).orElse(kept);
        model.addAttribute("kept", kept.map(RoleSource::code).orElse(""));
        model.addAttribute("precut", other.map(one -> precutView(pattern, chosenSize, chosenRole.key(), one, tried, width)));
        model.addAttribute("source", other.map(RoleSource::code).orElse(""));
        model.addAttribute("sources", RoleSource.all().stream().map(RoleSource::code).toList());
        Optional<ClothQuestion> asked = other.isPresent()
                ? Optional.empty()
                : Optional.of(asked(pattern, chosenSize, chosenRole, tried, width, others));
        model.addAttribute("view", asked.flatMap(question -> ClothView.of(question, words)));
        model.addAttribute("ways", asked.map(question -> ClothWays.of(question, words)).orElse(List.of()));
        model.addAttribute("others", others);
        model.addAttribute("settings", settings);
        model.addAttribute("shown", settings.shown(practice.practice(), shopWidth));
        model.addAttribute("faults", Faults.of(reader.problems(), words));
        return "patterns/cloth";
    }

    private PrecutView precutView(PatternVersion pattern, QuiltSize size, RoleKey role, RoleSource source, ShopPractice practice,
            Length width) {
        PrecutKind kind = source.kind();
        QuiltPlan plan = new QuiltPlanner(practice).plan(pattern.design(), size);
        if (source.cutInTheShop()) {
            SheetSize cut = kind.cutFrom(width).orElseThrow();
            return PrecutView.ofQuarters(
                    source,
                    QuartersFromBolt.of(plan.pieces().stream().filter(piece -> piece.role().equals(role)).toList(), kind, width,
                            PrintKind.ALL_OVER),
                    RoleFromPrecuts.of(plan, role, kind, Optional.of(cut)), width, practice.sellingUnit(), words);
        }
        Map<String, Integer> others = new LinkedHashMap<>();
        for (QuiltSize other : kind.customaryPacks().isEmpty() ? List.<QuiltSize>of() : pattern.design().sizes()) {
            RoleFromPrecuts.of(new QuiltPlanner(practice).plan(pattern.design(), other), role, kind).cautious()
                    .filter(sheets -> !other.equals(size)).ifPresent(sheets -> others.put(other.name(), sheets.sheets()));
        }
        return PrecutView.ofBundle(RoleFromPrecuts.of(plan, role, kind), others, words);
    }

    /** Keeps what a role is planned from: it stands on Sizes, and is offered first for a kit. */
    @PostMapping("/patterns/{id}/cloth/source")
    String choose(@PathVariable long id, @RequestParam String size, @RequestParam String role,
            @RequestParam(defaultValue = "") String source,
            RedirectAttributes next) {
        PatternVersion pattern = patterns.newestOf(id);
        RoleKey key = pattern.design().roles().stream().map(Role::key).filter(one -> one.value().equals(role)).findFirst()
                .orElseThrow(() -> new NotFoundException("role", role));
        sources.choose(id, key, RoleSource.ofCode(source));
        next.addAttribute("size", size);
        next.addAttribute("role", role);
        return "redirect:/patterns/" + id + "/cloth";
    }

    private ClothQuestion asked(PatternVersion pattern, QuiltSize size, Role role, ShopPractice practice, Length width, boolean others) {
        QuiltPlan plan = new QuiltPlanner(practice).plan(pattern.design(), size);
        UsualPrices usual = prices.usual();
        return new ClothQuestion(
                (by, instructions, usable) -> need(pattern, size, role.key(), by, instructions, usable), width, pattern.instructions(),
                practice,
                new ClothQuestion.Compared(ClothQuestion.Batch.NONE, ClothKind.COTTON, usual.cloth(), usual,
                        others ? others(pattern, plan, role, practice, width) : List.of(), ClothQuestion.MayChoose.NOTHING));
    }

    private static List<ClothQuestion.Other> others(PatternVersion pattern, QuiltPlan plan, Role role, ShopPractice practice,
            Length width) {
        Needs needs = new Needs(practice, pattern.instructions());
        return RoleSource.all().stream()
                .filter(source -> RoleSource.areWorthComparing(plan, role.key()))
                .map(source -> new ClothQuestion.Other(
                        source.code(), source.kind(), source.cutInTheShop() ? Optional.empty() : Optional.of(role),
                        source.kind().surelyInPack().orElse(1),
                        needs.ofRole(pattern.design(), plan, role.key(), source, width), List.of(), false))
                .filter(other -> !other.needs().isEmpty())
                .toList();
    }

    private static Optional<Need> need(
            PatternVersion pattern, QuiltSize size, RoleKey role, ShopPractice practice, Instructions instructions, Length width) {
        return new Needs(practice, instructions).ofOne(
                role.value(), pattern.design(), new QuiltPlanner(practice).plan(pattern.design(), size),
                each -> new KitChoice.Fabric(KitFabric.measured(each.value(), width, PrintKind.ALL_OVER)), Contents.EVERYTHING);
    }
}
