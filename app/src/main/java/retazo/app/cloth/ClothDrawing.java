package retazo.app.cloth;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import retazo.app.pictures.QuiltPicture;
import retazo.app.shared.LengthView;
import retazo.core.cutting.LaidCloth;
import retazo.core.cutting.strip.CutStrip;
import retazo.core.measure.Length;

/**
 * A laid cloth as it lies on the table, in inches: its length runs to the right, its width down, the selvedge is the upper edge.
 *
 * @param length   of the cloth
 * @param width    usable
 * @param patterns each kind of strip, drawn once
 * @param strips   where they lie, in cutting order
 * @param squaring what is cut off once to square the end: where it begins, and how long it is
 */
public record ClothDrawing(String length, String width, List<Pattern> patterns, List<Placed> strips, Squaring squaring) {

    /** A kind of strip, {@code along} the cloth. */
    public record Pattern(int number, String along, List<Box> boxes, List<Rest> rests) {
    }

    /**
     * A piece on a strip.
     *
     * @param part  which row of the list it belongs to
     * @param label empty where it would not be readable
     * @param font  its size
     * @param upright whether it runs along the strip, which is too narrow for it
     */
    public record Box(String part, String x, String y, String width, String height, String label, String font, boolean upright) {
        public String middleX() {
            return middle(x, width);
        }

        public String middleY() {
            return middle(y, height);
        }
    }

    /** What is left of a strip; the label empty where it is too small to be of use. */
    public record Rest(String x, String y, String width, String height, String label, String font) {
        public String middleX() {
            return middle(x, width);
        }

        public String middleY() {
            return middle(y, height);
        }
    }

    /** A mark of the ruler along the cloth, at every quarter of a yard; whole yards have a label. */
    public record Mark(int at, String label) {
    }

    /** One strip on the cloth. */
    public record Placed(int number, String x) {
    }

    /** The end that is squared. */
    public record Squaring(String x, String along) {
    }

    private static final Length READABLE = Length.ofInches(2);
    private static final int SHORT_LABEL = 3;
    private static final int LARGEST_LETTER = 3;
    private static final int QUARTER_YARD = 9;

    static ClothDrawing of(LaidCloth cloth, Length usableWidth, PartNames names) {
        List<Pattern> patterns = new ArrayList<>();
        List<Placed> strips = new ArrayList<>();
        Length at = Length.ZERO;
        for (LaidCloth.Strip strip : cloth.strips()) {
            int number = patterns.size() + 1;
            patterns.add(pattern(number, strip.cut(), cloth, names));
            for (int i = 0; i < strip.cut().times(); i++) {
                strips.add(new Placed(number, QuiltPicture.inches(at)));
                at = at.plus(strip.cut().height());
            }
        }
        Length length = cloth.length().value();
        return new ClothDrawing(
                QuiltPicture.inches(length), QuiltPicture.inches(usableWidth), patterns, strips,
                new Squaring(QuiltPicture.inches(at), QuiltPicture.inches(length.minus(at))));
    }

    /** Room for the ruler and the edges. */
    public String viewLength() {
        return new BigDecimal(length).add(BigDecimal.valueOf(4)).toPlainString();
    }

    public String viewWidth() {
        return new BigDecimal(width).add(BigDecimal.valueOf(5)).toPlainString();
    }

    public List<Mark> marks() {
        return IntStream.rangeClosed(0, new BigDecimal(length).intValue() / QUARTER_YARD)
                .mapToObj(quarter -> new Mark(quarter * QUARTER_YARD, quarter % 4 == 0 ? quarter / 4 + " yd" : ""))
                .toList();
    }

    private static String middle(String from, String length) {
        return new BigDecimal(from).add(new BigDecimal(length).divide(BigDecimal.valueOf(2))).toPlainString();
    }

    private static Pattern pattern(int number, CutStrip cut, LaidCloth cloth, PartNames names) {
        return new Pattern(
                number, QuiltPicture.inches(cut.height()),
                cut.pieces().stream()
                        .map(piece -> {
                            String label = names.brief(cloth.part(piece.id()));
                            boolean upright = piece.width().isLongerThan(piece.height().times(2)) && label.length() > SHORT_LABEL;
                            return new Box(
                                    piece.id(), QuiltPicture.inches(piece.y()), QuiltPicture.inches(piece.x()),
                                    QuiltPicture.inches(piece.height()), QuiltPicture.inches(piece.width()),
                                    fits(label, upright ? piece.width() : piece.height()) ? label : "",
                                    upright ? font(label, piece.width(), piece.height()) : font(label, piece.height(), piece.width()),
                                    upright);
                        })
                        .toList(),
                cut.rests().stream()
                        .map(rest -> {
                            String label = LengthView.sides(rest.height(), rest.width());
                            boolean readable = !rest.width().isShorterThan(READABLE) && rest.height().isLongerThan(READABLE.times(2));
                            return new Rest(
                                    QuiltPicture.inches(rest.y()), QuiltPicture.inches(rest.x()), QuiltPicture.inches(rest.height()),
                                    QuiltPicture.inches(rest.width()), readable ? label : "", font(label, rest.height(), rest.width()));
                        })
                        .toList());
    }

    private static boolean fits(String label, Length along) {
        return along.times(2).isLongerThan(Length.ofInches(label.length()));
    }

    /** As large as the letters fit side by side, each about half as wide as it is high. */
    private static String font(String label, Length along, Length across) {
        Length byWidth = new Length(along.ticks() * 5 / 4 / Math.max(1, label.length()));
        Length byHeight = new Length(across.ticks() * 2 / 3);
        Length font = byWidth.isShorterThan(byHeight) ? byWidth : byHeight;
        return QuiltPicture.inches(font.isLongerThan(Length.ofInches(LARGEST_LETTER)) ? Length.ofInches(LARGEST_LETTER) : font);
    }
}
