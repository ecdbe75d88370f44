package retazo.app.patterns.sizes;

import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import retazo.app.patterns.PatternHead;
import retazo.app.patterns.PatternVersion;
import retazo.app.patterns.RoleSources;
import retazo.app.patterns.file.PatternContent;
import retazo.app.patterns.rows.SizeRow;
import retazo.app.practice.PracticeService;
import retazo.app.practice.PriceListService;
import retazo.app.shared.Faults;
import retazo.app.shared.FieldReader;
import retazo.app.shared.Words;
import retazo.core.cloth.ShopPractice;
import retazo.core.kit.Planners;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.verdict.LengthVerdict;
import retazo.core.verdict.PrintedLengths;

/** Works out the leaf with a pattern's sizes, as they are kept or as they are typed. */
@Component
class SizesPages {

    private final RoleSources sources;
    private final PracticeService practice;
    private final PriceListService prices;
    private final Planners planners;
    private final Words words;

    SizesPages(RoleSources sources, PracticeService practice, PriceListService prices, Planners planners, Words words) {
        this.sources = sources;
        this.practice = practice;
        this.prices = prices;
        this.planners = planners;
        this.words = words;
    }

    /** What typed sizes come to, which figures they change, and what is near a target. */
    SizesLeaf leaf(SizesForm form, PatternVersion pattern, Optional<String> figure, Faults faults) {
        QuiltDesign kept = pattern.design();
        SizesDraft draft = SizesDraft.of(form, pattern);
        QuiltDesign design = draft.content().map(PatternContent::design).orElse(kept);
        ShopPractice shop = practice.practice();
        List<LengthVerdict> lengths = PrintedLengths.judge(design, shop);
        SizesPage.Asked asked = new SizesPage.Asked(
                design, kept, pattern.instructions(), lengths, sources.of(pattern.patternId()), prices.usual(), figure);
        FieldReader reader = new FieldReader();
        Optional<TargetView> target = form.asksTarget()
                ? SizesTarget.of(form, pattern, reader).map(sought -> TargetView.of(sought.target(), sought.nearest(pattern, shop), words))
                : Optional.empty();
        return new SizesLeaf(
                Ladder.of(design, shop, PatternHead.inks(design)), SizesPage.of(asked, shop, planners, words),
                VerdictsView.of(design, lengths, planners.sheets(), shop, words), form.padded(), kept.drawing().isPresent(),
                !design.equals(kept) || draft.content().isEmpty(), target, faults.with(Faults.of(reader.problems(), words)));
    }

    /** The row of one of the proposals for the target that is typed; empty where there is none of that index. */
    Optional<SizeRow> proposed(SizesForm form, PatternVersion pattern, int index) {
        return SizesTarget.of(form, pattern, new FieldReader()).flatMap(sought -> sought.row(pattern, practice.practice(), index));
    }
}
