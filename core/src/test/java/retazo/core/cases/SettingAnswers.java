package retazo.core.cases;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import retazo.core.block.shape.CutPiece;
import retazo.core.block.shape.Subcut;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.cloth.RoleKey;
import retazo.core.cloth.ShopPractice;
import retazo.core.measure.Count;
import retazo.core.measure.Length;
import retazo.core.quilt.finish.Finishing;
import retazo.core.quilt.plan.QuiltPlan;
import retazo.core.quilt.setting.Edges;
import retazo.core.quilt.setting.Layout;
import retazo.core.quilt.setting.Sashing;
import retazo.core.quilt.setting.Setting;
import retazo.core.quilt.setting.Use;
import retazo.core.quilt.size.QuiltSize;
import retazo.core.quilt.size.SizeKey;

/** Puts the cases of layouts to the core. */
final class SettingAnswers {

    private static final RoleKey A = new RoleKey("A");

    private SettingAnswers() {
    }

    static Map<String, Object> of(CaseObject input) {
        ShopPractice practice = ShopPractice.customary()
                .with(PracticeMeasure.SEAM_ALLOWANCE, input.length("seam"))
                .with(PracticeMeasure.CUTTING_STEP, input.length("cutStep"));
        boolean straight = input.text("layout").equals("straight");
        Optional<String> edges = input.optionalText("edges");
        boolean cutUp = edges.filter("blocks"::equals).isPresent();
        int halves = cutUp ? 2 : 1;
        QuiltSize.Grid size = QuiltSize.Grid.of(
                new SizeKey("case"), "case", input.number("columns") * halves, input.number("rows") * halves, List.of());
        Setting setting = straight ? straight(input) : onPoint(input, cutUp);
        QuiltPlan plan = FinishingAnswers.plan(
                size, FinishingAnswers.block(input.length("block"), input.length("block")), setting, Finishing.NONE, practice);
        return straight ? straight(plan) : onPoint(plan, cutUp);
    }

    private static Setting straight(CaseObject input) {
        boolean framed = input.flag("framed");
        Optional<RoleKey> cornerstones = input.flag("cornerstones") ? Optional.of(A) : Optional.empty();
        return new Setting.Straight(input.optionalText("sash").map(width -> new Sashing(A, Length.parse(width), framed, cornerstones)));
    }

    private static Setting onPoint(CaseObject input, boolean cutUp) {
        if (input.optionalText("sash").isPresent() || input.flag("framed") || input.flag("cornerstones")) {
            throw new AssertionError("A case on point with sashes.");
        }
        Edges edges = cutUp ? new Edges.CutBlocks(Edges.CutBlocks.Cut.THROUGH_CENTRE) : new Edges.Triangles(A, A);
        return new Setting.OnPoint(edges, Optional.empty());
    }

    private static Map<String, Object> straight(QuiltPlan plan) {
        Layout layout = plan.layout().orElseThrow();
        Map<String, Object> answer = new LinkedHashMap<>();
        answer.put("blocks", layout.blocks().value().toString());
        answer.put("width", FinishingAnswers.text(layout.width().quoted().value()));
        answer.put("height", FinishingAnswers.text(layout.height().quoted().value()));
        List<Object> sashes = new ArrayList<>();
        List<CutPiece> pieces = layout.pieces().stream().filter(piece -> piece.use().equals(Use.SASH)).map(Layout.SettingPiece::piece)
                .toList();
        pieces.forEach(piece -> sashes.add(sash(
                piece.count().key().contains("upright") ? "vertical" : "horizontal", piece.shape().stripHeight().value(),
                piece.shape().across().value(), piece.count().value())));
        layout.longPieces().forEach(row -> sashes.add(sash(
                "horizontal", row.cutWidth().value(), row.pieces().get(0).length().value(), row.pieces().get(0).count().value())));
        answer.put("sashes", sashes);
        answer.put("cornerstones", layout.pieces().stream().filter(piece -> piece.use().equals(Use.CORNERSTONE)).findFirst()
                .<Object>map(stones -> square(stones.piece())).orElse("none"));
        return answer;
    }

    private static Map<String, Object> sash(String name, Length width, Length length, Count count) {
        return Map.of(
                "name", name, "width", FinishingAnswers.text(width), "length", FinishingAnswers.text(length), "count", count.toString());
    }

    private static Map<String, Object> square(CutPiece squares) {
        return Map.of("count", squares.count().value().toString(), "side", FinishingAnswers.text(squares.shape().across().value()));
    }

    private static Map<String, Object> onPoint(QuiltPlan plan, boolean cutUp) {
        Layout layout = plan.layout().orElseThrow();
        Map<String, Object> answer = new LinkedHashMap<>();
        answer.put("blocks", layout.blocks().value().toString());
        answer.put("widthDecimal", layout.width().exact().toDecimalInches(6));
        answer.put("heightDecimal", layout.height().exact().toDecimalInches(6));
        if (cutUp) {
            answer.put("extraBlocks", layout.extra().orElseThrow().value().toString());
            return answer;
        }
        triangles(answer, layout, "side", Subcut.TWICE);
        triangles(answer, layout, "corner", Subcut.ONCE);
        return answer;
    }

    private static void triangles(Map<String, Object> answer, Layout layout, String name, Subcut subcut) {
        Optional<CutPiece> squares = layout.pieces().stream()
                .map(Layout.SettingPiece::piece)
                .filter(piece -> piece.shape().code().equals(subcut == Subcut.TWICE ? "cut-twice" : "cut-once"))
                .findFirst();
        answer.put(name + "Triangles", squares.map(piece -> piece.count().operands().get(0).value().toString()).orElse("0"));
        answer.put(name + "Squares", squares.<Object>map(SettingAnswers::square).orElse("none"));
    }
}
