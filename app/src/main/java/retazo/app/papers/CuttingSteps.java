package retazo.app.papers;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import retazo.app.cloth.LaidView;
import retazo.app.cloth.PartNames;
import retazo.app.cloth.ShapeWords;
import retazo.app.shared.FractionText;
import retazo.app.shared.LengthView;
import retazo.app.shared.Words;
import retazo.core.block.shape.PieceShape;
import retazo.core.cloth.Join;
import retazo.core.cutting.ClothLine;
import retazo.core.cutting.ClothPart;
import retazo.core.cutting.ClothPlan;
import retazo.core.cutting.LaidCloth;
import retazo.core.measure.Count;
import retazo.core.quilt.plan.QuiltPlan;
import retazo.core.quilt.setting.LongPieces;
import retazo.core.quilt.setting.Use;

/** The steps by which a length is cut, as our cutting page lists them: strips in order, with what each gives. */
final class CuttingSteps {

    private final ClothPlan cloth;
    private final QuiltPlan plan;
    private final Words words;
    private final Set<ClothLine> told = new HashSet<>();
    /** How many pieces are still to come of shapes that are cut from strips of their own, by their label. */
    private final Map<String, Long> toCome = new HashMap<>();

    private CuttingSteps(ClothPlan cloth, QuiltPlan plan, Words words) {
        this.cloth = cloth;
        this.plan = plan;
        this.words = words;
    }

    /** By the laid cloth where everything was laid together, so that the length is enough; else each size alone. */
    static List<CuttingPage.Step> of(ClothPlan cloth, QuiltPlan plan, Words words) {
        return cloth.laid().map(laid -> new CuttingSteps(cloth, plan, words).laid(laid))
                .orElseGet(() -> cloth.lines().stream().map(line -> step(line, plan, words)).toList());
    }

    private List<CuttingPage.Step> laid(LaidCloth laid) {
        List<CuttingPage.Step> steps = new ArrayList<>();
        for (LaidCloth.Strip strip : together(laid)) {
            CuttingPage.Step step = laidStep(strip, laid);
            Optional<CuttingPage.Step> last = steps.isEmpty() ? Optional.empty() : Optional.of(steps.get(steps.size() - 1));
            if (last.isPresent() && isSameLongStrip(strip, step, last.get(), laid)) {
                steps.set(steps.size() - 1, last.get().more(strip.cut().times(), words.text("paper.strips")));
            } else {
                steps.add(step);
            }
        }
        return steps;
    }

    /** Neighbours that give pieces of the same labels are one step, so that a maker cuts them one after another. */
    private static List<LaidCloth.Strip> together(LaidCloth laid) {
        List<LaidCloth.Strip> strips = new ArrayList<>();
        for (LaidCloth.Strip strip : laid.strips()) {
            Optional<LaidCloth.Strip> last = strips.isEmpty() ? Optional.empty() : Optional.of(strips.get(strips.size() - 1));
            Optional<LaidCloth.Strip> both = last.flatMap(one -> laid.asOne(one, strip));
            both.ifPresentOrElse(one -> strips.set(strips.size() - 1, one), () -> strips.add(strip));
        }
        return strips;
    }

    /** The last of several joined strips is used in part, but cut like the others. */
    private boolean isSameLongStrip(LaidCloth.Strip strip, CuttingPage.Step step, CuttingPage.Step last, LaidCloth laid) {
        String name = step.pieces().plain();
        return strip.cut().pieces().size() == 1 && laid.part(strip.cut().pieces().get(0).id()).shape().isEmpty()
                && step.height().equals(last.height()) && step.what().equals(words.text("paper.strips.one"))
                && last.pieces().plain().startsWith(name);
    }

    private CuttingPage.Step laidStep(LaidCloth.Strip strip, LaidCloth laid) {
        List<String> gives = new ArrayList<>();
        ClothPart first = laid.part(strip.cut().pieces().get(0).id());
        laid.partsOf(strip).forEach((part, count) -> {
            if (part.shape().isPresent()) {
                gives.add(pieces(part, part.shape().get(), count, strip.cut().times()));
            } else {
                gives.add(cloth.lines().stream()
                        .filter(line -> isFor(part, line))
                        .findFirst()
                        .filter(told::add)
                        .map(line -> longPieces(line, lay(part), plan, words))
                        .orElseGet(() -> new PartNames(words).strips(part.uses(), part.runs())));
            }
        });
        return new CuttingPage.Step(
                strip.cut().times(), what(strip.cut().times(), lay(first), first.uses().get(0), words),
                LengthView.cut(strip.cut().height()), FractionText.of(String.join("; ", gives)),
                LaidView.fold(strip, laid, new PartNames(words), laid.request().usableWidth()));
    }

    /** Long pieces know their own key, of which those that lie uncut have a number behind it; a binding and a back are known by use. */
    private static boolean isFor(ClothPart part, ClothLine line) {
        return line.longPieces()
                .map(pieces -> part.id().equals(pieces.key()) || part.id().startsWith(pieces.key() + "."))
                .orElseGet(() -> line.use().equals(part.uses().get(0)) && line.pieces().isEmpty());
    }

    /** Of rectangles as many as lie on the strip; of other shapes as many as come out of their part of it; strips of a set stay whole. */
    private String pieces(ClothPart part, PieceShape shape, int count, int times) {
        String full = new PartNames(words).full(part);
        if (!shape.setRoles().isEmpty()) {
            return words.text(count == 1 ? "paper.setStrip" : "paper.setStrips", full, count);
        }
        Optional<ClothLine> line = cloth.lines().stream().filter(one -> one.pieceLabels().equals(part.labels())).findFirst();
        Optional<ClothLine.Pieces> own = line.flatMap(ClothLine::pieces).filter(pieces -> !part.whole() || shape.asRectangle().isEmpty());
        if (shape.asRectangle().isPresent() || own.isEmpty() || own.get().perStrip().value().equals(Count.ONE)) {
            return words.text("paper.laidPieces", count, full, times) + each(part);
        }
        long perStrip = own.get().perStrip().value().value();
        long left = toCome.getOrDefault(part.labels().get(0), own.get().count().value().value());
        long here = Math.min(left, perStrip * count * times);
        toCome.put(part.labels().get(0), left - here);
        return words.text("paper.shapes", here, full, perStrip);
    }

    /** How many there are of each label, where several are cut as one; said once. */
    private String each(ClothPart part) {
        if (part.labels().size() < 2 || toCome.putIfAbsent(String.join(", ", part.labels()), 0L) != null) {
            return "";
        }
        return words.text("paper.each", words.list(plan.pieces().stream().filter(piece -> part.labels().contains(piece.label()))
                .map(piece -> words.text("make.strip", piece.count().value().value(), piece.label())).toList()));
    }

    private static CuttingPage.Step step(ClothLine line, QuiltPlan plan, Words words) {
        String pieces = line.pieces()
                .map(cut -> words.text(
                        "paper.pieces", cut.count().value().value(), words.list(line.pieceLabels()),
                        ShapeWords.of(cut.shape(), words), cut.perStrip().value().value()))
                .orElseGet(() -> longPieces(line, line.lay(), plan, words));
        return new CuttingPage.Step(line.strips().value().value(), what(line.strips().value().value(), line.lay(), line.use(), words),
                LengthView.cut(line.stripHeight().value()), FractionText.of(pieces), "");
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
                    lay == ClothLine.Lay.ACROSS && isOnTheDiagonal(line) ? "paper.long.diagonal" : "paper.long." + lay,
                    new PartNames(words).strips(List.of(line.use()), line.longPieces().flatMap(LongPieces::runs)), lengths(line, words),
                    width(line));
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

    private static boolean isOnTheDiagonal(ClothLine line) {
        return line.longPieces().filter(pieces -> pieces.joined() == Join.DIAGONAL).isPresent();
    }

    /** How wide each of them is, which a stretch along the cloth does not tell. */
    private static String width(ClothLine line) {
        return line.longPieces().map(pieces -> LengthView.cut(pieces.cutWidth().value()).plain()).orElse("");
    }

    /** The pieces that long strips are cut apart into: {@code 2 of 62 1/2 in, 2 of 58 1/2 in}. */
    private static String lengths(ClothLine line, Words words) {
        return line.longPieces().stream()
                .flatMap(pieces -> pieces.pieces().stream())
                .map(piece -> words.text(
                        "paper.longPiece", piece.count().value().value(), LengthView.cut(piece.length().value()).plain()))
                .collect(Collectors.joining(", "));
    }
}
