package retazo.app.patterns.rows;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import retazo.app.patterns.PatternVersion;
import retazo.app.shared.FieldReader;
import retazo.app.shared.Typed;
import retazo.core.block.Block;
import retazo.core.block.shape.FinishedSize;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.cloth.ShopPractice;
import retazo.core.measure.Length;
import retazo.core.measure.LengthUnit;
import retazo.core.measure.Problem;
import retazo.core.quilt.design.DesignCheck;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.place.PlaceChangeText;
import retazo.core.quilt.place.PlaceGrid;
import retazo.core.quilt.setting.Sashing;
import retazo.core.quilt.size.QuiltSize;
import retazo.core.quilt.size.SizeKey;

/**
 * A size as typed.
 *
 * @param columns  blocks across; empty for a size that is not drawn
 * @param rows     blocks down, likewise
 * @param border   finished widths of its borders from the inside out, by commas
 * @param finished as its paper prints it: {@code 60 x 72}
 * @param sash     its own sash width; as widths of borders, with {@code cut} behind it the width that is cut
 * @param block    its own block width, finished
 * @param changes  by hand in its places, as {@link PlaceChangeText} writes them; null, like the two before, in forms that do not show them
 */
public record SizeRow(
        @Nullable String key, @Nullable String name, @Nullable String columns, @Nullable String rows, @Nullable String border,
        @Nullable String finished, @Nullable String sash, @Nullable String block, @Nullable String changes) {

    private static final Set<String> HELD_BACK = Set.of("0", "none", "-", "–");

    public static final SizeRow BLANK = plain("", "", "", "", "", "");
    private static final int LONGEST_NAME = 30;
    private static final int LONGEST_CHANGES = 8_000;
    private static final Pattern CUT = Pattern.compile("(?i)(.+?)\\s*cut");

    /** A size of forms that show no widths of its own. */
    public static SizeRow plain(String key, String name, String columns, String rows, String border, @Nullable String finished) {
        return new SizeRow(key, name, columns, rows, border, finished, null, null, null);
    }

    public boolean isBlank() {
        return (Typed.text(name) + Typed.text(columns) + Typed.text(rows) + Typed.text(border) + Typed.text(finished)).isEmpty();
    }

    private boolean isDrawn() {
        return !(Typed.text(columns) + Typed.text(rows) + Typed.text(border)).isEmpty();
    }

    public static SizeRow of(QuiltSize size) {
        String finished = size.printed().map(printed -> FinishedText.write(printed.width(), printed.height())).orElse("");
        return size.match(
                grid -> new SizeRow(
                        grid.key().value(), grid.name(), Integer.toString(grid.columns()), Integer.toString(grid.rows()),
                        String.join(", ", grid.borderWidths().stream().map(Typed::inches).toList()), finished,
                        grid.overrides().sash().map(Typed::inches).orElse(""), grid.overrides().blockWidth().map(Typed::inches).orElse(""),
                        PlaceChangeText.write(grid.overrides().changes())),
                printed -> plain(printed.key().value(), printed.name(), "", "", "", finished));
    }

    /** The same as a size of its own, without the key and the printed size of the one it came from. */
    public SizeRow renamed(String newName) {
        return new SizeRow("", newName, columns, rows, border, "", sash, block, changes);
    }

    public static List<SizeRow> of(QuiltDesign design) {
        return design.sizes().stream().map(SizeRow::of).toList();
    }

    /**
     * How rows are read.
     *
     * @param mustBeDrawn whether every size needs a grid, since nothing else is known of the pattern
     * @param before      whose sizes keep what a form does not show
     * @param seam        for widths that are typed as they are cut
     */
    public record Context(boolean mustBeDrawn, Optional<QuiltDesign> before, Length seam, FieldReader reader) {

        public static Context of(Optional<PatternVersion> before, boolean mustBeDrawn, FieldReader reader) {
            Optional<QuiltDesign> design = before.map(PatternVersion::design);
            Length seam = design.map(known -> known.practice(ShopPractice.customary())).orElseGet(ShopPractice::customary)
                    .length(PracticeMeasure.SEAM_ALLOWANCE);
            return new Context(mustBeDrawn, design, seam, reader);
        }

        private QuiltSize.Overrides kept(SizeKey key) {
            return before.stream()
                    .flatMap(design -> design.sizes().stream())
                    .filter(size -> size.key().equals(key))
                    .findFirst()
                    .map(size -> size.match(QuiltSize.Grid::overrides, printed -> QuiltSize.Overrides.NONE))
                    .orElse(QuiltSize.Overrides.NONE);
        }
    }

    /** The sizes of all rows that are not empty. */
    public static List<QuiltSize> read(List<SizeRow> rows, Context context) {
        Set<String> taken = new HashSet<>();
        rows.forEach(row -> taken.add(Typed.text(row.key())));
        List<QuiltSize> sizes = new ArrayList<>();
        for (int i = 0; i < Math.min(rows.size(), QuiltDesign.MOST_SIZES); i++) {
            if (!rows.get(i).isBlank()) {
                SizeKey key = new SizeKey(Typed.key(rows.get(i).key(), "s", taken));
                sizes.add(rows.get(i).read("sizes." + i + ".", key, context));
            }
        }
        return sizes;
    }

    private QuiltSize read(String place, SizeKey key, Context context) {
        FieldReader reader = context.reader();
        String readName = reader.text(place + "name", name, LONGEST_NAME);
        Optional<FinishedSize> printed = FinishedText.read(place + "finished", finished, reader);
        if (!isDrawn() && !context.mustBeDrawn()) {
            return new QuiltSize.Printed(key, readName, printed);
        }
        int most = PlaceGrid.MOST_BLOCKS_ACROSS;
        return new QuiltSize.Grid(
                key, readName, reader.number(place + "columns", columns, 1, most), reader.number(place + "rows", rows, 1, most),
                borders(place, context), printed, overrides(place, key, context));
    }

    private QuiltSize.Overrides overrides(String place, SizeKey key, Context context) {
        if (sash == null && block == null && changes == null) {
            return context.kept(key);
        }
        Optional<Length> blockWidth = Typed.text(block).isEmpty()
                ? Optional.empty()
                : Optional.of(context.reader().lengthAboveZero(place + "block", block, LengthUnit.INCH, Block.LARGEST_LINE));
        PlaceChangeText.Changes byHand = PlaceChangeText.read(context.reader().optionalText(place + "changes", changes, LONGEST_CHANGES));
        byHand.unread().stream().limit(1).forEach(
                text -> context.reader().add(Problem.at(place + "changes", "changes.unread", text)));
        return new QuiltSize.Overrides(
                width(place + "sash", sash, Sashing.WIDEST, context).filter(Length::isPositive), blockWidth.filter(Length::isPositive),
                byHand.changes());
    }

    /** A finished width, typed as it finishes or, with {@code cut} behind it, as it is cut. */
    public static Optional<Length> width(String place, @Nullable String typed, Length widest, Context context) {
        String text = Typed.text(typed);
        if (text.isEmpty() || text.equals("0")) {
            return Optional.empty();
        }
        Matcher cut = CUT.matcher(text);
        Length seams = cut.matches() ? context.seam().times(2) : Length.ZERO;
        Length width = context.reader().lengthAboveZero(place, cut.matches() ? cut.group(1) : text, LengthUnit.INCH, widest.plus(seams));
        if (width.isPositive() && !width.isLongerThan(seams)) {
            context.reader().add(Problem.at(place, "width.cut-too-narrow", width, seams));
            return Optional.of(Length.ZERO);
        }
        return Optional.of(width.isPositive() ? width.minus(seams) : width);
    }

    /** A border that is held back at this size stands there as 0 or none, so that the others keep their places. */
    private List<Length> borders(String place, Context context) {
        List<Length> widths = new ArrayList<>();
        for (String typed : Typed.text(border).split("[,;]")) {
            String width = typed.strip();
            if (HELD_BACK.contains(width.toLowerCase(Locale.ROOT))) {
                widths.add(Length.ZERO);
            } else {
                width(place + "border", width, DesignCheck.WIDEST_BORDER, context).ifPresent(widths::add);
            }
        }
        while (!widths.isEmpty() && widths.get(widths.size() - 1).isZero()) {
            widths.remove(widths.size() - 1);
        }
        return widths;
    }
}
