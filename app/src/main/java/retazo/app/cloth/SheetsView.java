package retazo.app.cloth;

import java.util.List;
import java.util.stream.Collectors;
import retazo.app.pictures.QuiltPicture;
import retazo.app.shared.FractionText;
import retazo.app.shared.LengthView;
import retazo.app.shared.Words;
import retazo.core.cutting.strip.CutStrip;
import retazo.core.cutting.strip.CutStrip.PlacedPiece;
import retazo.core.cutting.strip.LaidPiece;
import retazo.core.measure.Length;
import retazo.core.precut.SheetPlan;

/**
 * Which sheets are cut how, drawn.
 *
 * @param sheets   how many
 * @param bound    how near the number is to what no diagrams can beat
 * @param diagrams which sheets are cut how
 * @param sizes    what each piece measures as it is cut, in words
 * @param over     pieces cut beyond the need, in words
 */
public record SheetsView(int sheets, FractionText bound, List<Diagram> diagrams, FractionText sizes, FractionText over) {

    /** A diagram, in inches, with how many sheets are cut by it. */
    public record Diagram(int times, String width, String height, boolean strip, List<Box> boxes, FractionText gives) {
    }

    /** A piece in a diagram. */
    public record Box(String x, String y, String width, String height, String label, String middleX, String middleY, String font) {
    }

    private static final Length LARGEST_LETTER = Length.ofInches(2);
    private static final int STRIP = 4;

    public static SheetsView of(SheetPlan plan, Words words) {
        return new SheetsView(
                plan.sheets(),
                FractionText.of(bound(plan, words)),
                plan.cuts().stream().map(cut -> diagram(cut, plan)).toList(),
                FractionText.of(plan.request().set().stream().map(SheetsView::size).collect(Collectors.joining(", "))),
                FractionText.of(plan.over().entrySet().stream()
                        .map(entry -> entry.getValue() + " " + entry.getKey()).collect(Collectors.joining(", "))));
    }

    static String bound(SheetPlan plan, Words words) {
        return plan.sheets() == plan.bound() ? words.text("precuts.proved") : words.text("precuts.bound", plan.bound());
    }

    private static String size(LaidPiece piece) {
        return piece.id() + " " + LengthView.sides(piece.width(), piece.height());
    }

    private static Diagram diagram(SheetPlan.Cut cut, SheetPlan plan) {
        return new Diagram(
                cut.times(), QuiltPicture.inches(plan.request().width()), QuiltPicture.inches(plan.request().height()),
                plan.request().width().isLongerThan(plan.request().height().times(STRIP)),
                cut.diagram().pieces().stream().map(SheetsView::box).toList(),
                FractionText.of(cut.diagram().counts().entrySet().stream()
                        .map(entry -> entry.getValue() + " × " + entry.getKey()).collect(Collectors.joining(", "))));
    }

    private static Box box(PlacedPiece piece) {
        Length shorter = piece.width().isShorterThan(piece.height()) ? piece.width() : piece.height();
        Length font = new Length(shorter.ticks() / 2);
        return new Box(
                QuiltPicture.inches(piece.x()), QuiltPicture.inches(piece.y()), QuiltPicture.inches(piece.width()),
                QuiltPicture.inches(piece.height()),
                piece.id(), middle(piece.x(), piece.width()), middle(piece.y(), piece.height()),
                QuiltPicture.inches(font.isLongerThan(LARGEST_LETTER) ? LARGEST_LETTER : font));
    }

    private static String middle(Length from, Length length) {
        return QuiltPicture.inches(new Length(from.ticks() + length.ticks() / 2));
    }
}
