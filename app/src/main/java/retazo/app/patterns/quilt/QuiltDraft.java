package retazo.app.patterns.quilt;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import retazo.app.patterns.PatternVersion;
import retazo.app.patterns.file.PatternContent;
import retazo.app.patterns.rows.RoleRow;
import retazo.app.patterns.rows.SizeRow;
import retazo.app.shared.FieldReader;
import retazo.app.shared.Typed;
import retazo.core.block.BlockKey;
import retazo.core.cloth.Role;
import retazo.core.cloth.RoleKey;
import retazo.core.measure.Length;
import retazo.core.measure.LengthUnit;
import retazo.core.measure.Problem;
import retazo.core.quilt.design.BlockKind;
import retazo.core.quilt.design.Composition;
import retazo.core.quilt.design.DesignCheck;
import retazo.core.quilt.design.Drawing;
import retazo.core.quilt.design.Item;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.finish.BindingCut;
import retazo.core.quilt.finish.BorderCorners;
import retazo.core.quilt.finish.BorderDesign;
import retazo.core.quilt.finish.Finishing;
import retazo.core.quilt.finish.Flange;
import retazo.core.quilt.finish.PiecedOf;
import retazo.core.quilt.place.PlaceRule;
import retazo.core.quilt.setting.Edges;
import retazo.core.quilt.setting.Grain;
import retazo.core.quilt.setting.Sashing;
import retazo.core.quilt.setting.Setting;
import retazo.core.quilt.size.QuiltSize;

/**
 * What the typed quilt comes to: the pattern if nothing is wrong, and all that is wrong. Its blocks come from the version before.
 */
record QuiltDraft(List<Role> roles, Optional<PatternContent> content, List<Problem> problems) {

    static QuiltDraft of(QuiltForm form, PatternVersion before, Drawing drawing) {
        return new Reading(form, before, drawing).draft();
    }

    /** Reads one form. */
    private static final class Reading {

        private final QuiltForm form;
        private final PatternVersion before;
        private final Drawing drawing;
        private final FieldReader reader = new FieldReader();
        private final SizeRow.Context context;
        private final Map<String, RoleKey> byLetter = new LinkedHashMap<>();

        Reading(QuiltForm form, PatternVersion before, Drawing drawing) {
            this.form = form;
            this.before = before;
            this.drawing = drawing;
            QuiltDesign design = before.design();
            this.context = SizeRow.Context.of(Optional.of(before), design.table().isEmpty() && design.cutList().isEmpty(), reader);
        }

        QuiltDraft draft() {
            List<Role> roles = RoleRow.read(Typed.list(form.roles()), Optional.of(before), reader);
            roles.forEach(role -> byLetter.put(role.letter(), role.key()));
            Optional<PlaceRule> places = new PlaceRuleReader(form.rule(), drawing.blocks(), this::role, reader).read();
            Setting setting = setting(form.setting());
            Finishing finishing = finishing(form.finish());
            List<Item> items = items();
            List<QuiltSize> sizes = SizeRow.read(Typed.list(form.sizes()), context);
            if (places.isEmpty() || reader.anyProblem()) {
                return new QuiltDraft(roles, Optional.empty(), reader.problems());
            }
            Drawing changed = new Drawing(drawing.blocks(), new Composition(places.get(), setting, finishing), items);
            QuiltDesign design = before.design();
            new DesignCheck(
                    roles, sizes, design.table(), design.cutList(), Optional.of(changed), design.plannedFrom(), design.overrides())
                    .problems().forEach(problem -> reader.add(placed(problem)));
            return new QuiltDraft(
                    roles,
                    reader.anyProblem()
                            ? Optional.empty()
                            : Optional.of(before.content().with(new QuiltDesign(
                                    roles, sizes, design.table(), design.cutList(), Optional.of(changed), design.plannedFrom(),
                                    design.overrides()))),
                    reader.problems());
        }

        private Optional<RoleKey> role(String letter) {
            return Optional.ofNullable(byLetter.get(letter));
        }

        private Optional<RoleKey> role(String field, @Nullable String letter) {
            String text = Typed.text(letter).toUpperCase(Locale.ROOT);
            if (!text.isEmpty() && !byLetter.containsKey(text)) {
                reader.add(Problem.at(field, "cell.unknown-role", text));
            }
            return role(text);
        }

        private RoleKey neededRole(String field, @Nullable String letter) {
            if (Typed.text(letter).isEmpty()) {
                reader.add(Problem.at(field, "places.role-missing"));
            }
            return role(field, letter).orElse(before.design().roles().get(0).key());
        }

        private Setting setting(SettingForm typed) {
            Optional<Sashing> sashing = role("setting.sash", typed.sash()).map(role -> new Sashing(
                    role, sashWidth(typed), !Typed.text(typed.framed()).isEmpty(), role("setting.cornerstones", typed.cornerstones())));
            return switch (Typed.text(typed.kind())) {
                case "triangles" -> new Setting.OnPoint(
                        new Edges.Triangles(neededRole("setting.sides", typed.sides()), neededRole("setting.corners", typed.corners())),
                        sashing);
                case "blocks" -> new Setting.OnPoint(new Edges.CutBlocks(
                        reader.choice("setting.cut", typed.cut(), Edges.CutBlocks.Cut.class).orElse(Edges.CutBlocks.Cut.THROUGH_CENTRE)),
                        sashing);
                default -> new Setting.Straight(sashing);
            };
        }

        private Length sashWidth(SettingForm typed) {
            int faults = reader.problems().size();
            Length width = SizeRow.width("setting.sashWidth", typed.sashWidth(), Sashing.WIDEST, context).orElse(Length.ZERO);
            if (!width.isPositive() && reader.problems().size() == faults) {
                reader.add(Problem.at("setting.sashWidth", "length.missing"));
            }
            return width;
        }

        private Finishing finishing(FinishForm typed) {
            List<BorderDesign> borders = new ArrayList<>();
            List<FinishForm.BorderRow> rows = Typed.list(typed.borders());
            for (int i = 0; i < rows.size(); i++) {
                FinishForm.BorderRow row = rows.get(i);
                String place = "finish.borders." + i + ".";
                if (!row.isBlank()) {
                    BorderCorners corners = reader.choice(place + "corners", row.corners(), BorderCorners.class)
                            .orElse(BorderCorners.BUTTED);
                    Grain grain = reader.choice(place + "grain", row.grain(), Grain.class).orElse(Grain.SHORTER);
                    Optional<RoleKey> squares = corners == BorderCorners.CORNERSTONES
                            ? role(place + "cornerstones", row.cornerstones())
                            : Optional.empty();
                    role(place + "role", row.role()).ifPresent(role -> borders.add(
                            new BorderDesign(role, corners, squares, grain, pieced(place, row))));
                }
            }
            Optional<Flange> flange = role("finish.flange", typed.flange()).map(role -> new Flange(
                    role, reader.lengthAboveZero("finish.flangeWidth", typed.flangeWidth(), LengthUnit.INCH, Flange.WIDEST)));
            return new Finishing(
                    borders, flange, role("finish.binding", typed.binding()),
                    reader.choice("finish.bindingCut", typed.bindingCut(), BindingCut.class).orElse(BindingCut.STRAIGHT),
                    role("finish.backing", typed.backing()));
        }

        private Optional<PiecedOf> pieced(String place, FinishForm.BorderRow row) {
            return block(place + "pieced", row.pieced()).map(key -> new PiecedOf(key, block(place + "pieced", row.cornerBlock())));
        }

        private Optional<BlockKey> block(String place, @Nullable String typed) {
            String key = Typed.text(typed);
            Optional<BlockKey> found = drawing.blocks().stream().map(BlockKind::key).filter(one -> one.value().equals(key)).findFirst();
            if (!key.isEmpty() && found.isEmpty()) {
                reader.add(Problem.at(place, "border.no-block"));
            }
            return found;
        }

        private List<Item> items() {
            List<Item> items = new ArrayList<>();
            List<ItemRow> rows = Typed.list(form.items());
            for (int i = 0; i < Math.min(rows.size(), Drawing.MOST_ITEMS); i++) {
                if (!rows.get(i).isBlank()) {
                    Optional<Item> before = i < drawing.items().size() ? Optional.of(drawing.items().get(i)) : Optional.empty();
                    Optional<ItemRow> shown = before.map(item -> ItemRow.of(item, drawing, key -> this.before.design().role(key).letter()));
                    rows.get(i).read("items." + i + ".", before, shown, drawing.blocks(), this::role, context).ifPresent(items::add);
                }
            }
            return items;
        }

        private Problem placed(Problem problem) {
            Problem inRoles = Typed.placed(problem, "roles", Typed.list(form.roles()).stream().map(RoleRow::isBlank).toList());
            Problem inItems = Typed.placed(inRoles, "items", Typed.list(form.items()).stream().map(ItemRow::isBlank).toList());
            Problem inSizes = Typed.placed(inItems, "sizes", Typed.list(form.sizes()).stream().map(SizeRow::isBlank).toList());
            return inSizes.place().equals("places") ? inSizes.movedTo("rule") : inSizes;
        }
    }
}
