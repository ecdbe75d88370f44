package retazo.app.patterns;

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
import retazo.core.cutting.CutStrip.PlacedPiece;
import retazo.core.measure.Length;
import retazo.core.measure.LengthUnit;
import retazo.core.precut.RoleFromPrecuts;
import retazo.core.precut.SheetPlan;

/**
 * A role from precuts as its page shows it.
 *
 * @param kind     its code
 * @param sheets   how many it takes, planned with the cautious measure; 0 where it does not come out of them
 * @param measure  what is planned with, in words
 * @param bound    how near the number is to what no diagrams can beat
 * @param nominal  what the measure as sold would change; empty for nothing
 * @param packs    for each customary pack
 * @param blocks   what the spare and a pack fewer mean in blocks, in words
 * @param shopCut  the same from quarters that the shop cuts off a bolt, in words; empty for other kinds
 * @param diagrams which sheets are cut how
 * @param over     pieces cut beyond the need, in words
 * @param refusals why these precuts do not serve the role
 */
record PrecutView(
        String kind, int sheets, FractionText measure, FractionText bound, FractionText nominal, List<RoleFromPrecuts.Packs> packs,
        List<String> blocks, FractionText shopCut, List<Diagram> diagrams,
        FractionText over, List<FractionText> refusals) {

    /** A diagram, in inches, with how many sheets are cut by it. */
    record Diagram(int times, String width, String height, List<Box> boxes, FractionText gives) {
    }

    /** A piece in a diagram. */
    record Box(String x, String y, String width, String height, String label, String middleX, String middleY, String font) {
    }

    private static final Length LARGEST_LETTER = Length.ofInches(2);

    /** @param sheetsBySize how many sheets the other sizes of the pattern take, by their names */
    static PrecutView of(RoleFromPrecuts role, Map<String, Integer> sheetsBySize, Length usableWidth, LengthUnit unit, Words words) {
        PrecutKind kind = role.kind();
        Optional<SheetPlan> sure = role.cautious();
        List<RoleFromPrecuts.Packs> packs = role.packs();
        return new PrecutView(
                kind.code(),
                sure.map(SheetPlan::sheets).orElse(0),
                FractionText.of(words.text("precuts.measure", sheet(kind).width(), sheet(kind).length())),
                FractionText.of(sure.map(one -> one.sheets() == one.bound()
                        ? words.text("precuts.proved") : words.text("precuts.bound", one.bound())).orElse("")),
                FractionText.of(role.betterIfFull().filter(full -> sure.isPresent())
                        .map(full -> words.text("precuts.nominal", full.request().height(), full.request().width(), full.sheets())).orElse("")),
                packs,
                packs.stream().flatMap(one -> Stream.of(blocks(one, role.blocks(), words), larger(one, sheetsBySize, words))).filter(text -> !text.isEmpty()).toList(),
                FractionText.of(role.shopCut(usableWidth)
                        .map(cut -> words.text("precuts.shop-cut", cut.sheets(), LengthView.of(cut.length(), unit).plain())).orElse("")),
                sure.map(one -> one.cuts().stream().map(cut -> diagram(cut, one)).toList()).orElse(List.of()),
                FractionText.of(sure.map(SheetPlan::over).orElse(Map.of()).entrySet().stream()
                        .map(entry -> entry.getValue() + " " + entry.getKey()).collect(Collectors.joining(", "))),
                refusals(role, words).stream().map(FractionText::of).toList());
    }

    private static SheetSize sheet(PrecutKind kind) {
        return kind.cautious().orElseThrow();
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
                ? words.text("precuts.one-pack") : words.text("precuts.fewer", packs.packs() - 1, packs.oneFewer(), blocks);
        return words.text(packs.blocks() > blocks ? "precuts.more-blocks" : "precuts.no-more-blocks", packs.inPack(), packs.blocks(), blocks, packs.blocks() - blocks)
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
                    .map(piece -> piece.id() + " (" + size(piece.width()) + " × " + LengthView.inches(piece.height()).plain() + ")")
                    .collect(Collectors.joining(", "));
            refusals.add(role.nominal().isPresent()
                    ? words.text("precuts.needs-nominal", labels, role.nominal().get().request().height(), role.nominal().get().request().width())
                    : words.text("precuts.too-large", labels));
        }
        return refusals;
    }

    private static Diagram diagram(SheetPlan.Cut cut, SheetPlan plan) {
        return new Diagram(
                cut.times(), QuiltPicture.inches(plan.request().width()), QuiltPicture.inches(plan.request().height()),
                cut.diagram().pieces().stream().map(PrecutView::box).toList(),
                FractionText.of(cut.diagram().counts().entrySet().stream()
                        .map(entry -> entry.getValue() + " × " + entry.getKey()).collect(Collectors.joining(", "))));
    }

    private static Box box(PlacedPiece piece) {
        Length shorter = piece.width().isShorterThan(piece.height()) ? piece.width() : piece.height();
        Length font = new Length(shorter.ticks() / 2);
        return new Box(
                QuiltPicture.inches(piece.x()), QuiltPicture.inches(piece.y()), QuiltPicture.inches(piece.width()), QuiltPicture.inches(piece.height()),
                piece.id(), middle(piece.x(), piece.width()), middle(piece.y(), piece.height()),
                QuiltPicture.inches(font.isLongerThan(LARGEST_LETTER) ? LARGEST_LETTER : font));
    }

    private static String middle(Length from, Length length) {
        return QuiltPicture.inches(new Length(from.ticks() + length.ticks() / 2));
    }

    private static String size(Length length) {
        return LengthView.inches(length).plain().replace(" in", "");
    }
}
