package retazo.app.kits.cloth;

import static java.util.Objects.requireNonNull;

import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.springframework.stereotype.Component;
import retazo.app.kits.Kit;
import retazo.app.kits.KitWorks;
import retazo.app.practice.MarginText;
import retazo.app.practice.PracticeService;
import retazo.app.shared.Moments;
import retazo.app.shared.Words;
import retazo.app.staff.StaffService;
import retazo.core.cloth.ShopPractice;

/** What was decided for a kit's cloth, in words. */
@Component
class KitClothWords {

    private final KitWorks works;
    private final PracticeService practice;
    private final StaffService staff;
    private final Clock clock;
    private final Words words;

    KitClothWords(KitWorks works, PracticeService practice, StaffService staff, Clock clock, Words words) {
        this.works = works;
        this.practice = practice;
        this.staff = staff;
        this.clock = clock;
        this.words = words;
    }

    /** Who chose whose instructions the kit follows, and why; empty where nobody did. */
    String decided(Kit kit) {
        return kit.decision().map(decision -> words.text(
                decision.reason().isEmpty() ? "kit.chosen" : "kit.decided",
                requireNonNull(staff.names(Set.of(decision.personId())).get(decision.personId())),
                Moments.near(decision.at(), clock.instant()),
                decision.reason())).orElse("");
    }

    /** What the kit has otherwise than its pattern and the shop; empty for nothing. */
    String ownSettings(Kit kit) {
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
}
