package retazo.app.patterns.sizes;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import retazo.app.patterns.PatternVersion;
import retazo.app.patterns.rows.SizeRow;
import retazo.app.shared.Typed;
import retazo.core.quilt.design.QuiltDesign;

/**
 * The sizes of a pattern as typed, with what is asked beside them.
 *
 * @param from     key of the size from which a target is approached
 * @param target   a finished size: {@code 60 x 72}
 * @param mattress a mattress instead: {@code 54 x 75}
 * @param drop     how far a quilt hangs down around it
 */
public record SizesForm(
        int version, @Nullable List<SizeRow> sizes, @Nullable String from, @Nullable String target, @Nullable String mattress,
        @Nullable String drop) {

    private static final int LEAST_ROWS = 3;

    public static SizesForm of(PatternVersion pattern) {
        return new SizesForm(pattern.number(), SizeRow.of(pattern.design()), "", "", "", "").padded();
    }

    /** With a row to spare for one size more. */
    SizesForm padded() {
        return withSizes(Typed.withSpare(sizes, SizeRow.BLANK, LEAST_ROWS, QuiltDesign.MOST_SIZES));
    }

    public SizesForm withSizes(List<SizeRow> newSizes) {
        return new SizesForm(version, newSizes, from, target, mattress, drop);
    }

    /** With one size more, behind those that are named. */
    SizesForm with(SizeRow added) {
        List<SizeRow> rows = new ArrayList<>(Typed.list(sizes).stream().filter(row -> !row.isBlank()).toList());
        rows.add(added);
        return withSizes(rows);
    }

    public boolean asksTarget() {
        return !(Typed.text(target) + Typed.text(mattress)).isEmpty();
    }
}
