package retazo.app.patterns;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import retazo.app.shared.FieldReader;
import retazo.core.block.FinishedSize;
import retazo.core.measure.Length;
import retazo.core.measure.LengthUnit;
import retazo.core.quilt.DesignCheck;
import retazo.core.quilt.QuiltDesign;
import retazo.core.quilt.QuiltSize;
import retazo.core.quilt.SizeKey;

/**
 * A size as typed.
 *
 * @param columns  blocks across; empty for a size that is not drawn
 * @param rows     blocks down, likewise
 * @param border   finished widths of its borders from the inside out, by commas
 * @param finished as its paper prints it: {@code 60 x 72}
 */
record SizeRow(
        @Nullable String key, @Nullable String name, @Nullable String columns, @Nullable String rows, @Nullable String border,
        @Nullable String finished) {

    static final SizeRow BLANK = new SizeRow("", "", "", "", "", "");
    private static final int LONGEST_NAME = 30;

    boolean isBlank() {
        return (Typed.text(name) + Typed.text(columns) + Typed.text(rows) + Typed.text(border) + Typed.text(finished)).isEmpty();
    }

    private boolean isDrawn() {
        return !(Typed.text(columns) + Typed.text(rows) + Typed.text(border)).isEmpty();
    }

    static SizeRow of(QuiltSize size) {
        String finished = size.printed().map(printed -> Typed.inches(printed.width()) + " x " + Typed.inches(printed.height())).orElse("");
        return size.match(
                grid -> new SizeRow(
                        grid.key().value(), grid.name(), Integer.toString(grid.columns()), Integer.toString(grid.rows()),
                        String.join(", ", grid.borderWidths().stream().map(Typed::inches).toList()), finished),
                printed -> new SizeRow(printed.key().value(), printed.name(), "", "", "", finished));
    }

    static List<SizeRow> of(QuiltDesign design) {
        return design.sizes().stream().map(SizeRow::of).toList();
    }

    /**
     * The sizes of all rows that are not empty.
     *
     * @param mustBeDrawn whether every size needs a grid, since nothing else is known of the pattern
     */
    static List<QuiltSize> read(List<SizeRow> rows, boolean mustBeDrawn, FieldReader reader) {
        Set<String> taken = new HashSet<>();
        rows.forEach(row -> taken.add(Typed.text(row.key())));
        List<QuiltSize> sizes = new ArrayList<>();
        for (int i = 0; i < Math.min(rows.size(), QuiltDesign.MOST_SIZES); i++) {
            if (!rows.get(i).isBlank()) {
                SizeKey key = new SizeKey(Typed.key(rows.get(i).key(), "s", taken));
                sizes.add(rows.get(i).read("sizes." + i + ".", key, mustBeDrawn, reader));
            }
        }
        return sizes;
    }

    private QuiltSize read(String place, SizeKey key, boolean mustBeDrawn, FieldReader reader) {
        String readName = reader.text(place + "name", name, LONGEST_NAME);
        Optional<FinishedSize> printed = FinishedText.read(place + "finished", finished, reader);
        if (!isDrawn() && !mustBeDrawn) {
            return new QuiltSize.Printed(key, readName, printed);
        }
        int most = QuiltDesign.MOST_BLOCKS_ACROSS;
        return new QuiltSize.Grid(
                key, readName, reader.number(place + "columns", columns, 1, most), reader.number(place + "rows", rows, 1, most),
                borders(place, reader), printed);
    }

    private List<Length> borders(String place, FieldReader reader) {
        String text = Typed.text(border);
        if (text.isEmpty() || text.equals("0")) {
            return List.of();
        }
        List<Length> widths = new ArrayList<>();
        for (String width : text.split("[,;]")) {
            widths.add(reader.lengthAboveZero(place + "border", width, LengthUnit.INCH, DesignCheck.WIDEST_BORDER));
        }
        return widths.stream().filter(Length::isPositive).toList();
    }
}
