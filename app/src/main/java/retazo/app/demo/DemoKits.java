package retazo.app.demo;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.app.kits.KitService;
import retazo.app.kits.NewKits;
import retazo.app.patterns.PatternVersion;
import retazo.core.cloth.RoleKey;
import retazo.core.kit.Contents;

/** Makes the demo shop's kits. */
@Component
class DemoKits {

    private final KitService kits;
    private final FabricService fabrics;
    private final DemoSoldKits sold;

    DemoKits(KitService kits, FabricService fabrics, DemoSoldKits sold) {
        this.kits = kits;
        this.fabrics = fabrics;
        this.sold = sold;
    }

    /** One kit for each size of a pattern, in the fabrics of these codes by role. */
    List<Long> add(PatternVersion pattern, String name, Map<String, String> codes) {
        Map<RoleKey, Fabric> chosen = new HashMap<>();
        codes.forEach((role, code) -> chosen.put(new RoleKey(role), fabric(code)));
        List<String> sizes = pattern.design().sizes().stream().map(size -> size.key().value()).toList();
        List<Long> made = DemoStock.done(kits.add(new NewKits(pattern, sizes, name, chosen, Map.of(), Contents.EVERYTHING)));
        sold.fill(made);
        return made;
    }

    Fabric fabric(String code) {
        return fabrics.byCode(code).orElseThrow();
    }
}
