package retazo.app.kits;

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
import retazo.core.block.Role;
import retazo.core.block.RoleKey;
import retazo.core.kit.ClothAtHand;
import retazo.core.kit.KitFabric;
import retazo.core.measure.Length;
import retazo.core.measure.LengthUnit;

/** From the cloth to the size: what a pattern becomes of lengths and bolts that are there. Nothing is kept. */
@Controller
class ClothController {

    private static final Length LONGEST = Length.ofYards(200, 1);

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
        Map<RoleKey, Length> lengths = new LinkedHashMap<>();
        Map<RoleKey, KitFabric> cloth = new LinkedHashMap<>();
        Map<RoleKey, String> known = new LinkedHashMap<>();
        List<Role> roles = pattern.design().roles();
        for (int i = 0; i < roles.size(); i++) {
            RoleKey role = roles.get(i).key();
            String typed = form.cloth(role);
            Optional<Bolt> bolt = typed.isEmpty() ? Optional.empty() : stock.boltByCode(typed);
            if (bolt.isPresent()) {
                Fabric fabric = fabrics.fabric(bolt.get().fabricId());
                lengths.put(role, bolt.get().free());
                cloth.put(role, KitFabric.measured(
                        role.value(), bolt.get().usableWidth(), fabrics.inKit(fabric, practice.practice()).print()));
                known.put(role, words.text("cloth.bolt", fabric.name(), LengthView.of(bolt.get().free(), LengthUnit.YARD).plain(),
                        LengthView.inches(bolt.get().usableWidth()).plain()));
            } else if (!typed.isEmpty()) {
                int faults = reader.problems().size();
                Length length = reader.lengthAboveZero("rows." + i + ".cloth", typed, LengthUnit.YARD, LONGEST);
                if (reader.problems().size() == faults) {
                    lengths.put(role, length);
                }
            }
        }
        return new ClothPage.Known(new ClothAtHand(lengths, cloth), known);
    }
}
