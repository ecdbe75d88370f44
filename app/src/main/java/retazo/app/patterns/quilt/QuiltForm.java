package retazo.app.patterns.quilt;

import java.util.List;
import java.util.Optional;
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
import retazo.core.quilt.finish.BorderCorners;
import retazo.core.quilt.finish.Finishing;
import retazo.core.quilt.finish.Flange;
import retazo.core.quilt.place.Line;
import retazo.core.quilt.place.MapRule;
import retazo.core.quilt.place.PositionRule;
import retazo.core.quilt.setting.Edges;
import retazo.core.quilt.setting.Grain;
import retazo.core.quilt.setting.Sashing;
import retazo.core.quilt.setting.Setting;
import retazo.core.quilt.setting.Use;

/**
 * How the blocks of a pattern become a quilt, as typed.
 *
 * @param shown   key of the size that is drawn beside the form
 * @param rule    name of the place rule's kind; the fields to {@code without} belong to it, see {@link PlaceRuleTexts}
 * @param setting {@code straight}, {@code triangles} or {@code blocks}
 * @param framed  not empty for sashes around the outer blocks
 * @param sash    letter of the sashes' role; empty for none
 * @param sashWidth finished, or with {@code cut} behind it as it is cut
 * @param cut     where edge blocks are cut
 * @param flange  letter; empty for none
 * @param binding letter; empty for turned edges
 * @param backing letter; empty for none
 */
record QuiltForm(
        int version,
        @Nullable String shown,
        @Nullable List<RoleRow> roles,
        @Nullable String rule,
        @Nullable String line,
        @Nullable String kinds,
        @Nullable String corner,
        @Nullable String edge,
        @Nullable String interior,
        @Nullable String facing,
        @Nullable String fill,
        @Nullable String colours,
        @Nullable String accent,
        @Nullable String without,
        @Nullable String setting,
        @Nullable String sash,
        @Nullable String sashWidth,
        @Nullable String framed,
        @Nullable String cornerstones,
        @Nullable String sides,
        @Nullable String corners,
        @Nullable String cut,
        @Nullable List<BorderRow> borders,
        @Nullable String flange,
        @Nullable String flangeWidth,
        @Nullable String binding,
        @Nullable String bindingCut,
        @Nullable String backing,
        @Nullable List<ItemRow> items,
        @Nullable List<SizeRow> sizes) {

    private static final int LEAST_ROLES = 5;
    private static final int LEAST_SIZES = 3;

    /** A border: letters, how its corners are made, how it lies on the cloth. */
    record BorderRow(@Nullable String role, @Nullable String corners, @Nullable String cornerstones, @Nullable String grain) {
        static final BorderRow BLANK = new BorderRow("", BorderCorners.BUTTED.name(), "", Grain.SHORTER.name());

        boolean isBlank() {
            return Typed.text(role).isEmpty();
        }
    }

    static QuiltForm of(PatternVersion pattern, Drawing drawing, String shown, DrawingStart start) {
        QuiltDesign design = pattern.design();
        Function<RoleKey, String> letters = key -> design.role(key).letter();
        PlaceRuleTexts rule = PlaceRuleTexts.of(drawing.places(), drawing, letters);
        Setting setting = drawing.setting();
        Optional<Sashing> sashing = setting.sashing();
        Optional<Edges.Triangles> triangles = setting.triangles();
        Finishing finishing = drawing.finishing();
        boolean isMap = rule.kind() == PlaceRuleKind.MAP;
        return new QuiltForm(
                pattern.number(), shown, RoleRow.of(design), rule.kind().code(),
                rule.line().isEmpty() ? Line.DIAGONALS.name() : rule.line(),
                rule.kinds(), rule.corner(), rule.edge(), rule.interior(),
                rule.facing().isEmpty() || isMap ? PositionRule.Facing.OUT.name() : rule.facing(),
                isMap ? rule.facing() : MapRule.Fill.REPEATED.name(), rule.colours(), rule.accent(), rule.without(),
                triangles.isPresent() ? "triangles" : setting.cutUp().isPresent() ? "blocks" : "straight",
                sashing.map(Sashing::role).map(letters).orElse(""), sashing.map(Sashing::width).map(Typed::inches).orElse(""),
                sashing.filter(Sashing::framed).isPresent() ? "yes" : "", sashing.flatMap(Sashing::cornerstones).map(letters).orElse(""),
                triangles.map(Edges.Triangles::sides).map(letters).orElse(""),
                triangles.map(Edges.Triangles::corners).map(letters).orElse(""),
                setting.cutUp().orElse(start.halved()).name(),
                finishing.borders().stream().map(border -> new BorderRow(
                        letters.apply(border.role()), border.corners().name(), border.cornerstones().map(letters).orElse(""),
                        border.grain().name())).toList(),
                finishing.flange().map(Flange::role).map(letters).orElse(""),
                finishing.flange().map(Flange::width).map(Typed::inches).orElse(""),
                finishing.binding().map(letters).orElse(""), finishing.bindingCut().name(), finishing.backing().map(letters).orElse(""),
                drawing.items().stream().map(item -> ItemRow.of(item, drawing, letters)).toList(), SizeRow.of(design)).padded();
    }

    /** The same texts with rows to spare. */
    QuiltForm padded() {
        return new QuiltForm(
                version, shown, Typed.withSpare(roles, RoleRow.BLANK, LEAST_ROLES, QuiltDesign.MOST_ROLES), rule, line, kinds, corner, edge,
                interior, facing, fill, colours, accent, without, setting, sash, sashWidth, framed, cornerstones, sides, corners, cut,
                Typed.withSpare(borders, BorderRow.BLANK, 1, Use.MOST_BORDERS), flange, flangeWidth, binding, bindingCut, backing,
                Typed.withSpare(items, ItemRow.BLANK, 1, Drawing.MOST_ITEMS),
                Typed.withSpare(sizes, SizeRow.BLANK, LEAST_SIZES, QuiltDesign.MOST_SIZES));
    }

    /** The same with another rule. */
    QuiltForm with(PlaceRuleTexts texts) {
        return new QuiltForm(
                version, shown, roles, texts.kind().code(), line, texts.kinds(), corner, edge, interior, facing, texts.facing(), colours,
                accent, without, setting, sash, sashWidth, framed, cornerstones, sides, corners, cut, borders, flange, flangeWidth, binding,
                bindingCut, backing, items, sizes);
    }

    /** The letter of a role's row. */
    public static String letter(int index) {
        return Typed.letter(index);
    }
}
