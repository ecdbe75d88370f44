package retazo.core.block.shape;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Stream;
import retazo.core.cloth.RoleKey;
import retazo.core.explain.Arithmetic;
import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.explain.Operation;
import retazo.core.explain.Origin;
import retazo.core.measure.Count;
import retazo.core.measure.Length;

/** The shape of a piece as it is cut from a strip across the cloth. All sizes are cut sizes. */
public sealed interface PieceShape {

    /** How high the strip is that it comes from. */
    Figure<Length> stripHeight();

    /** How far one piece reaches across the cloth. */
    Figure<Length> across();

    /**
     * How many one strip gives; of a strip set, how many segments.
     *
     * @param oneWay whether the print forbids to turn a piece on the strip
     */
    Figure<Count> perStrip(String key, Label label, Figure<Length> usableWidth, boolean oneWay);

    /** How many strips so many pieces take, where one gives so many: ⌈count ÷ perStrip⌉. */
    default Figure<Count> strips(String key, Label label, Figure<Count> count, Figure<Count> perStrip) {
        return Arithmetic.groups(key, label, count, perStrip);
    }

    /**
     * How far so many of them reach on a strip, where all else of it can serve other pieces.
     *
     * @param pieces no more than one strip gives
     */
    default Length reach(long pieces, Length usableWidth) {
        return usableWidth;
    }

    CutSize cutSize();

    /** The roles of all strips that are sewn to it before pieces are cut; none but for strip sets. */
    default List<RoleKey> setRoles() {
        return List.of();
    }

    /** What a sewn strip set leaves at its end when the practice sets nothing aside for squaring it; empty for all else. */
    default Optional<Length> leftAfterSet(Length usableWidth) {
        return Optional.empty();
    }

    /** Itself, if it is a rectangle. */
    default Optional<Rectangle> asRectangle() {
        return Optional.empty();
    }

    /** Itself, if it is a wedge. */
    default Optional<Wedge> asWedge() {
        return Optional.empty();
    }

    /** What a template for it looks like, with seam allowances, from its top left corner; empty for what a ruler cuts. */
    default Optional<List<Point>> template() {
        return Optional.empty();
    }

    /** Whether a paper that nobody asked may cut it from strips of its other side. */
    default boolean isEitherWay() {
        return false;
    }

    /** The sizes that are measured with a ruler. */
    default List<Figure<Length>> measured() {
        return List.of(across(), stripHeight());
    }

    /** A word for the shape, hand included; its sizes are {@link #measured}. */
    String code();

    private static Count fitting(Length usableWidth, Length first, Length pitch) {
        return usableWidth.isShorterThan(first) ? new Count(0) : Count.ONE.plus(usableWidth.minus(first).wholeTimes(pitch));
    }

    /**
     * A rectangle.
     *
     * @param width     across the cloth
     * @param height    along it
     * @param hand      which diagonal it is cut on, where it is cut again and not square
     * @param eitherWay whether a paper that nobody asked may cut it from strips of its width as well
     */
    record Rectangle(Figure<Length> width, Figure<Length> height, Subcut subcut, Hand hand, boolean eitherWay) implements PieceShape {

        public Rectangle(Figure<Length> width, Figure<Length> height, Subcut subcut, Hand hand) {
            this(width, height, subcut, hand, false);
        }

        /** From strips as high as it is wide. */
        public Rectangle turned() {
            return new Rectangle(height, width, subcut, hand, eitherWay);
        }

        @Override
        public boolean isEitherWay() {
            return eitherWay;
        }

        @Override
        public Figure<Length> stripHeight() {
            return height;
        }

        @Override
        public Figure<Length> across() {
            return width;
        }

        @Override
        public Optional<Rectangle> asRectangle() {
            return Optional.of(this);
        }

        @Override
        public String code() {
            return switch (subcut) {
                case NONE -> "rectangle";
                case ONCE -> "cut-once" + hand.suffix();
                case TWICE -> "cut-twice";
            };
        }

        @Override
        public Figure<Count> perStrip(String key, Label label, Figure<Length> usableWidth, boolean oneWay) {
            return Arithmetic.wholeTimes(key, label, usableWidth, width);
        }

        @Override
        public CutSize cutSize() {
            return new CutSize("rectangle", List.of(height.value(), width.value()), hand, "");
        }
    }

    /**
     * A triangle or trapezoid that is the same left and right.
     *
     * @param top the shorter parallel side; zero for a triangle
     */
    record Wedge(Figure<Length> height, Figure<Length> base, Figure<Length> top) implements PieceShape {

        @Override
        public Figure<Length> stripHeight() {
            return height;
        }

        @Override
        public Figure<Length> across() {
            return base;
        }

        @Override
        public Optional<Wedge> asWedge() {
            return Optional.of(this);
        }

        @Override
        public String code() {
            return top.value().isZero() ? "wedge-to-a-point" : "wedge";
        }

        /**
         * {@inheritDoc}
         *
         * <p>Alternately turned, neighbours share a slanted side, so that each takes (a + b) ÷ 2 more; all one way each
         * takes its base. Base 4¼, top 1¾ on 40 in: 1 + ⌊35¾ ÷ 3⌋ = 12.
         */
        @Override
        public Figure<Count> perStrip(String key, Label label, Figure<Length> usableWidth, boolean oneWay) {
            return oneWay
                    ? Arithmetic.formula(key, label, Operation.WEDGES_ONE_WAY, List.of(usableWidth, base),
                            () -> fitting(usableWidth.value(), base.value(), base.value()))
                    : Arithmetic.formula(key, label, Operation.WEDGES_TURNED, List.of(usableWidth, base, top),
                            () -> turned(usableWidth.value()));
        }

        /** Doubled, so that half a pitch needs no half ticks. */
        private Count turned(Length usableWidth) {
            return fitting(usableWidth.times(2), base.value().times(2), base.value().plus(top.value()));
        }

        @Override
        public CutSize cutSize() {
            return new CutSize("wedge", List.of(height.value(), base.value(), top.value()), Hand.EITHER, "");
        }

        @Override
        public List<Figure<Length>> measured() {
            return top.value().isZero() ? List.of(height, base) : List.of(height, base, top);
        }
    }

    /**
     * A strip that is sewn to others of its set before the set is cut into segments.
     *
     * @param stripWidth cut width of the strip
     * @param segment    cut length of a segment
     * @param loss       cloth lost to squaring the end of a set
     * @param times      how many such strips each set has
     * @param set        which set: strips of one set go together
     * @param roles      all roles of the set: the narrowest of their cloths decides how many segments it gives
     */
    record SetStrip(
            Figure<Length> stripWidth, Figure<Length> segment, Figure<Length> loss, Figure<Count> times, String set, List<RoleKey> roles)
            implements
                PieceShape {

        public SetStrip {
            roles = List.copyOf(roles);
        }

        @Override
        public Figure<Length> stripHeight() {
            return stripWidth;
        }

        @Override
        public Figure<Length> across() {
            return segment;
        }

        @Override
        public List<RoleKey> setRoles() {
            return roles;
        }

        @Override
        public String code() {
            return "set-strip";
        }

        @Override
        public Figure<Count> perStrip(String key, Label label, Figure<Length> usableWidth, boolean oneWay) {
            return Arithmetic.formula(key, label, Operation.SEGMENTS, List.of(usableWidth, loss, segment),
                    () -> usableWidth.value().isShorterThan(loss.value())
                            ? new Count(0)
                            : usableWidth.value().minus(loss.value()).wholeTimes(segment.value()));
        }

        @Override
        public Length reach(long pieces, Length usableWidth) {
            return segment.value().times(pieces).plus(loss.value());
        }

        /** U − ⌊U ÷ L⌋ × L, where the loss is none. */
        @Override
        public Optional<Length> leftAfterSet(Length usableWidth) {
            return loss.value().isZero()
                    ? Optional.of(usableWidth.minus(segment.value().times(usableWidth.wholeTimes(segment.value()).value())))
                    : Optional.empty();
        }

        /** Sets for all segments, times the strips of this kind in each set. */
        @Override
        public Figure<Count> strips(String key, Label label, Figure<Count> count, Figure<Count> perStrip) {
            Figure<Count> sets = Arithmetic.groups(key + ".sets", Label.of("cloth.sets"), count, perStrip);
            return times.value().equals(Count.ONE)
                    ? sets.named(key, label)
                    : Arithmetic.productOfCounts(key, label, sets, times);
        }

        @Override
        public CutSize cutSize() {
            return new CutSize(code(), List.of(stripWidth.value(), segment.value()), Hand.EITHER, set);
        }
    }

    /**
     * A piece cut around a template.
     *
     * @param stripHeight of the strip it is cut from
     * @param across      its width
     * @param outline     with seam allowances, from its top left corner
     * @param yieldRule   how many one strip gives
     */
    record Template(Figure<Length> stripHeight, Figure<Length> across, List<Point> outline, Hand hand,
            YieldRule yieldRule) implements PieceShape {

        public Template {
            outline = List.copyOf(outline);
        }

        /** Where the number from one strip comes from. */
        public sealed interface YieldRule {

            <R> R match(Supplier<R> nested, Function<Measured, R> measured);

            /** The outlines are laid side by side by the program. */
            record Nested() implements YieldRule {
                @Override
                public <R> R match(Supplier<R> nested, Function<Measured, R> measured) {
                    return nested.get();
                }
            }

            /** The shop has tried it: so many from a strip of the shop's cautious width. */
            record Measured(Count perStrip) implements YieldRule {
                @Override
                public <R> R match(Supplier<R> nested, Function<Measured, R> measured) {
                    return measured.apply(this);
                }
            }
        }

        @Override
        public String code() {
            return "template" + hand.suffix();
        }

        @Override
        public Optional<List<Point>> template() {
            return Optional.of(outline);
        }

        @Override
        public Figure<Count> perStrip(String key, Label label, Figure<Length> usableWidth, boolean oneWay) {
            return yieldRule.match(
                    () -> Arithmetic.formula(key, label, Operation.NESTED, List.of(usableWidth),
                            () -> new Nesting(outline).perStrip(usableWidth.value(), !oneWay)),
                    measured -> Figure.given(key, label, measured.perStrip(), Origin.pattern("block.template")));
        }

        @Override
        public CutSize cutSize() {
            List<Length> sizes = new ArrayList<>(List.of(stripHeight.value(), across.value()));
            outline.stream().flatMap(point -> Stream.of(point.x(), point.y())).forEach(sizes::add);
            return new CutSize("template", sizes, hand, "");
        }

        /** None: it is measured by its template. */
        @Override
        public List<Figure<Length>> measured() {
            return List.of();
        }
    }

    /** A whole strip across the cloth. */
    record WholeStrip(Figure<Length> stripHeight) implements PieceShape {

        private static final Figure<Count> ONE = Figure.given("piece.wholeStrip", Label.of("piece.wholeStrip"), Count.ONE,
                Origin.craft("whole-strip"));

        /** Any cloth is wide enough for a strip across it. */
        @Override
        public Figure<Length> across() {
            return stripHeight;
        }

        @Override
        public String code() {
            return "whole-strip";
        }

        @Override
        public Figure<Count> perStrip(String key, Label label, Figure<Length> usableWidth, boolean oneWay) {
            return ONE;
        }

        @Override
        public Figure<Count> strips(String key, Label label, Figure<Count> count, Figure<Count> perStrip) {
            return count.named(key, label);
        }

        @Override
        public CutSize cutSize() {
            return new CutSize(code(), List.of(stripHeight.value(), stripHeight.value()), Hand.EITHER, "");
        }

        @Override
        public List<Figure<Length>> measured() {
            return List.of(stripHeight);
        }
    }
}
