package retazo.app.patterns.drawing;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import retazo.app.patterns.PatternVersion;
import retazo.app.patterns.rows.RoleRow;
import retazo.app.patterns.rows.SizeRow;
import retazo.app.shared.Typed;
import retazo.core.cloth.Role;
import retazo.core.cloth.RoleKey;
import retazo.core.quilt.design.Drawing;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.place.PlaceLine;

/**
 * A drawn pattern as typed.
 *
 * @param version which version was opened, 0 for a new pattern
 * @param cycle   from which place to which the blocks follow one another
 * @param kinds   the names of the blocks in their order, by commas; empty for the last block everywhere
 * @param borders letters of the borders' roles from the inside out, by commas; empty for none
 * @param binding letter of the binding's role; empty for turned edges
 * @param backing letter of the backing's role; empty for none
 */
public record DrawingForm(
        int version,
        @Nullable String name,
        @Nullable List<RoleRow> roles,
        @Nullable List<BlockRow> blocks,
        @Nullable String cycle,
        @Nullable String kinds,
        @Nullable String borders,
        @Nullable String binding,
        @Nullable String backing,
        @Nullable List<SizeRow> sizes) {

    private static final int LEAST_ROLE_ROWS = 8;
    private static final int LEAST_SIZE_ROWS = 4;

    static DrawingForm empty() {
        return new DrawingForm(
                0, "", List.of(), List.of(BlockRow.first()), PlaceLine.DIAGONALS.name(), "", "", "", "", List.of()).padded();
    }

    /** A version as it is; one that is not drawn yet, with its roles and sizes and an empty block. */
    static DrawingForm of(PatternVersion pattern) {
        QuiltDesign design = pattern.design();
        Map<RoleKey, String> letters = design.roles().stream().collect(Collectors.toMap(Role::key, Role::letter));
        Optional<Drawing> drawing = design.drawing();
        return new DrawingForm(
                pattern.number(),
                pattern.name(),
                RoleRow.of(design),
                drawing.map(drawn -> drawn.blocks().stream().map(kind -> BlockRow.of(kind, letters)).toList())
                        .orElse(List.of(BlockRow.first())),
                PlaceLine.DIAGONALS.name(), "", "", "", "", SizeRow.of(design))
                .padded();
    }

    /** The same texts with rows to spare for more roles and sizes. */
    DrawingForm padded() {
        return new DrawingForm(
                version, name, Typed.withSpare(roles, RoleRow.BLANK, RoleRow.SPARE, LEAST_ROLE_ROWS, QuiltDesign.MOST_ROLES), blocks, cycle,
                kinds,
                borders, binding, backing, Typed.withSpare(sizes, SizeRow.BLANK, LEAST_SIZE_ROWS, QuiltDesign.MOST_SIZES));
    }

    DrawingForm withBlocks(List<BlockRow> newBlocks) {
        return new DrawingForm(version, name, roles, newBlocks, cycle, kinds, borders, binding, backing, sizes);
    }

    /** The letter of a role's row. */
    public static String letter(int index) {
        return Typed.letter(index);
    }
}
