package retazo.app.kits.cloth;

import static java.util.Objects.requireNonNull;

import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
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
import retazo.app.fabrics.Fabric;
import retazo.app.kits.Kit;
import retazo.app.kits.KitService;
import retazo.app.kits.KitWorks;
import retazo.app.kits.leftovers.LeftOverOffers;
import retazo.app.kits.leftovers.LeftOversView;
import retazo.app.pictures.Ink;
import retazo.app.practice.MarginText;
import retazo.app.practice.PracticeService;
import retazo.app.practice.PriceListService;
import retazo.app.shared.Faults;
import retazo.app.shared.FieldReader;
import retazo.app.shared.Moments;
import retazo.app.shared.Words;
import retazo.app.staff.SignedIn;
import retazo.app.staff.StaffService;
import retazo.app.stock.goods.Good;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.cloth.ShopPractice;
import retazo.core.cloth.UsualPrices;
import retazo.core.cutting.ClothBatch;
import retazo.core.kit.Instructions;
import retazo.core.measure.Length;

/** How each cloth of a kit is cut, and by whose instructions its length is sold. */
@Controller
class KitClothController {

    private static final int LONGEST_REASON = 200;

    private final KitService kits;
    private final KitWorks works;
    private final LeftOverOffers offers;
    private final KitOtherSources otherSources;
    private final PracticeService practice;
    private final PriceListService prices;
    private final StaffService staff;
    private final Clock clock;
    private final Words words;

    KitClothController(
            KitService kits, KitWorks works, LeftOverOffers offers, KitOtherSources otherSources, PracticeService practice,
            PriceListService prices, StaffService staff, Clock clock, Words words) {
        this.kits = kits;
        this.works = works;
        this.offers = offers;
        this.otherSources = otherSources;
        this.practice = practice;
        this.prices = prices;
        this.staff = staff;
        this.clock = clock;
        this.words = words;
    }

    @GetMapping("/kits/{id}/cloth")
    String cloth(
            @PathVariable long id, @RequestParam(defaultValue = "") String fabric, @RequestParam(defaultValue = "") String together,
            @RequestParam(defaultValue = "false") boolean others, ClothSettings settings, Model model) {
        FieldReader reader = new FieldReader();
        model.addAttribute("together", together);
        int kitsTogether = together.isBlank() ? 0 : reader.number("together", together, 2, ClothBatch.MOST_KITS);
        Looked looked = new Looked(settings, reader.anyProblem() ? 0 : kitsTogether, others);
        return show(kits.kit(id), fabric, looked, Faults.of(reader.problems(), words), model);
    }

    @PostMapping("/kits/{id}/instructions")
    String sellBy(
            @PathVariable long id, @RequestParam Instructions wanted, @RequestParam(defaultValue = "") String fabric,
            @RequestParam(defaultValue = "") String reason, @AuthenticationPrincipal SignedIn person, RedirectAttributes next,
            Model model) {
        FieldReader reader = new FieldReader();
        String why = reader.optionalText("reason", reason, LONGEST_REASON);
        if (reader.anyProblem()) {
            return refused(id, fabric, reason, Faults.of(reader.problems(), words), model);
        }
        return kits.sellBy(id, wanted, why, person.personId()).match(
                kit -> {
                    next.addAttribute("fabric", fabric);
                    return "redirect:/kits/" + id + "/cloth";
                },
                problems -> refused(id, fabric, reason, Faults.of(problems, words), model));
    }

    private String refused(long id, String fabric, String reason, Faults faults, Model model) {
        model.addAttribute("reason", reason);
        model.addAttribute("together", "");
        return show(kits.kit(id), fabric, new Looked(ClothSettings.NONE, 0, false), faults, model);
    }

    /**
     * How a cloth is looked at.
     *
     * @param together how many kits are cut together; 0 for none
     * @param others   whether other sources are compared, which takes longer
     */
    private record Looked(ClothSettings settings, int together, boolean others) {
    }

    private String show(Kit kit, String code, Looked looked, Faults faults, Model model) {
        List<Fabric> all = List.copyOf(kit.lettersByFabric().keySet());
        List<Good> precuts = kit.goods().values().stream().distinct().toList();
        model.addAttribute("kit", kit);
        model.addAttribute("fabrics", all);
        model.addAttribute("precuts", precuts);
        model.addAttribute("piecesKnown", kit.knowsItsPieces());
        model.addAttribute("decided", kit.decision().map(decision -> words.text(
                decision.reason().isEmpty() ? "kit.chosen" : "kit.decided",
                requireNonNull(staff.names(Set.of(decision.personId())).get(decision.personId())),
                Moments.near(decision.at(), clock.instant()),
                decision.reason())).orElse(""));
        Optional<Good> good = precuts.stream().filter(one -> one.code().equals(code)).findFirst()
                .or(() -> all.isEmpty() ? precuts.stream().findFirst() : Optional.empty());
        if (good.isPresent()) {
            return showPrecut(kit, good.get(), model);
        }
        Fabric fabric = all.stream().filter(one -> one.code().equals(code)).findFirst().orElseGet(() -> all.get(0));
        addCloth(kit, fabric, looked, faults, model);
        return "kits/cloth";
    }

    /** A precut in place of a cloth. */
    record Taken(Good good, Ink ink, String letters, Optional<KitSheetsView> sheets) {
    }

    private Taken taken(Kit kit, Good good, ShopPractice practice) {
        return new Taken(
                good, Kit.ink(good), String.join(", ", kit.lettersOf(good)),
                works.precutNeed(kit, good, practice).flatMap(need -> KitSheetsView.of(need, practice.sellingUnit(), words)));
    }

    /** How the sheets of a precut are cut. */
    private String showPrecut(Kit kit, Good good, Model model) {
        ShopPractice shop = works.practiceOf(kit);
        model.addAttribute("precut", taken(kit, good, shop));
        model.addAttribute("inPlaceOf", kit.sources().precuts().entrySet().stream()
                .filter(own -> own.getValue().equals(good)).map(own -> kit.fabrics().get(own.getKey())).findFirst());
        return "kits/precut";
    }

    private void addCloth(Kit kit, Fabric fabric, Looked looked, Faults faults, Model model) {
        FieldReader reader = new FieldReader();
        ShopPractice shop = works.practiceOf(kit);
        ClothSettings settings = looked.settings();
        ShopPractice tried = settings.practice(shop, reader);
        Length ownWidth = works.usableWidth(kit, fabric);
        Length width = settings.usableWidth(reader).orElse(ownWidth);
        Kit whole = kit.layingWhole(fabric);
        ClothQuestion.Compared compared = compared(kit, fabric, looked.together(),
                new KitOtherSources.Tried(tried, width, looked.others()));
        model.addAttribute("others", looked.others());
        model.addAttribute("fabric", fabric);
        model.addAttribute("letters", String.join(", ", kit.lettersByFabric().get(fabric)));
        model.addAttribute("ink", Kit.ink(fabric));
        model.addAttribute("prints", List.of(fabric));
        model.addAttribute("settings", settings);
        model.addAttribute("view", ClothView.of(question(kit, fabric, tried, width, compared), words));
        model.addAttribute("ways", ClothWays.of(question(whole, fabric, tried, width, compared), words));
        model.addAttribute("sheets", works.clothNeed(kit, fabric, tried, kit.instructions(), width)
                .flatMap(need -> KitSheetsView.of(need, tried.sellingUnit(), words)));
        model.addAttribute("taken", kit.precutsFor(fabric).values().stream().distinct().map(good -> taken(kit, good, tried)).toList());
        model.addAttribute("leftOvers", kit.isCutByTheShop()
                ? Optional.of(leftOvers(kit, fabric,
                        new LeftOversView.Measures(shop.length(PracticeMeasure.BINDING_WIDTH), ownWidth, shop.sellingUnit())))
                : Optional.empty());
        model.addAttribute("own", ownSettings(kit));
        model.addAttribute("shown", settings.shown(shop, ownWidth));
        model.addAttribute("faults", faults.with(Faults.of(reader.problems(), words)));
    }

    private ClothQuestion question(Kit kit, Fabric fabric, ShopPractice tried, Length width, ClothQuestion.Compared compared) {
        return new ClothQuestion(
                (by, instructions, usable) -> works.clothNeed(kit, fabric, by, instructions, usable), width, kit.instructions(), tried,
                compared);
    }

    /** What the kit has otherwise than its pattern and the shop, in words. */
    private String ownSettings(Kit kit) {
        ShopPractice without = kit.pattern().design().practice(practice.practice());
        ShopPractice own = works.practiceOf(kit);
        List<String> texts = new ArrayList<>();
        kit.settings().measures().keySet().stream().sorted().forEach(measure -> texts.add(words.text(
                "kit.own", words.text("figure.practice." + measure.key()), own.length(measure), without.length(measure))));
        kit.settings().margin().ifPresent(margin -> texts.add(words.text(
                "kit.own", words.text("figure.practice.margin"), MarginText.write(margin, own.sellingUnit()),
                MarginText.write(without.margin(), own.sellingUnit()))));
        kit.settings().longStrips().ifPresent(lay -> texts.add(words.text(
                "kit.own", words.text("practice.longStrips"), words.text("practice.longStrips." + lay),
                words.text("practice.longStrips." + without.lay().longStrips()))));
        return String.join("; ", texts);
    }

    private ClothQuestion.Compared compared(Kit kit, Fabric fabric, int kitsTogether, KitOtherSources.Tried tried) {
        UsualPrices usual = prices.usual();
        ClothQuestion.MayChoose mayChoose = kit.isOurs()
                ? ClothQuestion.MayChoose.EVERYTHING
                : kit.followsPrinted() ? ClothQuestion.MayChoose.NOTHING : ClothQuestion.MayChoose.SOURCE;
        List<String> alike = kitsTogether == 0 ? List.of() : works.work(kit).cutLike(fabric.code()).stream().map(Fabric::name).toList();
        return new ClothQuestion.Compared(
                new ClothQuestion.Batch(kitsTogether, alike), fabric.kind(), fabric.prices().price().or(usual::cloth), usual,
                otherSources.of(kit, fabric, tried), mayChoose);
    }

    private LeftOversView leftOvers(Kit kit, Fabric fabric, LeftOversView.Measures measures) {
        Set<Long> named = kit.leftOvers().kept().stream().flatMap(kept -> kept.forKitId().stream()).collect(Collectors.toSet());
        return LeftOversView.of(offers.of(kit, fabric), offers.atHand(kit, fabric), kits.byIds(named), measures, words);
    }
}
