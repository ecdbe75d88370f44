package retazo.app.papers;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import retazo.app.cloth.PartNames;
import retazo.app.cloth.ShapeWords;
import retazo.app.pictures.RoleView;
import retazo.app.shared.FractionText;
import retazo.app.shared.LengthView;
import retazo.app.shared.Words;
import retazo.core.cloth.Join;
import retazo.core.cutting.ClothLine;
import retazo.core.cutting.ClothPart;
import retazo.core.cutting.ClothPlan;
import retazo.core.cutting.LaidCloth;
import retazo.core.quilt.plan.QuiltPlan;
import retazo.core.quilt.setting.Use;

/** The steps by which a length is cut, as our cutting page lists them: strips in order, with what each gives. */
final class CuttingSteps {

    private CuttingSteps() {
    }

    /** By the laid cloth where everything was laid together, so that the length is enough; else each size alone. */
    static List<CuttingPage.Step> of(ClothPlan cloth, QuiltPlan plan, Words words) {
        if (cloth.laid().isEmpty()) {
            return cloth.lines().stream().map(line -> step(line, plan, words)).toList();
        }
        Set<Use> told = new HashSet<>();
        LaidCloth laid = cloth.laid().get();
        List<CuttingPage.Step> steps = new ArrayList<>();
        for (LaidCloth.Strip strip : laid.strips()) {
            CuttingPage.Step step = laidStep(strip, laid, cloth, told, plan, words);
            Optional<CuttingPage.Step> last = steps.isEmpty() ? Optional.empty() : Optional.of(steps.get(steps.size() - 1));
            if (last.isPresent() && isSameLongStrip(strip, step, last.get(), laid, words)) {
                steps.set(steps.size() - 1, last.get().more(strip.cut().times(), words.text("paper.strips")));
            } else {
                steps.add(step);
            }
        }
        return steps;
    }

    /** The last of several joined strips is used in part, but cut like the others. */
    private static boolean isSameLongStrip(LaidCloth.Strip strip, CuttingPage.Step step, CuttingPage.Step last, LaidCloth laid,
            Words words) {
        String name = step.pieces().plain();
        return strip.cut().pieces().size() == 1 && laid.part(strip.cut().pieces().get(0).id()).shape().isEmpty()
                && step.height().equals(last.height()) && step.what().equals(words.text("paper.strips.one"))
                && last.pieces().plain().startsWith(name);
    }

    private static CuttingPage.Step laidStep(
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
        return new CuttingPage.Step(
                strip.cut().times(), what(strip.cut().times(), lay(first), first.uses().get(0), words),
                LengthView.cut(strip.cut().height()), FractionText.of(String.join("; ", gives)));
    }

    private static CuttingPage.Step step(ClothLine line, QuiltPlan plan, Words words) {
        String pieces = line.pieces()
                .map(cut -> words.text(
                        "paper.pieces", cut.count().value().value(), words.list(line.pieceLabels()),
                        ShapeWords.of(cut.shape(), words), cut.perStrip().value().value()))
                .orElseGet(() -> longPieces(line, line.lay(), plan, words));
        return new CuttingPage.Step(line.strips().value().value(), what(line.strips().value().value(), line.lay(), line.use(), words),
                LengthView.cut(line.stripHeight().value()), FractionText.of(pieces));
    }

    /** How a part without pieces lies: whole along the cloth, or on the bias; else in strips across it. */
    private static ClothLine.Lay lay(ClothPart part) {
        boolean along = part.whole() && part.shape().isEmpty();
        return !along || part.uses().contains(Use.BACKING)
                ? ClothLine.Lay.ACROSS
                : part.uses().contains(Use.BINDING) ? ClothLine.Lay.BIAS : ClothLine.Lay.ALONG;
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
                    lay == ClothLine.Lay.ACROSS && isOnTheDiagonal(line, plan) ? "paper.long.diagonal" : "paper.long." + lay,
                    words.text("use." + line.use().place(), line.use().number()), lengths(line, plan, words), width(line, plan));
            case BINDING ->
                words.text(lay == ClothLine.Lay.ACROSS && plan.bindings().stream().anyMatch(one -> one.practice().join() == Join.STRAIGHT)
                        ? "paper.binding.straight"
                        : "paper.binding." + lay);
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
                .map(pieces -> LengthView.cut(pieces.cutWidth().value()).plain())
                .orElse("");
    }

    /** The pieces that long strips are cut apart into: {@code 2 of 62 1/2 in, 2 of 58 1/2 in}. */
    private static String lengths(ClothLine line, QuiltPlan plan, Words words) {
        return plan.longPieces().stream()
                .filter(pieces -> pieces.use().equals(line.use()))
                .flatMap(pieces -> pieces.pieces().stream())
                .map(piece -> words.text(
                        "paper.longPiece", piece.count().value().value(), LengthView.cut(piece.length().value()).plain()))
                .collect(Collectors.joining(", "));
    }
}
