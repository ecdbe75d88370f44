package retazo.core.cases;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import retazo.core.block.Block;
import retazo.core.block.BlockKey;
import retazo.core.block.Cell;
import retazo.core.block.Orientation;
import retazo.core.block.Patch;
import retazo.core.block.Role;
import retazo.core.block.RoleKey;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.cloth.ShopPractice;
import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.explain.Origin;
import retazo.core.measure.Count;
import retazo.core.measure.Length;
import retazo.core.quilt.BackingSheet;
import retazo.core.quilt.BlockKind;
import retazo.core.quilt.BorderCorners;
import retazo.core.quilt.BorderDesign;
import retazo.core.quilt.BorderPieces;
import retazo.core.quilt.Drawing;
import retazo.core.quilt.PlaceRule;
import retazo.core.quilt.QuiltDesign;
import retazo.core.quilt.QuiltPlan;
import retazo.core.quilt.QuiltPlanner;
import retazo.core.quilt.QuiltSize;
import retazo.core.quilt.Setting;
import retazo.core.quilt.SizeKey;

/** Puts a case's input to the core and writes its answer in the form of the case files. */
final class CaseAnswers {

    private static final RoleKey A = new RoleKey("A");

    private CaseAnswers() {
    }

    static Map<String, Object> straightSetting(CaseObject input) {
        for (String key : List.of("layout", "sash", "framed", "cornerstones", "edges")) {
            input.get(key);
        }
        input.length("seam");
        input.length("cutStep");
        QuiltSize.Grid size = QuiltSize.Grid.of(
                new SizeKey("case"), "case", input.number("columns"), input.number("rows"), List.of());
        Setting.Layout layout = new Setting.Straight()
                .layOut("case", block(input.length("block"), input.length("block")), size);
        Map<String, Object> answer = new LinkedHashMap<>();
        answer.put("blocks", layout.blocks().value().toString());
        answer.put("width", text(layout.width().value()));
        answer.put("height", text(layout.height().value()));
        answer.put("sashes", List.of());
        answer.put("cornerstones", "none");
        return answer;
    }

    static Map<String, Object> finishing(CaseObject input) {
        CaseObject backing = input.object("backing");
        Optional<CaseObject> binding = input.optionalObject("binding");
        ShopPractice practice = ShopPractice.customary()
                .with(PracticeMeasure.SEAM_ALLOWANCE, input.length("seam"))
                .with(PracticeMeasure.BORDER_TRIM, Length.ZERO)
                .with(PracticeMeasure.BACKING_OVERAGE, backing.length("overage"));
        if (binding.isPresent()) {
            practice = practice.with(PracticeMeasure.BINDING_WIDTH, binding.get().length("stripWidth"));
        }
        List<CaseObject> borders = input.objects("borders");
        borders.forEach(border -> border.text("corners"));
        QuiltPlan plan = plan(
                1, 1, block(input.length("width"), input.length("height")),
                borders.stream().map(border -> border.length("width")).toList(), practice);
        Figure<Length> usableWidth = given(input.length("usableWidth"));
        Map<String, Object> answer = new LinkedHashMap<>();
        answer.put("borders", plan.borders().stream().map(border -> border(border, usableWidth)).toList());
        answer.put("finishedWidth", text(plan.finished().orElseThrow().width().value()));
        answer.put("finishedHeight", text(plan.finished().orElseThrow().height().value()));
        answer.put("binding", binding.isEmpty() ? "none" : Map.of(
                "length", text(plan.binding().orElseThrow().length().value()),
                "strips", plan.binding().orElseThrow().strips(usableWidth).value().toString()));
        answer.put("backing", backing(plan.backing().orElseThrow(), given(backing.length("usableWidth")), given(backing.length("wideWidth"))));
        return answer;
    }

    private static Map<String, Object> border(BorderPieces border, Figure<Length> usableWidth) {
        Map<String, Object> answer = new LinkedHashMap<>();
        answer.put("pieces", List.of(longPiece(border, border.side()), longPiece(border, border.end())));
        answer.put("stripsAcross", border.strips(usableWidth).value().toString());
        answer.put("alongLength", border.alongLength(usableWidth.value()).map(CaseAnswers::text).orElse("none"));
        return answer;
    }

    private static Map<String, Object> longPiece(BorderPieces border, Figure<Length> length) {
        return Map.of("width", text(border.cutWidth().value()), "length", text(length.value()), "count", "2");
    }

    private static Map<String, Object> backing(BackingSheet sheet, Figure<Length> usableWidth, Figure<Length> wideWidth) {
        Map<String, Object> answer = new LinkedHashMap<>();
        answer.put("vertical", panels(sheet.panels(BackingSheet.Seams.VERTICAL, usableWidth)));
        answer.put("horizontal", panels(sheet.panels(BackingSheet.Seams.HORIZONTAL, usableWidth)));
        BackingSheet.Panels wide = sheet.fewest(wideWidth);
        answer.put("wide", wide.panels().value().equals(Count.ONE) ? Map.of("length", text(wide.length().value())) : "none");
        return answer;
    }

    private static Map<String, Object> panels(BackingSheet.Panels panels) {
        return Map.of("panels", panels.panels().value().toString(), "length", text(panels.length().value()));
    }

    private static QuiltPlan plan(int columns, int rows, Block block, List<Length> borders, ShopPractice practice) {
        QuiltSize size = QuiltSize.Grid.of(new SizeKey("case"), "case", columns, rows, borders);
        BlockKey key = new BlockKey("case");
        Drawing drawing = new Drawing(
                List.of(new BlockKind(key, "case", block)),
                PlaceRule.uniform(key),
                new Setting.Straight(),
                borders.stream().map(border -> new BorderDesign(A, BorderCorners.BUTTED)).toList(),
                Optional.of(A),
                Optional.of(A));
        QuiltDesign design = QuiltDesign.drawn(List.of(Role.of(A, "A", "all")), List.of(size), drawing);
        return new QuiltPlanner(practice).plan(design, size);
    }

    /** A block of this size; larger than a grid line may be, it is made of two. */
    private static Block block(Length width, Length height) {
        List<Length> columns = lines(width);
        List<Length> rows = lines(height);
        return Block.of(columns, rows, List.of(
                new Cell(0, 0, columns.size(), rows.size(), new Patch(A), Orientation.UPRIGHT)));
    }

    private static List<Length> lines(Length side) {
        List<Length> lines = new java.util.ArrayList<>();
        Length left = side;
        while (left.isLongerThan(Block.LARGEST_LINE)) {
            lines.add(Block.LARGEST_LINE);
            left = left.minus(Block.LARGEST_LINE);
        }
        lines.add(left);
        return lines;
    }

    /** As in the case files: inches without the unit. */
    static String text(Length length) {
        return length.toString().replace(" in", "");
    }

    static Figure<Length> given(Length length) {
        return Figure.given("case", Label.of("case"), length, Origin.pattern("case"));
    }
}
