package retazo.app.cloth;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import retazo.app.shared.FractionText;
import retazo.app.shared.LengthView;
import retazo.app.shared.Words;
import retazo.core.cloth.PrecutKind;
import retazo.core.cloth.SheetSize;
import retazo.core.kit.RoleSource;
import retazo.core.measure.Length;
import retazo.core.measure.LengthUnit;
import retazo.core.precut.QuartersFromBolt;
import retazo.core.precut.RoleFromPrecuts;
import retazo.core.precut.SheetPlans;

/**
 * A role from precuts, or from quarters cut in the shop, as its page shows it.
 *
 * @param source   its code
 * @param sheets   how they are cut, planned with the cautious measure; empty where the role does not come out of them
 * @param measure  what is planned with, in words
 * @param nominal  what the measure as sold would change; empty for nothing
 * @param packs    for each customary pack
 * @param blocks   what the spare and a pack fewer mean in blocks, in words
 * @param length   off the bolt for all of them, in words; empty for bundles
 * @param refusals why these precuts do not serve the role
 */
public record PrecutView(
        String source, Optional<SheetsView> sheets, FractionText measure, FractionText nominal, List<RoleFromPrecuts.Packs> packs,
        List<String> blocks, FractionText length, List<FractionText> refusals) {

    /** @param sheetsBySize how many sheets the other sizes of the pattern take, by their names */
    public static PrecutView ofBundle(RoleFromPrecuts role, Map<String, Integer> sheetsBySize, SheetPlans plans, Words words) {
        PrecutKind kind = role.kind();
        SheetSize sheet = kind.cautious().orElseThrow();
        List<RoleFromPrecuts.Packs> packs = role.packs(plans);
        return new PrecutView(
                kind.code(),
                role.cautious().map(plan -> SheetsView.of(plan, words)),
                FractionText.of(words.text("precuts.measure", sheet.width(), sheet.length())),
                FractionText.of(role.betterIfFull().filter(full -> role.cautious().isPresent())
                        .map(full -> words.text("precuts.nominal", full.request().height(), full.request().width(), full.sheets()))
                        .orElse("")),
                packs,
                packs.stream().flatMap(one -> Stream.of(blocks(one, role.blocks(), words), larger(one, sheetsBySize, words)))
                        .filter(text -> !text.isEmpty()).toList(),
                FractionText.of(""),
                refusals(role, words).stream().map(FractionText::of).toList());
    }

    /** @param measured the role from sheets of the measure that the shop cuts, which says what keeps it from them */
    public static PrecutView ofQuarters(
            RoleSource source, Optional<QuartersFromBolt> quarters, RoleFromPrecuts measured, Length usableWidth, LengthUnit unit,
            Words words) {
        SheetSize sheet = source.kind().cutFrom(usableWidth).orElseThrow();
        return new PrecutView(
                source.code(),
                quarters.filter(cut -> !measured.takesLong()).map(cut -> SheetsView.of(cut.plan(), words)),
                FractionText.of(words.text("precuts.measure-cut", sheet.width(), sheet.length())), FractionText.of(""), List.of(),
                List.of(),
                FractionText.of(
                        quarters.map(cut -> words.text("precuts.shop-cut", cut.sheets().value(), LengthView.of(cut.length(), unit).plain()))
                                .orElse("")),
                refusals(measured, words).stream().map(FractionText::of).toList());
    }

    /** The sizes that the same packs are enough for, though they take more than this one. */
    private static String larger(RoleFromPrecuts.Packs packs, Map<String, Integer> sheetsBySize, Words words) {
        long there = packs.packs() * packs.inPack();
        String names = sheetsBySize.entrySet().stream()
                .filter(size -> size.getValue() > there - packs.spare() && size.getValue() <= there)
                .map(Map.Entry::getKey).collect(Collectors.joining(", "));
        return names.isEmpty() ? "" : words.text("precuts.larger", packs.inPack(), names);
    }

    private static String blocks(RoleFromPrecuts.Packs packs, long blocks, Words words) {
        if (packs.blocks() == 0) {
            return "";
        }
        String fewer = packs.packs() == 1
                ? words.text("precuts.one-pack")
                : words.text("precuts.fewer", packs.packs() - 1, packs.oneFewer(), blocks);
        return words.text(packs.blocks() > blocks ? "precuts.more-blocks" : "precuts.no-more-blocks", packs.inPack(), packs.blocks(),
                blocks, packs.blocks() - blocks)
                + " " + fewer;
    }

    private static List<String> refusals(RoleFromPrecuts role, Words words) {
        List<String> refusals = new ArrayList<>();
        if (!role.others().isEmpty()) {
            refusals.add(words.text("precuts.no-rectangle", String.join(", ", role.others())));
        }
        if (role.takesLong()) {
            refusals.add(words.text("precuts.long"));
        }
        if (!role.tooLarge().isEmpty()) {
            String labels = role.tooLarge().stream()
                    .map(piece -> piece.id() + " (" + LengthView.sides(piece.width(), piece.height()) + ")")
                    .collect(Collectors.joining(", "));
            refusals.add(role.nominal().isPresent()
                    ? words.text("precuts.needs-nominal", labels, role.nominal().get().request().height(),
                            role.nominal().get().request().width())
                    : words.text("precuts.too-large", labels));
        }
        return refusals;
    }
}
