package retazo.app.kits.cloth;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.app.patterns.PatternVersion;
import retazo.app.practice.PracticeService;
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

/** Finds out what cloth somebody typed: lengths, precuts, or bolts by their numbers. */
@Component
class ClothKnown {

    private final FabricService fabrics;
    private final StockService stock;
    private final PracticeService practice;
    private final Words words;

    ClothKnown(FabricService fabrics, StockService stock, PracticeService practice, Words words) {
        this.fabrics = fabrics;
        this.stock = stock;
        this.practice = practice;
        this.words = words;
    }

    /** What is there for a role, in words beside what the core takes. */
    private record There(AtHand cloth, Optional<String> words) {
    }

    /** What is there for each role of a pattern, with problems at the fields of those that cannot be read or do not serve. */
    ClothPage.Known read(PatternVersion pattern, ClothForm form, FieldReader reader) {
        Map<RoleKey, AtHand> cloth = new LinkedHashMap<>();
        Map<RoleKey, String> known = new LinkedHashMap<>();
        List<RoleKey> roles = pattern.design().roles().stream().map(Role::key).toList();
        for (int i = 0; i < roles.size(); i++) {
            RoleKey role = roles.get(i);
            there(role, pattern, form.cloth(role), field(i), reader).ifPresent(there -> {
                cloth.put(role, there.cloth());
                there.words().ifPresent(text -> known.put(role, text));
            });
        }
        ClothAtHand atHand = new ClothAtHand(cloth);
        atHand.problems(pattern.design(), ClothPage.from(pattern, form), practice.practice())
                .forEach(problem -> reader.add(problem.movedTo(field(roles.indexOf(new RoleKey(problem.place()))))));
        return new ClothPage.Known(atHand, known);
    }

    private static String field(int role) {
        return "rows." + role + ".cloth";
    }

    private Optional<There> there(RoleKey role, PatternVersion pattern, String typed, String field, FieldReader reader) {
        if (typed.isEmpty()) {
            return Optional.empty();
        }
        return stock.boltByCode(typed).or(() -> longestOf(typed)).map(this::bolt).or(() -> reader.take(field, PrintedText.read(typed))
                .flatMap(amounts -> amounts.stream().findFirst())
                .map(amount -> amount(role, pattern, amount)));
    }

    /** The bolt of a fabric with most free cloth, since a length is never pieced from two. */
    private Optional<Bolt> longestOf(String typed) {
        return fabrics.named(typed).flatMap(fabric -> stock.boltsOf(List.of(fabric.id())).stream().max(Comparator.comparing(Bolt::free)));
    }

    private There bolt(Bolt bolt) {
        Fabric fabric = fabrics.fabric(bolt.fabricId());
        return new There(
                new AtHand.Cloth(
                        KitFabric.measured("bolt-" + bolt.key(), bolt.usableWidth(), fabrics.inKit(fabric, practice.practice()).print()),
                        bolt.free()),
                Optional.of(words.text("cloth.bolt", fabric.name(), LengthView.onHand(bolt.free(), words.sellingUnit()).plain(),
                        LengthView.cut(bolt.usableWidth()).plain())));
    }

    private There amount(RoleKey role, PatternVersion pattern, PrintedAmount amount) {
        AtHand cloth = amount.match(
                length -> new AtHand.Cloth(
                        new KitFabric(
                                role.value(), pattern.design().practice(practice.practice()).figure(PracticeMeasure.USABLE_WIDTH),
                                PrintKind.ALL_OVER),
                        length.length()),
                AtHand.Precuts::of);
        return new There(cloth, cloth.asPrecuts()
                .map(precuts -> words.text("cloth.precuts." + precuts.kind().code(), precuts.sheets().value())));
    }
}
