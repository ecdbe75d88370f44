package retazo.app.kits.cloth;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import retazo.app.cloth.ClothQuestion;
import retazo.app.cloth.ClothSettings;
import retazo.app.cloth.ClothView;
import retazo.app.cloth.ClothWays;
import retazo.app.fabrics.Fabric;
import retazo.app.kits.Kit;
import retazo.app.kits.KitWorks;
import retazo.app.kits.leftovers.LeftOverOffers;
import retazo.app.kits.leftovers.LeftOversView;
import retazo.app.shared.Faults;
import retazo.app.shared.FieldReader;
import retazo.app.shared.Words;
import retazo.app.stock.goods.Good;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.cloth.ShopPractice;
import retazo.core.cutting.ClothBatch;
import retazo.core.measure.Length;

/** Puts the page of a kit's cloth together. */
@Component
class KitClothPages {

    private final KitWorks works;
    private final KitClothQuestions questions;
    private final LeftOverOffers offers;
    private final KitClothWords clothWords;
    private final Words words;

    KitClothPages(KitWorks works, KitClothQuestions questions, LeftOverOffers offers, KitClothWords clothWords, Words words) {
        this.works = works;
        this.questions = questions;
        this.offers = offers;
        this.clothWords = clothWords;
        this.words = words;
    }

    /** The page of the precut of a code, or of the first where the kit has no cloth; empty where the code is that of a cloth. */
    Optional<KitClothPage.Precut> precut(Kit kit, String code, String reason, Faults faults) {
        KitClothPage.Parts parts = KitClothPage.Parts.of(kit);
        return parts.precuts().stream().filter(one -> one.code().equals(code)).findFirst()
                .or(() -> parts.fabrics().isEmpty() ? parts.precuts().stream().findFirst() : Optional.empty())
                .map(good -> new KitClothPage.Precut(
                        parts, taken(kit, good, works.practiceOf(kit)),
                        kit.sources().precuts().entrySet().stream()
                                .filter(own -> own.getValue().equals(good)).map(own -> kit.fabrics().get(own.getKey())).findFirst(),
                        new KitClothPage.Whose(clothWords.decided(kit), faults, reason)));
    }

    /** The page of the fabric of a code, or of the first. */
    KitClothPage page(Kit kit, String code, KitClothPage.Asked asked, Faults faults) {
        KitClothPage.Parts parts = KitClothPage.Parts.of(kit);
        Fabric fabric = parts.fabrics().stream().filter(one -> one.code().equals(code)).findFirst()
                .orElseGet(() -> parts.fabrics().get(0));
        FieldReader reader = new FieldReader();
        ShopPractice own = works.practiceOf(kit);
        Length ownWidth = works.usableWidth(kit, fabric);
        int together = asked.together().isBlank() ? 0 : reader.number("together", asked.together(), 2, ClothBatch.MOST_KITS);
        int kits = reader.anyProblem() ? 0 : together;
        KitOtherSources.Tried tried = new KitOtherSources.Tried(
                asked.settings().practice(own, reader), asked.settings().usableWidth(reader).orElse(ownWidth), asked.others());
        return new KitClothPage(
                parts, clothWords.decided(kit), clothWords.ownSettings(kit),
                new KitClothPage.OneFabric(fabric, letters(kit, fabric), Kit.laidInk(fabric)),
                kit.precutsFor(fabric).values().stream().distinct().map(good -> taken(kit, good, tried.practice())).toList(),
                laid(kit, fabric, tried, questions.compared(kit, fabric, kits, tried), asked.settings().shown(own, ownWidth)),
                asked, faults.with(Faults.of(reader.problems(), words)));
    }

    private KitClothPage.Laid laid(
            Kit kit, Fabric fabric, KitOtherSources.Tried tried, ClothQuestion.Compared compared, Map<String, String> shown) {
        return new KitClothPage.Laid(
                ClothView.of(questions.question(kit, fabric, tried, compared), words),
                ClothWays.of(questions.question(kit.layingWhole(fabric), fabric, tried, compared), words),
                works.clothNeed(kit, fabric, tried.practice(), kit.instructions(), tried.usableWidth())
                        .flatMap(need -> KitSheetsView.of(need, tried.practice().sellingUnit(), words)),
                kit.isCutByTheShop() ? Optional.of(leftOvers(kit, fabric)) : Optional.empty(), shown);
    }

    private LeftOversView leftOvers(Kit kit, Fabric fabric) {
        ShopPractice own = works.practiceOf(kit);
        return offers.view(kit, fabric, new LeftOversView.Measures(
                own.length(PracticeMeasure.BINDING_WIDTH), works.usableWidth(kit, fabric), own.sellingUnit()), words);
    }

    private KitClothPage.Taken taken(Kit kit, Good good, ShopPractice practice) {
        return new KitClothPage.Taken(
                good, Kit.ink(good), String.join(", ", kit.lettersOf(good)),
                works.precutNeed(kit, good, practice).flatMap(need -> KitSheetsView.of(need, practice.sellingUnit(), words)));
    }

    private static String letters(Kit kit, Fabric fabric) {
        return String.join(", ", kit.lettersByFabric().getOrDefault(fabric, List.of()));
    }

    /** What is looked at when nothing is tried out. */
    static KitClothPage.Asked plainly(String reason) {
        return new KitClothPage.Asked(ClothSettings.NONE, "", false, reason);
    }
}
