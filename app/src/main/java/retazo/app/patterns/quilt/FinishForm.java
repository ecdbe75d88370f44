package retazo.app.patterns.quilt;

import java.util.List;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import retazo.app.shared.Typed;
import retazo.core.block.BlockKey;
import retazo.core.cloth.RoleKey;
import retazo.core.quilt.finish.BindingCut;
import retazo.core.quilt.finish.BorderCorners;
import retazo.core.quilt.finish.Finishing;
import retazo.core.quilt.finish.Flange;
import retazo.core.quilt.finish.PiecedOf;
import retazo.core.quilt.setting.Grain;
import retazo.core.quilt.setting.Use;

/**
 * What goes around a quilt and behind it, as typed.
 *
 * @param flange  letter; empty for none
 * @param binding letter; empty for turned edges
 * @param backing letter; empty for none
 */
record FinishForm(
        @Nullable List<BorderRow> borders, @Nullable String flange, @Nullable String flangeWidth, @Nullable String binding,
        @Nullable String bindingCut, @Nullable String backing) {

    static final FinishForm BLANK = new FinishForm(List.of(), "", "", "", BindingCut.STRAIGHT.name(), "");

    /** A border: letters, how its corners are made, how it lies on the cloth, and the blocks that it is sewn of. */
    record BorderRow(
            @Nullable String role, @Nullable String corners, @Nullable String cornerstones, @Nullable String grain, @Nullable String pieced,
            @Nullable String cornerBlock) {
        static final BorderRow BLANK = new BorderRow("", BorderCorners.BUTTED.name(), "", Grain.SHORTER.name(), "", "");

        boolean isBlank() {
            return Typed.text(role).isEmpty();
        }
    }

    static FinishForm of(Finishing finishing, Function<RoleKey, String> letters) {
        return new FinishForm(
                finishing.borders().stream().map(border -> new BorderRow(
                        letters.apply(border.role()), border.corners().name(), border.cornerstones().map(letters).orElse(""),
                        border.grain().name(), border.pieced().map(PiecedOf::block).map(BlockKey::value).orElse(""),
                        border.pieced().flatMap(PiecedOf::corner).map(BlockKey::value).orElse(""))).toList(),
                finishing.flange().map(Flange::role).map(letters).orElse(""),
                finishing.flange().map(Flange::width).map(Typed::inches).orElse(""),
                finishing.binding().map(letters).orElse(""), finishing.bindingCut().name(), finishing.backing().map(letters).orElse(""));
    }

    /** The same texts with a border to spare. */
    FinishForm padded() {
        return new FinishForm(
                Typed.withSpare(borders, BorderRow.BLANK, 1, Use.MOST_BORDERS), flange, flangeWidth, binding, bindingCut, backing);
    }
}
