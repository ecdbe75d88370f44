package retazo.app.patterns.library;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import retazo.app.patterns.quilt.PlaceRuleForm;
import retazo.app.shared.LengthView;
import retazo.app.shared.Words;
import retazo.core.cloth.RoleKey;
import retazo.core.quilt.design.Composition;
import retazo.core.quilt.design.Drawing;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.finish.BindingCut;
import retazo.core.quilt.finish.BorderCorners;
import retazo.core.quilt.finish.Finishing;
import retazo.core.quilt.setting.Grain;
import retazo.core.quilt.setting.Setting;

/** How a quilt is put together, in the short words of lists and changes. */
final class CompositionWords {

    private CompositionWords() {
    }

    /** What can be said of a drawing beside its blocks, each under its name. */
    static Map<String, String> entries(Drawing drawing, QuiltDesign design, Words words) {
        Map<String, String> entries = new LinkedHashMap<>();
        Function<RoleKey, String> letters = key -> design.role(key).letter();
        put(entries, "", drawing.quilt(), drawing, letters, words);
        drawing.items().forEach(item -> {
            entries.put(item.name(),
                    item.copies() + " of " + item.columns() + " × " + item.rows() + " blocks" + item.borderWidths().stream()
                            .map(width -> ", border " + LengthView.cut(width).plain()).collect(Collectors.joining()));
            put(entries, item.name() + ": ", item.composition(), drawing, letters, words);
        });
        return entries;
    }

    private static void put(
            Map<String, String> entries, String start, Composition composition, Drawing drawing, Function<RoleKey, String> letters,
            Words words) {
        PlaceRuleForm rule = PlaceRuleForm.of(composition.places(), drawing, letters);
        entries.put(start + "blocks stand", words.text("places." + rule.ruleKind().code()) + ": " + rule.summary());
        entries.put(start + "setting", setting(composition.setting(), letters, words));
        Finishing finishing = composition.finishing();
        entries.put(start + "borders", finishing.borders().stream()
                .map(border -> letters.apply(border.role())
                        + (border.corners() == BorderCorners.BUTTED ? "" : " " + words.text("corners." + border.corners()))
                        + border.cornerstones().map(role -> " " + letters.apply(role)).orElse("")
                        + (border.grain() == Grain.SHORTER ? "" : ", " + words.text("grain." + border.grain())))
                .collect(Collectors.joining("; ")));
        entries.put(start + "flange", finishing.flange()
                .map(flange -> letters.apply(flange.role()) + ", " + LengthView.cut(flange.width()).plain()).orElse("none"));
        entries.put(start + "binding", finishing.binding().map(letters)
                .map(letter -> letter + (finishing.bindingCut() == BindingCut.BIAS ? ", on the bias" : "")).orElse("none"));
        entries.put(start + "backing", finishing.backing().map(letters).orElse("none"));
    }

    private static String setting(Setting setting, Function<RoleKey, String> letters, Words words) {
        String laid = setting.match(
                straight -> words.text("setting.straight"),
                onPoint -> onPoint.edges().match(
                        triangles -> words.text("setting.triangles")
                                + " " + letters.apply(triangles.sides()) + ", " + letters.apply(triangles.corners()),
                        blocks -> words.text("setting.blocks") + ", " + words.text("cut." + blocks.cut())));
        return laid + setting.sashing()
                .map(sashing -> "; sashes " + letters.apply(sashing.role()) + ", " + LengthView.cut(sashing.width()).plain()
                        + (sashing.framed() ? ", framed" : "")
                        + sashing.cornerstones().map(role -> ", cornerstones " + letters.apply(role)).orElse(""))
                .orElse("");
    }
}
