package retazo.app.patterns.quilt;

import static java.util.Objects.requireNonNullElse;

import java.util.List;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import retazo.app.patterns.PatternVersion;
import retazo.app.patterns.file.PlaceRuleKind;
import retazo.app.patterns.rows.RoleRow;
import retazo.app.patterns.rows.SizeRow;
import retazo.app.practice.DrawingStart;
import retazo.app.shared.Typed;
import retazo.core.cloth.RoleKey;
import retazo.core.quilt.design.Drawing;
import retazo.core.quilt.design.QuiltDesign;

/**
 * How the blocks of a pattern become a quilt, as typed.
 *
 * @param shown   key of the size that is drawn beside the form
 * @param rule    which block stands where
 * @param setting how they lie
 * @param finish  what goes around and behind them
 * @param items   what is made beside the quilt
 */
record QuiltForm(
        int version, @Nullable String shown, @Nullable List<RoleRow> roles, PlaceRuleForm rule, SettingForm setting, FinishForm finish,
        @Nullable List<ItemRow> items, @Nullable List<SizeRow> sizes) {

    private static final int LEAST_ROLES = 6;
    private static final int LEAST_SIZES = 3;

    /** What is not sent, is blank. */
    QuiltForm {
        rule = requireNonNullElse(rule, PlaceRuleForm.blank(PlaceRuleKind.CYCLE));
        setting = requireNonNullElse(setting, SettingForm.BLANK);
        finish = requireNonNullElse(finish, FinishForm.BLANK);
    }

    static QuiltForm of(PatternVersion pattern, Drawing drawing, String shown, DrawingStart start) {
        QuiltDesign design = pattern.design();
        Function<RoleKey, String> letters = key -> design.role(key).letter();
        return new QuiltForm(
                pattern.number(), shown, RoleRow.of(design), PlaceRuleForm.of(drawing.places(), drawing, letters),
                SettingForm.of(drawing.setting(), letters, start), FinishForm.of(drawing.finishing(), letters),
                drawing.items().stream().map(item -> ItemRow.of(item, drawing, letters)).toList(), SizeRow.of(design)).padded();
    }

    /** The same texts with rows to spare. */
    QuiltForm padded() {
        return new QuiltForm(
                version, shown, Typed.withSpare(roles, RoleRow.BLANK, RoleRow.SPARE, LEAST_ROLES, QuiltDesign.MOST_ROLES), rule, setting,
                finish.padded(),
                Typed.withSpare(items, ItemRow.BLANK, 1, Drawing.MOST_ITEMS),
                Typed.withSpare(sizes, SizeRow.BLANK, LEAST_SIZES, QuiltDesign.MOST_SIZES));
    }

    /** The same with another rule. */
    QuiltForm with(PlaceRuleForm other) {
        return new QuiltForm(version, shown, roles, other, setting, finish, items, sizes);
    }

    /** The letter of a role's row. */
    public static String letter(int index) {
        return Typed.letter(index);
    }
}
