package retazo.app.patterns.quilt;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import retazo.app.patterns.rows.SizeRow;
import retazo.app.shared.FieldReader;
import retazo.app.shared.Typed;
import retazo.core.block.BlockKey;
import retazo.core.cloth.RoleKey;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;
import retazo.core.quilt.design.BlockKind;
import retazo.core.quilt.design.Composition;
import retazo.core.quilt.design.DesignCheck;
import retazo.core.quilt.design.Drawing;
import retazo.core.quilt.design.Item;
import retazo.core.quilt.finish.BorderDesign;
import retazo.core.quilt.finish.Finishing;
import retazo.core.quilt.place.CycleRule;
import retazo.core.quilt.place.PlaceGrid;
import retazo.core.quilt.place.PlaceLine;

/**
 * An item beside the quilt, as typed: blocks in turn, at most one border, binding and backing.
 *
 * @param kinds       blocks by name, in a checkerboard where there are several
 * @param border      letter; empty for none
 * @param borderWidth finished, or with {@code cut} behind it as it is cut
 */
record ItemRow(
        @Nullable String name, @Nullable String copies, @Nullable String kinds, @Nullable String columns, @Nullable String rows,
        @Nullable String border, @Nullable String borderWidth, @Nullable String binding, @Nullable String backing) {

    static final ItemRow BLANK = new ItemRow("", "", "", "", "", "", "", "", "");
    private static final int LONGEST_NAME = 40;

    boolean isBlank() {
        return Typed.text(name).isEmpty() && Typed.text(kinds).isEmpty();
    }

    static ItemRow of(Item item, Drawing drawing, Function<RoleKey, String> letters) {
        Finishing finishing = item.composition().finishing();
        return new ItemRow(
                item.name(), Integer.toString(item.copies()),
                item.composition().places().kinds().stream().map(key -> drawing.kind(key).name()).reduce((a, b) -> a + ", " + b).orElse(""),
                Integer.toString(item.columns()), Integer.toString(item.rows()),
                finishing.borders().stream().map(BorderDesign::role).map(letters).findFirst().orElse(""),
                item.borderWidths().stream().map(Typed::inches).findFirst().orElse(""),
                finishing.binding().map(letters).orElse(""), finishing.backing().map(letters).orElse(""));
    }

    /** Whether blocks, border, binding and backing are typed alike, whatever the numbers are. */
    private boolean isMadeLike(ItemRow other) {
        return made().equals(other.made());
    }

    private List<String> made() {
        return Stream.of(kinds, border, borderWidth, binding, backing).map(Typed::text).toList();
    }

    /**
     * Empty with a problem at its field where it is none.
     *
     * @param before the item of the same row; what a form cannot show of it stays while what it shows is not changed
     * @param shown  that item as the form showed it
     */
    Optional<Item> read(
            String place, Optional<Item> before, Optional<ItemRow> shown, List<BlockKind> blocks, Function<String, Optional<RoleKey>> roles,
            SizeRow.Context context) {
        FieldReader reader = context.reader();
        String readName = reader.text(place + "name", name, LONGEST_NAME);
        int count = reader.number(place + "copies", Typed.text(copies).isEmpty() ? "1" : copies, 1, Item.MOST_COPIES);
        int across = reader.number(place + "columns", columns, 1, PlaceGrid.MOST_BLOCKS_ACROSS);
        int down = reader.number(place + "rows", rows, 1, PlaceGrid.MOST_BLOCKS_ACROSS);
        if (before.isPresent() && shown.filter(this::isMadeLike).isPresent()) {
            return before.map(item -> new Item(readName, count, item.composition(), across, down, item.borderWidths()));
        }
        List<BlockKey> keys = new ArrayList<>();
        for (String kind : Typed.text(kinds).split("\\s*[,;]\\s*")) {
            blocks.stream().filter(block -> block.name().equalsIgnoreCase(kind)).map(BlockKind::key).findFirst().ifPresentOrElse(
                    keys::add, () -> reader.add(Problem.at(place + "kinds", "cell.unknown-block", kind)));
        }
        Optional<RoleKey> borderRole = role(place + "border", border, roles, reader);
        Optional<Length> width = SizeRow.width(place + "borderWidth", borderWidth, DesignCheck.WIDEST_BORDER, context);
        if (borderRole.isPresent() != width.isPresent()) {
            reader.add(Problem.at(place + "borderWidth", "item.border-width"));
        }
        Finishing finishing = Finishing.of(
                borderRole.map(BorderDesign::butted).stream().toList(), role(place + "binding", binding, roles, reader),
                role(place + "backing", backing, roles, reader));
        return keys.isEmpty()
                ? Optional.empty()
                : Optional.of(new Item(
                        readName, count, Composition.straight(CycleRule.of(PlaceLine.DIAGONALS, keys), finishing), across, down,
                        width.stream().toList()));
    }

    private static Optional<RoleKey> role(
            String field, @Nullable String letter, Function<String, Optional<RoleKey>> roles, FieldReader reader) {
        String text = Typed.text(letter).toUpperCase(Locale.ROOT);
        Optional<RoleKey> role = text.isEmpty() ? Optional.empty() : roles.apply(text);
        if (!text.isEmpty() && role.isEmpty()) {
            reader.add(Problem.at(field, "cell.unknown-role", text));
        }
        return role;
    }
}
