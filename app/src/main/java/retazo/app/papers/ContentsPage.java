package retazo.app.papers;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import retazo.app.kits.Kit;
import retazo.app.kits.KitWork;
import retazo.app.kits.ShopCutText;
import retazo.app.pictures.Ink;
import retazo.app.shared.LengthView;
import retazo.app.shared.Words;
import retazo.app.stock.goods.Good;
import retazo.core.kit.BillLine;
import retazo.core.measure.LengthUnit;

/**
 * What lies in a bag, as it goes out with every kit: letters, cloths, lengths and counts, and no cut size, so that it may go out with
 * another designer's pattern too.
 *
 * @param lines in the order of the bill
 */
record ContentsPage(Kit kit, List<Line> lines) {

    /**
     * Something in the bag.
     *
     * @param letters of the roles that it serves, in its colour; none for what is no cloth
     * @param name    of the fabric, or of what is counted
     * @param amount  a count or what a length is cut into, in words; empty for one folded length
     * @param length  of one folded length
     */
    record Line(List<CuttingPage.Letter> letters, String name, String amount, Optional<LengthView> length) {
    }

    static ContentsPage of(KitWork work, LengthUnit unit, Words words) {
        List<Line> lines = new ArrayList<>();
        for (BillLine line : work.bill().lines()) {
            lines.add(line.match(
                    cut -> ofCut(work.kit(), cut, unit, words),
                    picked -> ofPicked(work.kit(), picked, words)));
        }
        return new ContentsPage(work.kit(), lines);
    }

    private static Line ofCut(Kit kit, BillLine.Cut cut, LengthUnit unit, Words words) {
        String into = cut.into().map(quarters -> ShopCutText.of(quarters, words)).orElse("");
        return new Line(
                letters(kit, cut.letters(), Kit.ink(kit.fabric(cut.fabricCode()))), kit.fabric(cut.fabricCode()).name(), into,
                into.isEmpty() ? Optional.of(LengthView.of(cut.length(), unit)) : Optional.empty());
    }

    private static Line ofPicked(Kit kit, BillLine.Picked picked, Words words) {
        Good good = requireNonNull(kit.goodsByCode().get(picked.code()));
        return new Line(
                letters(kit, picked.letters(), Kit.ink(good)), good.name(),
                words.text("paper.contents-count", picked.count().value(), good.unit(), good.perUnit()), Optional.empty());
    }

    private static List<CuttingPage.Letter> letters(Kit kit, List<String> letters, Ink ink) {
        return kit.pattern().design().roles().stream().filter(role -> letters.contains(role.letter()))
                .map(role -> new CuttingPage.Letter(role.letter(), role.name(), ink)).toList();
    }
}
