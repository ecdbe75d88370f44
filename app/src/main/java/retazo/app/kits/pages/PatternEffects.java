package retazo.app.kits.pages;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.patterns.PatternHead;
import retazo.app.patterns.PatternService;
import retazo.app.patterns.PatternVersion;
import retazo.app.practice.PracticePart;
import retazo.app.practice.PracticeService;
import retazo.app.shared.FractionText;
import retazo.app.shared.LengthView;
import retazo.app.shared.Words;
import retazo.core.cloth.ShopPractice;
import retazo.core.kit.Needs;
import retazo.core.kit.Planners;
import retazo.core.measure.Length;
import retazo.core.quilt.plan.QuiltPlan;
import retazo.core.quilt.plan.QuiltPlanner;
import retazo.core.quilt.size.QuiltSize;

/** What each part of the practice would change in the cloth of one drawn pattern of the shop. */
@Component
class PatternEffects {

    private final PatternService patterns;
    private final PracticeService practice;
    private final Planners planners;
    private final Words words;

    PatternEffects(PatternService patterns, PracticeService practice, Planners planners, Words words) {
        this.patterns = patterns;
        this.practice = practice;
        this.planners = planners;
        this.words = words;
    }

    /**
     * All cloth of a quilt.
     *
     * @param exact in strips and lengths, as cut
     * @param sold  with margin and rounded up
     */
    private record Cloth(Length exact, Length sold) {
    }

    /** By the code of each part whose settings are not as the shop has them, in words; nothing in a shop without a drawn pattern. */
    @Transactional(readOnly = true)
    public Map<String, FractionText> of(ShopPractice tried) {
        Map<String, FractionText> effects = new LinkedHashMap<>();
        patterns.anyDrawn().filter(pattern -> !pattern.design().grids().isEmpty()).ifPresent(pattern -> {
            ShopPractice shop = practice.practice();
            for (PracticePart part : PracticePart.values()) {
                ShopPractice changed = part.on(shop, tried);
                if (!changed.equals(shop)) {
                    effects.put(part.code(), FractionText.of(effect(pattern, shop, changed)));
                }
            }
        });
        return effects;
    }

    private String effect(PatternVersion pattern, ShopPractice shop, ShopPractice changed) {
        QuiltSize size = PatternHead.middle(pattern.design().grids());
        String name = pattern.name() + ", " + size.name();
        Optional<Cloth> now = cloth(pattern, size, shop);
        Optional<Cloth> then = cloth(pattern, size, changed);
        if (now.isEmpty() || then.isEmpty()) {
            return words.text("practice.effect.none", name);
        }
        String sold = LengthView.of(then.get().sold(), changed.sellingUnit()).plain();
        return then.equals(now)
                ? words.text("practice.effect.same", name, sold)
                : words.text(
                        "practice.effect", name, sold, LengthView.of(now.get().sold(), shop.sellingUnit()).plain(),
                        LengthView.needed(then.get().exact(), changed.sellingUnit()).plain(),
                        LengthView.needed(now.get().exact(), shop.sellingUnit()).plain());
    }

    private Optional<Cloth> cloth(PatternVersion pattern, QuiltSize size, ShopPractice by) {
        QuiltPlan plan = new QuiltPlanner(by).plan(pattern.design(), size);
        Needs.Result needs = new Needs(by, pattern.instructions(), planners).byRole(pattern.design(), plan);
        return needs.problems().isEmpty()
                ? Optional.of(needs.byFabric().values().stream().flatMap(need -> need.cloth().stream())
                        .map(cloth -> new Cloth(cloth.plan().exact().value(), cloth.sell().value()))
                        .reduce(new Cloth(Length.ZERO, Length.ZERO),
                                (a, b) -> new Cloth(a.exact().plus(b.exact()), a.sold().plus(b.sold()))))
                : Optional.empty();
    }
}
