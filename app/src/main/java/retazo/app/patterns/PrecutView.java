package retazo.app.patterns;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import retazo.app.shared.FractionText;
import retazo.app.shared.LengthView;
import retazo.app.shared.Words;
import retazo.core.block.RoleKey;
import retazo.core.cloth.PrecutKind;
import retazo.core.cutting.CutPiece;
import retazo.core.cutting.CutStrip.PlacedPiece;
import retazo.core.measure.Count;
import retazo.core.measure.Length;
import retazo.core.precut.SheetPlan;
import retazo.core.precut.SheetPlanner;
import retazo.core.precut.SheetRequest;
import retazo.core.quilt.PieceNeed;
import retazo.core.quilt.QuiltPlan;

/**
 * A role from precuts as its page shows it.
 *
 * @param kind     its code
 * @param sheets   how many it takes, planned with the cautious measure; 0 where it does not come out of them
 * @param measure  what is planned with, in words
 * @param bound    how near the number is to what no diagrams can beat
 * @param nominal  what the measure as sold would change; empty for nothing
 * @param packs    for each customary pack
 * @param diagrams which sheets are cut how
 * @param over     pieces cut beyond the need, in words
 * @param refusals why these precuts do not serve the role
 */
record PrecutView(
        String kind, int sheets, FractionText measure, FractionText bound, FractionText nominal, List<Pack> packs, List<Diagram> diagrams,
        FractionText over, List<FractionText> refusals) {

    /** So many packs of one size, and what is spare. */
    record Pack(int size, long packs, long spare) {
    }

    /** A diagram, in inches, with how many sheets are cut by it. */
    record Diagram(int times, String width, String height, List<Box> boxes, FractionText gives) {
    }

    /** A piece in a diagram. */
    record Box(String x, String y, String width, String height, String label, String middleX, String middleY, String font) {
    }

    private static final Length LARGEST_LETTER = Length.ofInches(2);

    static PrecutView of(QuiltPlan plan, RoleKey role, PrecutKind kind, Words words) {
        List<FractionText> refusals = new ArrayList<>();
        List<CutPiece> pieces = new ArrayList<>();
        List<String> others = new ArrayList<>();
        for (PieceNeed need : plan.pieces()) {
            if (need.role().equals(role)) {
                piece(need).ifPresentOrElse(pieces::add, () -> others.add(need.label()));
            }
        }
        if (!others.isEmpty()) {
            refusals.add(FractionText.of(words.text("precuts.no-rectangle", String.join(", ", others))));
        }
        boolean isLong = plan.longPieces().stream().anyMatch(one -> one.role().equals(role))
                || plan.bindings().stream().anyMatch(one -> one.role().equals(role))
                || plan.backings().stream().anyMatch(one -> one.role().equals(role));
        if (isLong) {
            refusals.add(FractionText.of(words.text("precuts.long")));
        }
        SheetPlanner planner = new SheetPlanner();
        Optional<SheetPlan> cautious = pieces.isEmpty()
                ? Optional.empty() : planner.fewest(new SheetRequest(kind.planLength(), kind.planWidth(), pieces));
        Optional<SheetPlan> nominal = pieces.isEmpty()
                ? Optional.empty() : planner.fewest(new SheetRequest(kind.nominalLength(), kind.nominalWidth(), pieces));
        if (cautious.isEmpty() && !pieces.isEmpty()) {
            refusals.add(FractionText.of(tooLarge(pieces, kind, nominal.isPresent(), words)));
        }
        return new PrecutView(
                kind.code(),
                cautious.map(SheetPlan::sheets).orElse(0),
                FractionText.of(words.text("precuts.measure", kind.planWidth(), kind.planLength())),
                FractionText.of(cautious.map(one -> one.sheets() == one.bound()
                        ? words.text("precuts.proved") : words.text("precuts.bound", one.bound())).orElse("")),
                FractionText.of(nominal(cautious, nominal, kind, words)),
                cautious.map(one -> packs(one, kind)).orElse(List.of()),
                cautious.map(one -> one.cuts().stream().map(cut -> diagram(cut, one)).toList()).orElse(List.of()),
                FractionText.of(cautious.map(SheetPlan::over).orElse(Map.of()).entrySet().stream()
                        .map(entry -> entry.getValue() + " " + entry.getKey()).collect(Collectors.joining(", "))),
                refusals);
    }

    private static Optional<CutPiece> piece(PieceNeed need) {
        return need.shape().asRectangle().map(shape -> new CutPiece(
                need.label(), shape.width().value(), shape.height().value(), Math.toIntExact(need.count().value().value()), true));
    }

    private static String tooLarge(List<CutPiece> pieces, PrecutKind kind, boolean nominalFits, Words words) {
        String labels = pieces.stream()
                .filter(piece -> !fits(piece, kind))
                .map(piece -> piece.id() + " (" + size(piece.width()) + " × " + LengthView.inches(piece.height()).plain() + ")")
                .collect(Collectors.joining(", "));
        return nominalFits
                ? words.text("precuts.needs-nominal", labels, kind.nominalWidth(), kind.nominalLength()) : words.text("precuts.too-large", labels);
    }

    private static boolean fits(CutPiece piece, PrecutKind kind) {
        Length longer = piece.width().isLongerThan(piece.height()) ? piece.width() : piece.height();
        Length shorter = piece.width().isLongerThan(piece.height()) ? piece.height() : piece.width();
        return !longer.isLongerThan(kind.planLength()) && !shorter.isLongerThan(kind.planWidth());
    }

    private static String nominal(Optional<SheetPlan> cautious, Optional<SheetPlan> nominal, PrecutKind kind, Words words) {
        return cautious.isPresent() && nominal.isPresent() && nominal.get().sheets() < cautious.get().sheets()
                ? words.text("precuts.nominal", kind.nominalWidth(), kind.nominalLength(), nominal.get().sheets()) : "";
    }

    private static List<Pack> packs(SheetPlan plan, PrecutKind kind) {
        return kind.customaryPacks().stream()
                .map(size -> {
                    long packs = new Count(plan.sheets()).inGroupsOf(new Count(size)).value();
                    return new Pack(size, packs, packs * size - plan.sheets());
                })
                .toList();
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
