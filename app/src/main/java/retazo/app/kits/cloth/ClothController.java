package retazo.app.kits.cloth;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.app.patterns.PatternService;
import retazo.app.patterns.PatternVersion;
import retazo.app.practice.PracticeService;
import retazo.app.shared.Faults;
import retazo.app.shared.FieldReader;
import retazo.app.shared.LengthView;
import retazo.app.shared.Words;
import retazo.app.stock.Bolt;
import retazo.app.stock.StockService;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.cloth.PrintKind;
import retazo.core.cloth.Role;
import retazo.core.cloth.RoleKey;
import retazo.core.kit.AtHand;
import retazo.core.kit.ClothAtHand;
import retazo.core.kit.KitFabric;
import retazo.core.quilt.size.PrintedAmount;
import retazo.core.quilt.size.PrintedText;

/** From the cloth to the size: what a pattern becomes of lengths and bolts that are there. Nothing is kept. */
@Controller
class ClothController {

    private final PatternService patterns;
    private final FabricService fabrics;
    private final StockService stock;
    private final PracticeService practice;
    private final Words words;

    ClothController(PatternService patterns, FabricService fabrics, StockService stock, PracticeService practice, Words words) {
        this.patterns = patterns;
        this.fabrics = fabrics;
        this.stock = stock;
        this.practice = practice;
        this.words = words;
    }

    @GetMapping("/patterns/{id}/from-cloth")
    String fromCloth(@PathVariable long id, ClothForm form, Model model) {
        PatternVersion pattern = patterns.newestOf(id);
        if (pattern.design().drawing().isEmpty() || pattern.design().grids().isEmpty()) {
            return "redirect:/patterns/" + id + "/quilt";
        }
        FieldReader reader = new FieldReader();
        ClothPage.Known known = known(pattern, form, reader);
        model.addAttribute("page", ClothPage.of(pattern, form, known, practice.practice(), words));
        model.addAttribute("faults", Faults.of(reader.problems(), words));
        return "kits/from-cloth";
    }

    private ClothPage.Known known(PatternVersion pattern, ClothForm form, FieldReader reader) {
        Map<RoleKey, AtHand> cloth = new LinkedHashMap<>();
        Map<RoleKey, String> known = new LinkedHashMap<>();
        List<Role> roles = pattern.design().roles();
        for (int i = 0; i < roles.size(); i++) {
            RoleKey role = roles.get(i).key();
            String place = field(i);
            String typed = form.cloth(role);
            Optional<Bolt> bolt = typed.isEmpty() ? Optional.empty() : stock.boltByCode(typed);
            if (bolt.isPresent()) {
                Fabric fabric = fabrics.fabric(bolt.get().fabricId());
                cloth.put(role, new AtHand.Cloth(
                        KitFabric.measured("bolt-" + bolt.get().id(), bolt.get().usableWidth(),
                                fabrics.inKit(fabric, practice.practice()).print()),
                        bolt.get().free()));
                known.put(role,
                        words.text("cloth.bolt", fabric.name(),
                                LengthView.onHand(bolt.get().free(), practice.practice().sellingUnit()).plain(),
                                LengthView.cut(bolt.get().usableWidth()).plain()));
            } else if (!typed.isEmpty()) {
                PrintedText.read(typed).match(
                        amounts -> amounts.stream().findFirst().map(amount -> cloth.put(role, there(role, pattern, amount))).orElse(null),
                        problem -> {
                            reader.add(problem.movedTo(place));
                            return null;
                        });
                Optional.ofNullable(cloth.get(role)).map(there -> there.match(length -> "", precuts -> words.text(
                        "cloth.precuts." + precuts.kind().code(), precuts.sheets().value())))
                        .ifPresent(text -> known.put(role, text));
            }
        }
        ClothAtHand atHand = new ClothAtHand(cloth);
        atHand.problems(pattern.design(), ClothPage.from(pattern, form), practice.practice()).forEach(problem -> reader.add(problem.movedTo(
                field(roles.stream().map(role -> role.key().value()).toList().indexOf(problem.place())))));
        return new ClothPage.Known(atHand, known);
    }

    private static String field(int role) {
        return "rows." + role + ".cloth";
    }

    private AtHand there(RoleKey role, PatternVersion pattern, PrintedAmount amount) {
        return amount.match(
                length -> new AtHand.Cloth(
                        new KitFabric(
                                role.value(), pattern.design().practice(practice.practice()).figure(PracticeMeasure.USABLE_WIDTH),
                                PrintKind.ALL_OVER),
                        length.length()),
                AtHand.Precuts::of);
    }
}
