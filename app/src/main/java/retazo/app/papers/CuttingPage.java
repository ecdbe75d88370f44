package retazo.app.papers;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import retazo.app.fabrics.Fabric;
import retazo.app.kits.Kit;
import retazo.app.kits.KitWork;
import retazo.app.kits.ShopCutText;
import retazo.app.patterns.Ink;
import retazo.app.patterns.PartNames;
import retazo.app.patterns.QuiltPicture;
import retazo.app.patterns.RoleView;
import retazo.app.patterns.ShapeWords;
import retazo.app.patterns.SheetsView;
import retazo.app.practice.PaperNotes;
import retazo.app.shared.FractionText;
import retazo.app.shared.LengthView;
import retazo.app.shared.Words;
import retazo.app.stock.Good;
import retazo.core.cloth.Join;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.cloth.ShopPractice;
import retazo.core.cutting.ClothLine;
import retazo.core.cutting.ClothPart;
import retazo.core.cutting.ClothPlan;
import retazo.core.cutting.LaidCloth;
import retazo.core.explain.Figure;
import retazo.core.kit.Need;
import retazo.core.measure.Length;
import retazo.core.measure.LengthUnit;
import retazo.core.quilt.QuiltPlan;
import retazo.core.quilt.Use;

/**
 * Our own cutting page for a kit, as it is printed.
 *
 * @param blocks   each kind of block, drawn
 * @param finished the finished size, in words
 * @param seam     the seam allowance
 * @param notes    what the shop says beside the figures
 * @param fabrics  one section for each length in the bag
 * @param precuts  one section for each kind of precut in the bag
 */
record CuttingPage(Kit kit, List<QuiltPicture> blocks, QuiltPicture quilt, String finished, LengthView seam, List<Section> fabrics,
        List<PrecutSection> precuts, List<String> notes) {

    /** A role's letter in its fabric. */
    record Letter(String letter, String name, Ink ink) {
    }

    /**
     * A length in the bag and what is cut from it, in the order of cutting.
     *
     * @param into   what the length comes as, in words; empty for one folded length
     * @param steps  none for a length that comes as quarters
     * @param sheets how the quarters are cut
     */
    record Section(
            Fabric fabric, List<Letter> letters, LengthView length, LengthView usableWidth, String uses, String into, List<Step> steps,
            Optional<SheetsView> sheets) {
    }

    /**
     * Precuts in the bag and what is cut from them.
     *
     * @param count  of packs or loose ones
     * @param sheets which are cut how
     * @param others pieces of which the pattern says how many one gives, in words
     */
    record PrecutSection(Good good, List<Letter> letters, long count, String uses, Optional<SheetsView> sheets, List<String> others) {
    }

    /**
     * A step of the cut list.
     *
     * @param what   strips or panels, in words
     * @param pieces what comes from them, in words
     */
    record Step(long count, String what, LengthView height, FractionText pieces) {

        private Step more(long others, String several) {
            return new Step(count + others, several, height, pieces);
        }
    }

    static CuttingPage of(KitWork work, ShopPractice practice, PaperNotes notes, Words words) {
        Kit kit = work.kit();
        Map<Fabric, List<String>> letters = kit.lettersByFabric();
        return new CuttingPage(
                kit,
                kit.pattern().design().drawing().map(drawing -> drawing.placed().stream().map(kind -> QuiltPicture.ofPatches(
                        "block-" + kind.key(), kind.block().finishedWidth(), kind.block().finishedHeight(), kind.block().draw(), kit::ink,
                        role -> kit.pattern().design().role(role).letter())).toList()).orElse(List.of()),
                QuiltPicture.of("quilt", kit.pattern().design(), kit.size(), kit::ink),
                work.plan().finished().map(finished -> side(finished.width()) + " × " + side(finished.height()) + " in").orElse(""),
                LengthView.inches(practice.length(PracticeMeasure.SEAM_ALLOWANCE)),
                work.needs().byFabric().entrySet().stream()
                        .flatMap(entry -> letters.keySet().stream()
                                .filter(fabric -> fabric.code().equals(entry.getKey()))
                                .flatMap(fabric -> section(fabric, entry.getValue(), work, practice.sellingUnit(), words).stream()))
                        .toList(),
                work.needs().byFabric().entrySet().stream()
                        .flatMap(entry -> Optional.ofNullable(kit.goodsByCode().get(entry.getKey())).flatMap(good -> precuts(good, entry.getValue(), work, words)).stream())
                        .toList(),
                notes.codes().stream().map(code -> words.text(code)).toList());
    }

    private static Optional<Section> section(Fabric fabric, Need need, KitWork work, LengthUnit unit, Words words) {
        return need.amount().match(
                cloth -> Optional.of(new Section(
                        fabric, letters(need, work.kit(), Kit.ink(fabric)), LengthView.of(cloth.sell().value(), unit), LengthView.inches(cloth.plan().usableWidth().value()),
                        RoleView.uses(need.uses(), words), "", steps(cloth.plan(), work.plan(), words), Optional.empty())),
                printed -> Optional.empty(),
                quarters -> Optional.of(new Section(
                        fabric, letters(need, work.kit(), Kit.ink(fabric)), LengthView.of(quarters.sell().value(), unit), LengthView.inches(quarters.usableWidth().value()),
                        RoleView.uses(need.uses(), words), need.quarters().map(cut -> ShopCutText.of(cut, words)).orElse(""), List.of(),
                        Optional.of(SheetsView.of(quarters.plan(), words)))),
                units -> Optional.empty());
    }

    private static Optional<PrecutSection> precuts(Good good, Need need, KitWork work, Words words) {
        return need.amount().match(
                cloth -> Optional.empty(), printed -> Optional.empty(), quarters -> Optional.empty(),
                units -> Optional.of(new PrecutSection(
                        good, letters(need, work.kit(), Kit.ink(good)), units.count().value().value(), RoleView.uses(need.uses(), words),
                        units.plan().map(plan -> SheetsView.of(plan, words)), asListed(good, need, work.plan(), words))));
    }

    /** Pieces of which the cut list says how many come from one precut. */
    private static List<String> asListed(Good good, Need need, QuiltPlan plan, Words words) {
        return plan.pieces().stream()
                .filter(piece -> need.roles().contains(piece.role()))
                .flatMap(piece -> piece.precut().filter(source -> good.precut().equals(Optional.of(source.kind()))).stream()
                        .map(source -> words.text("paper.asListed", piece.count().value().value(), piece.label(), ShapeWords.of(piece.shape(), words), source.perSheet())))
                .toList();
    }

    private static List<Letter> letters(Need need, Kit kit, Ink ink) {
        return need.roles().stream()
                .map(role -> new Letter(kit.pattern().design().role(role).letter(), kit.pattern().design().role(role).name(), ink))
                .toList();
    }

    private static String side(Figure<Length> side) {
        return LengthView.inches(side.value()).plain().replace(" in", "");
    }

    /** By the laid cloth where everything was laid together, so that the length is enough; else each size alone. */
    private static List<Step> steps(ClothPlan cloth, QuiltPlan plan, Words words) {
        if (cloth.laid().isEmpty()) {
            return cloth.lines().stream().map(line -> step(line, plan, words)).toList();
        }
        Set<Use> told = new HashSet<>();
        LaidCloth laid = cloth.laid().get();
        List<Step> steps = new ArrayList<>();
        for (LaidCloth.Strip strip : laid.strips()) {
            Step step = laidStep(strip, laid, cloth, told, plan, words);
            Optional<Step> last = steps.isEmpty() ? Optional.empty() : Optional.of(steps.get(steps.size() - 1));
            if (last.isPresent() && isSameLongStrip(strip, step, last.get(), laid, words)) {
                steps.set(steps.size() - 1, last.get().more(strip.cut().times(), words.text("paper.strips")));
            } else {
                steps.add(step);
            }
        }
        return steps;
    }

    /** The last of several joined strips is used in part, but cut like the others. */
    private static boolean isSameLongStrip(LaidCloth.Strip strip, Step step, Step last, LaidCloth laid, Words words) {
        String name = step.pieces().plain();
        return strip.cut().pieces().size() == 1 && laid.part(strip.cut().pieces().get(0).id()).shape().isEmpty()
                && step.height().equals(last.height()) && step.what().equals(words.text("paper.strips.one")) && last.pieces().plain().startsWith(name);
    }

    private static Step laidStep(
            LaidCloth.Strip strip, LaidCloth laid, ClothPlan cloth, Set<Use> told, QuiltPlan plan, Words words) {
        List<String> gives = new ArrayList<>();
        ClothPart first = laid.part(strip.cut().pieces().get(0).id());
        laid.partsOf(strip).forEach((part, count) -> {
            if (part.shape().isPresent()) {
                gives.add(words.text("paper.laidPieces", count, new PartNames(words).full(part)));
            } else {
                boolean untold = told.add(part.uses().get(0));
                gives.add(cloth.lines().stream()
                        .filter(line -> untold && line.use().equals(part.uses().get(0)) && line.pieces().isEmpty())
                        .map(line -> longPieces(line, lay(part), plan, words))
                        .findFirst()
                        .orElseGet(() -> RoleView.uses(part.uses(), words)));
            }
        });
        return new Step(
                strip.cut().times(), what(strip.cut().times(), lay(first), first.uses().get(0), words), LengthView.inches(strip.cut().height()), FractionText.of(String.join("; ", gives)));
    }

    private static Step step(ClothLine line, QuiltPlan plan, Words words) {
        String pieces = line.pieces()
                .map(cut -> words.text(
                        "paper.pieces", cut.count().value().value(), String.join(" and ", line.pieceLabels()),
                        ShapeWords.of(cut.shape(), words), cut.perStrip().value().value()))
                .orElseGet(() -> longPieces(line, line.lay(), plan, words));
        return new Step(line.strips().value().value(), what(line.strips().value().value(), line.lay(), line.use(), words), LengthView.inches(line.stripHeight().value()), FractionText.of(pieces));
    }

    /** How a part without pieces lies: whole along the cloth, or on the bias; else in strips across it. */
    private static ClothLine.Lay lay(ClothPart part) {
        boolean along = part.whole() && part.shape().isEmpty();
        return !along || part.uses().contains(Use.BACKING)
                ? ClothLine.Lay.ACROSS : part.uses().contains(Use.BINDING) ? ClothLine.Lay.BIAS : ClothLine.Lay.ALONG;
    }

    private static String what(long count, ClothLine.Lay lay, Use use, Words words) {
        String code = switch (lay) {
            case ALONG -> "paper.stretch";
            case BIAS -> "paper.squares";
            case ACROSS -> use.place() == Use.Place.BACKING ? "paper.panels" : "paper.strips";
        };
        return words.text(count == 1 ? code + ".one" : code);
    }

    private static String longPieces(ClothLine line, ClothLine.Lay lay, QuiltPlan plan, Words words) {
        return switch (line.use().place()) {
            case BORDER, SASH, FLANGE -> words.text(
                    lay == ClothLine.Lay.ACROSS && isOnTheDiagonal(line, plan) ? "paper.long.diagonal" : "paper.long." + lay, words.text("use." + line.use().place(), line.use().number()), lengths(line, plan, words), width(line, plan));
            case BINDING -> words.text(lay == ClothLine.Lay.ACROSS && plan.bindings().stream().anyMatch(one -> one.practice().join() == Join.STRAIGHT)
                    ? "paper.binding.straight" : "paper.binding." + lay);
            case BACKING -> line.seams()
                    .filter(seams -> line.strips().value().value() > 1)
                    .map(seams -> words.text("paper.backing." + seams))
                    .orElseGet(() -> words.text("paper.backing.one"));
            case BLOCKS, CORNERSTONE, SETTING -> "";
        };
    }

    private static boolean isOnTheDiagonal(ClothLine line, QuiltPlan plan) {
        return plan.longPieces().stream().anyMatch(pieces -> pieces.use().equals(line.use()) && pieces.joined() == Join.DIAGONAL);
    }

    /** How wide each of them is, which a stretch along the cloth does not tell. */
    private static String width(ClothLine line, QuiltPlan plan) {
        return plan.longPieces().stream()
                .filter(pieces -> pieces.use().equals(line.use()))
                .findFirst()
                .map(pieces -> LengthView.inches(pieces.cutWidth().value()).plain())
                .orElse("");
    }

    /** The pieces that long strips are cut apart into: {@code 2 of 62 1/2 in, 2 of 58 1/2 in}. */
    private static String lengths(ClothLine line, QuiltPlan plan, Words words) {
        return plan.longPieces().stream()
                .filter(pieces -> pieces.use().equals(line.use()))
                .flatMap(pieces -> pieces.pieces().stream())
                .map(piece -> words.text(
                        "paper.longPiece", piece.count().value().value(), LengthView.inches(piece.length().value()).plain()))
                .collect(Collectors.joining(", "));
    }
}
