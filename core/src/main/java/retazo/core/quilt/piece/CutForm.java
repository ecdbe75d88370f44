package retazo.core.quilt.piece;

import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import retazo.core.block.shape.Hand;
import retazo.core.block.shape.PieceShape;
import retazo.core.block.shape.Subcut;
import retazo.core.block.spec.UnitPractice;
import retazo.core.cloth.RoleKey;
import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.explain.Origin;
import retazo.core.measure.Count;
import retazo.core.measure.Length;
import retazo.core.measure.LengthText;
import retazo.core.measure.LengthUnit;
import retazo.core.measure.TypedLength;

/** What a line of a cut list cuts. All sizes are cut sizes. */
public sealed interface CutForm {

    /** No piece of a cut list is larger. */
    Length LARGEST = Length.ofInches(300);

    /** Its shape, with the figures as they were typed. */
    PieceShape shape(Typed typed);

    /** The one text that {@link #read} reads back. */
    String text();

    /** Its lengths, for their limits. */
    List<Length> sizes();

    /** The strip set that it belongs to, where it does. */
    default Optional<String> set() {
        return Optional.empty();
    }

    /** Whether it matters which side is the strip of the paper, and nobody said it. */
    default boolean isStripOpen() {
        return false;
    }

    /**
     * Where the figures of a shape come from.
     *
     * @param key      start of their keys
     * @param setRoles all roles of the same strip set, where it is one
     */
    record Typed(String key, UnitPractice practice, List<RoleKey> setRoles) {
        Figure<Length> length(String name, Length value) {
            return Figure.given(key + "." + name, Label.of("cutList." + name), value, Origin.pattern("cutList"));
        }
    }

    /**
     * A rectangle, its width across the cloth.
     *
     * @param strip how high the strips are that the paper cuts it from, one of its sides; empty where nobody said it
     */
    record Rectangle(Length width, Length height, Optional<Length> strip) implements CutForm {

        public Rectangle {
            if (strip.isPresent() && !strip.get().equals(width) && !strip.get().equals(height)) {
                throw new IllegalArgumentException("A strip is as high as a side of what is cut from it, not " + strip.get() + ".");
            }
        }

        @Override
        public PieceShape shape(Typed typed) {
            PieceShape.Rectangle asTyped = new PieceShape.Rectangle(
                    typed.length("width", width), typed.length("height", height), Subcut.NONE, Hand.EITHER, isStripOpen());
            return strip.filter(said -> !said.equals(height)).isPresent() ? asTyped.turned() : asTyped;
        }

        @Override
        public boolean isStripOpen() {
            return strip.isEmpty() && !width.equals(height);
        }

        @Override
        public String text() {
            return plain(width) + " x " + plain(height) + strip.map(said -> " from " + plain(said) + " strips").orElse("");
        }

        @Override
        public List<Length> sizes() {
            return List.of(width, height);
        }
    }

    /** A square that is cut again on its diagonals. */
    record Triangles(Length side, Subcut subcut) implements CutForm {
        @Override
        public PieceShape shape(Typed typed) {
            Figure<Length> figure = typed.length("side", side);
            return new PieceShape.Rectangle(figure, figure, subcut, Hand.EITHER);
        }

        @Override
        public String text() {
            return plain(side) + (subcut == Subcut.ONCE ? " cut once" : " cut twice");
        }

        @Override
        public List<Length> sizes() {
            return List.of(side);
        }
    }

    /** A strip across the whole cloth. */
    record Strip(Length stripWidth) implements CutForm {
        @Override
        public PieceShape shape(Typed typed) {
            return new PieceShape.WholeStrip(typed.length("stripWidth", stripWidth));
        }

        @Override
        public String text() {
            return "strip " + plain(stripWidth);
        }

        @Override
        public List<Length> sizes() {
            return List.of(stripWidth);
        }
    }

    /**
     * Strips of a set, counted in the segments that are cut from the set.
     *
     * @param strips how many such strips each set has, 1 or more
     */
    record SetStrip(String setLabel, int strips, Length stripWidth, Length segment) implements CutForm {

        public static final int MOST_STRIPS = 60;

        public SetStrip {
            if (strips < 1 || strips > MOST_STRIPS) {
                throw new IllegalArgumentException("A set has 1 to " + MOST_STRIPS + " strips of a kind, not " + strips + ".");
            }
        }

        @Override
        public PieceShape shape(Typed typed) {
            Figure<Count> once = Figure.given(
                    typed.key() + ".times", Label.of("unit.stripsPerSet"), new Count(strips), Origin.pattern("cutList"));
            return new PieceShape.SetStrip(
                    typed.length("stripWidth", stripWidth), typed.length("segment", segment), typed.practice().stripSetLoss(), once,
                    setLabel + "." + typed.key(), typed.setRoles());
        }

        @Override
        public String text() {
            return "set " + setLabel + ": " + (strips == 1 ? "strip " : strips + " strips ") + plain(stripWidth) + ", segment "
                    + plain(segment);
        }

        @Override
        public List<Length> sizes() {
            return List.of(stripWidth, segment);
        }

        @Override
        public Optional<String> set() {
            return Optional.of(setLabel);
        }
    }

    private static String plain(Length length) {
        return length.toString().replace(" in", "");
    }

    /**
     * Reads a typed piece: {@code 2 1/2 x 4 1/2}, {@code 2 1/2 x 4 1/2 from 2 1/2 strips}, {@code 3 7/8 cut once},
     * {@code 4 1/4 cut twice}, {@code strip 2 1/2}, {@code set S: strip 2 1/2, segment 2} or {@code set S: 3 strips 2 1/2, segment 2}.
     * Empty where it is none of these.
     */
    static Optional<CutForm> read(String typed) {
        String text = typed.strip().replaceAll("\\s+", " ");
        Matcher set = Forms.SET.matcher(text);
        if (set.matches()) {
            int strips = Optional.ofNullable(set.group(2)).map(Integer::parseInt).orElse(1);
            return strips < 1 || strips > SetStrip.MOST_STRIPS
                    ? Optional.empty()
                    : both(set.group(3), set.group(4)).map(sizes -> new SetStrip(set.group(1), strips, sizes.get(0), sizes.get(1)));
        }
        Matcher strip = Forms.STRIP.matcher(text);
        if (strip.matches()) {
            return length(strip.group(1)).map(Strip::new);
        }
        Matcher triangles = Forms.TRIANGLES.matcher(text);
        if (triangles.matches()) {
            Subcut subcut = triangles.group(2).equalsIgnoreCase("once") ? Subcut.ONCE : Subcut.TWICE;
            return length(triangles.group(1)).map(side -> new Triangles(side, subcut));
        }
        Matcher rectangle = Forms.RECTANGLE.matcher(text);
        return rectangle.matches()
                ? both(rectangle.group(1), rectangle.group(2)).flatMap(sizes -> rectangle(sizes, Optional.ofNullable(rectangle.group(3))))
                : length(text).map(side -> new Rectangle(side, side, Optional.empty()));
    }

    /** Empty where the strip is none of its sides. */
    private static Optional<CutForm> rectangle(List<Length> sizes, Optional<String> from) {
        Optional<Length> strip = from.flatMap(CutForm::length);
        return from.isPresent() && strip.filter(sizes::contains).isEmpty()
                ? Optional.empty()
                : Optional.of(new Rectangle(sizes.get(0), sizes.get(1), strip));
    }

    private static Optional<List<Length>> both(String first, String second) {
        return length(first).flatMap(a -> length(second).map(b -> List.of(a, b)));
    }

    private static Optional<Length> length(String text) {
        return LengthText.read(text, LengthUnit.INCH).understood().map(TypedLength::length);
    }

    /** The forms of a typed piece. */
    final class Forms {
        private static final Pattern SET = Pattern.compile(
                "(?i)set ([A-Za-z0-9]{1,12}):? ?(?:(\\d{1,3}) )?strips? (?:of )?(.+?), ?segments? (?:of )?(.+)");
        private static final Pattern STRIP = Pattern.compile("(?i)strips? (.+)");
        private static final Pattern TRIANGLES = Pattern.compile("(?i)(.+?),? (?:cut )?(once|twice)");
        private static final Pattern RECTANGLE = Pattern.compile("(?i)(.+?) ?[x×] ?(.+?)(?:,? from (.+?)(?: strips?)?)?");

        private Forms() {
        }
    }
}
