package retazo.app.papers;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;

import retazo.core.block.shape.CutPiece;
import retazo.core.block.shape.Hand;
import retazo.core.block.shape.PieceShape;
import retazo.core.block.spec.UnitKind;
import retazo.core.block.spec.UnitMethod;
import retazo.core.cloth.RoleKey;
import retazo.core.measure.Length;
import retazo.core.quilt.plan.MadeUnit;

/**
 * The steps by which a unit is made, drawn to scale from its cut sizes: what lies on what, where it is sewn and where it is cut. None for
 * units whose own drawing tells it.
 */
final class StepDrawings {

    private static final double ROOT = Math.sqrt(2);

    /** So many wedges show how they lie on a strip. */
    private static final int WEDGES = 3;

    private final MadeUnit made;
    private final Predicate<RoleKey> oneWay;
    private final double seam;

    private StepDrawings(MadeUnit made, Predicate<RoleKey> oneWay) {
        this.made = made;
        this.oneWay = oneWay;
        this.seam = inches(made.seam());
    }

    /**
     * The steps of one unit.
     *
     * @param oneWay the roles whose pieces must not lie upside down
     */
    static List<SewingPage.Step> of(MadeUnit made, Predicate<RoleKey> oneWay) {
        return new StepDrawings(made, oneWay).steps();
    }

    private List<SewingPage.Step> steps() {
        UnitKind kind = made.unit().unit().spec().kind();
        UnitMethod method = made.unit().unit().spec().method();
        return switch (kind) {
            case HALF_SQUARE -> switch (method) {
                case FOUR_AT_A_TIME -> List.of(square(side(0)).sewnAround().cutFalling().cutRising().step());
                case EIGHT_AT_A_TIME -> List.of(
                        square(side(0)).sewnBesideRising().sewnBesideFalling().cutRising().cutFalling().cutCross().step());
                case TRIANGLES -> List.of(square(side(0)).cutRising().step());
                default -> List.of(square(side(0)).sewnBesideRising().cutRising().step());
            };
            case HOURGLASS -> method == UnitMethod.TRIANGLES
                    ? List.of(square(side(0)).cutRising().cutFalling().step())
                    : List.of(square(side(0)).sewnBesideRising().cutRising().step(), square(trimmed()).seamFalling().sewnBesideRising()
                            .cutRising().step());
            case THREE_PATCH -> List.of(square(side(0)).cutRising().step(), square(side(1)).cutRising().cutFalling().step());
            case GEESE -> method == UnitMethod.FOUR_AT_A_TIME
                    ? List.of(square(side(0)).laid(0, 0, side(1)).laid(side(0) - side(1), side(0) - side(1), side(1))
                            .sewnBesideFalling().cutFalling().step())
                    : List.of(new Sheet(width(0), height(0)).laid(0, 0, height(0)).corner(height(0)).step());
            case CLIPPED -> List.of(new Sheet(width(0), height(0)).laid(0, 0, side(1)).corner(side(1)).step());
            case SQUARE_IN_SQUARE -> List.of(square(side(1)).cutRising().step());
            case HALF_RECTANGLE -> List.of(cutAgain(0).step());
            case WEDGE -> Stream.concat(wedges(), Stream.of(cutAgain(1).step(), cutAgain(2).step())).toList();
            case RING -> Stream.concat(wedges(), Stream.of(square(side(made.cut().pieces().size() - 1)).cutRising().step())).toList();
            case SLASHED -> List.of(slashed());
            case STRIP_SET -> List.of(strips());
            default -> List.of();
        };
    }

    /** Hourglasses of two half-square triangles are cut a second time when those are trimmed. */
    private double trimmed() {
        return made.cut().sewn().map(sewn -> inches(sewn.width().value())).orElse(side(0));
    }

    private SewingPage.Step strips() {
        List<CutPiece> pieces = made.cut().pieces();
        double segment = inches(pieces.get(0).shape().across().value());
        List<Double> finished = made.unit().unit().spec().parts().stream().map(part -> inches(part.sizes().get(0))).toList();
        double high = finished.stream().mapToDouble(Double::doubleValue).sum() + 2 * seam;
        Sheet sheet = new Sheet(segment * 3.4, high);
        double at = seam;
        for (int i = 0; i < finished.size() - 1; i++) {
            at += finished.get(i);
            sheet.seams.add(line(0, at, sheet.width, at));
        }
        for (int cut = 1; cut <= 3; cut++) {
            sheet.cuts.add(line(segment * cut, 0, segment * cut, high));
        }
        return sheet.step();
    }

    /** A rectangle that gives two triangles, cut from corner to corner. */
    private Sheet cutAgain(int index) {
        Sheet sheet = new Sheet(width(index), height(index));
        return piece(index).filter(shape -> shape.hand() == Hand.RIGHT).isPresent() ? sheet.cutFalling() : sheet.cutRising();
    }

    /** Wedges on their strips, each way in which they lie on one. */
    private Stream<SewingPage.Step> wedges() {
        return made.cut().pieces().stream().flatMap(piece -> piece.shape().asWedge().stream()
                .map(wedge -> oneWay.test(piece.role()) ? allUpright(wedge) : alternating(wedge))).distinct();
    }

    /** Each takes its base, and what lies between two is waste. */
    private SewingPage.Step allUpright(PieceShape.Wedge wedge) {
        double base = inches(wedge.base().value());
        double lean = (base - inches(wedge.top().value())) / 2;
        Sheet strip = new Sheet(WEDGES * base, inches(wedge.height().value()));
        for (int i = 0; i < WEDGES; i++) {
            strip.cut(i * base, i * base + lean);
            strip.cut((i + 1) * base, (i + 1) * base - lean);
        }
        return strip.step();
    }

    /** Neighbours share a slanted side, so that two of them take b + a. */
    private SewingPage.Step alternating(PieceShape.Wedge wedge) {
        double base = inches(wedge.base().value());
        double top = inches(wedge.top().value());
        double lean = (base - top) / 2;
        double pitch = (base + top) / 2;
        Sheet strip = new Sheet(base + (WEDGES - 1) * pitch, inches(wedge.height().value()));
        for (int i = 0; i <= WEDGES; i++) {
            boolean rises = i % 2 == 0;
            double below = i * pitch + (rises ? 0 : lean);
            strip.cut(below, below + (rises ? lean : -lean));
        }
        return strip.step();
    }

    private SewingPage.Step slashed() {
        Sheet sheet = new Sheet(width(0), height(0));
        made.slashes().forEach(slash -> sheet.cut(inches(slash.below().cutOffToTick()), inches(slash.above().cutOffToTick())));
        return sheet.step();
    }

    private Sheet square(double side) {
        return new Sheet(side, side);
    }

    private Optional<PieceShape.Rectangle> piece(int index) {
        List<CutPiece> pieces = made.cut().pieces();
        return pieces.get(Math.min(index, pieces.size() - 1)).shape().asRectangle();
    }

    private double side(int index) {
        return height(index);
    }

    private double width(int index) {
        return piece(index).map(shape -> inches(shape.width().value())).orElse(1.0);
    }

    private double height(int index) {
        return piece(index).map(shape -> inches(shape.height().value())).orElse(1.0);
    }

    private static double inches(Length length) {
        return (double) length.ticks() / Length.TICKS_PER_INCH;
    }

    private static String line(double fromX, double fromY, double toX, double toY) {
        return "M" + text(fromX) + " " + text(fromY) + "L" + text(toX) + " " + text(toY);
    }

    private static String text(double inches) {
        return BigDecimal.valueOf(inches).setScale(3, RoundingMode.HALF_UP).stripTrailingZeros().toPlainString();
    }

    /** What lies on the mat, with its lines. */
    private final class Sheet {

        private final double width;
        private final double height;
        private final List<String> laid = new ArrayList<>();
        private final List<String> seams = new ArrayList<>();
        private final List<String> sewn = new ArrayList<>();
        private final List<String> cuts = new ArrayList<>();

        Sheet(double width, double height) {
            this.width = width;
            this.height = height;
        }

        Sheet laid(double x, double y, double side) {
            laid.add("M" + text(x) + " " + text(y) + "h" + text(side) + "v" + text(side) + "h" + text(-side) + "Z");
            return this;
        }

        /** From its lower edge to its upper. */
        void cut(double below, double above) {
            cuts.add(line(below, height, above, 0));
        }

        Sheet cutRising() {
            cuts.add(line(0, height, width, 0));
            return this;
        }

        Sheet cutFalling() {
            cuts.add(line(0, 0, width, height));
            return this;
        }

        Sheet cutCross() {
            cuts.add(line(width / 2, 0, width / 2, height));
            cuts.add(line(0, height / 2, width, height / 2));
            return this;
        }

        Sheet seamFalling() {
            seams.add(line(0, 0, width, height));
            return this;
        }

        Sheet sewnAround() {
            sewn.add("M" + text(seam) + " " + text(seam) + "H" + text(width - seam) + "V" + text(height - seam) + "H" + text(seam) + "Z");
            return this;
        }

        /** A seam away from the diagonal of a square on both sides: √2 seams along its edges. */
        Sheet sewnBesideRising() {
            double off = seam * ROOT;
            sewn.add(line(0, height - off, width - off, 0));
            sewn.add(line(off, height, width, off));
            return this;
        }

        Sheet sewnBesideFalling() {
            double off = seam * ROOT;
            sewn.add(line(0, off, width - off, height));
            sewn.add(line(off, 0, width, height - off));
            return this;
        }

        /** A square on the corner at the upper left: sewn across, cut a seam outside. */
        Sheet corner(double side) {
            double off = seam * ROOT;
            sewn.add(line(0, side, side, 0));
            cuts.add(line(0, side - off, side - off, 0));
            return this;
        }

        SewingPage.Step step() {
            return new SewingPage.Step(
                    text(width), text(height), String.join("", laid), String.join("", seams), String.join("", sewn), String.join("", cuts));
        }
    }
}
