package retazo.app.patterns.library;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import retazo.app.patterns.quilt.PlaceRuleForm;
import retazo.app.shared.LengthView;
import retazo.app.shared.Words;
import retazo.core.block.BlockKey;
import retazo.core.cloth.RoleKey;
import retazo.core.measure.Length;
import retazo.core.quilt.design.Composition;
import retazo.core.quilt.design.Drawing;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.finish.BindingCut;
import retazo.core.quilt.finish.BorderCorners;
import retazo.core.quilt.finish.BorderDesign;
import retazo.core.quilt.finish.Finishing;
import retazo.core.quilt.setting.Grain;
import retazo.core.quilt.setting.Sashing;
import retazo.core.quilt.setting.Setting;

/** How a quilt is put together, in the short words of lists and changes. */
record CompositionWords(Drawing drawing, QuiltDesign design, Words words) {

    private static final String BETWEEN = ", ";

    /** What can be said of a drawing beside its blocks, each under its name. */
    Map<String, String> entries() {
        Map<String, String> entries = new LinkedHashMap<>();
        put(entries, name -> name, drawing.quilt());
        drawing.items().forEach(item -> {
            String made = words.text("change.item", item.copies(), item.columns(), item.rows());
            entries.put(item.name(), joined(Stream.concat(Stream.of(made), borders(item.borderWidths()))));
            put(entries, name -> words.text("change.of-item", item.name(), name), item.composition());
        });
        return entries;
    }

    private void put(Map<String, String> entries, UnaryOperator<String> named, Composition composition) {
        PlaceRuleForm rule = PlaceRuleForm.of(composition.places(), drawing, this::letter);
        Finishing finishing = composition.finishing();
        Map<String, String> values = new LinkedHashMap<>();
        values.put("stand", words.text("change.rule", words.text("places." + rule.ruleKind().code()), rule.summary()));
        values.put("setting", setting(composition.setting()));
        values.put("borders", finishing.borders().stream().map(this::border).collect(Collectors.joining("; ")));
        values.put("flange", finishing.flange().map(flange -> letter(flange.role()) + BETWEEN + cut(flange.width())).orElseGet(this::none));
        values.put("binding", finishing.binding().map(this::letter)
                .map(letter -> finishing.bindingCut() == BindingCut.BIAS ? words.text("change.on-bias", letter) : letter)
                .orElseGet(this::none));
        values.put("backing", finishing.backing().map(this::letter).orElseGet(this::none));
        values.forEach((name, value) -> entries.put(named.apply(words.text("change.name." + name)), value));
    }

    private String border(BorderDesign border) {
        Optional<String> corners = border.corners() == BorderCorners.BUTTED
                ? Optional.empty()
                : Optional.of(words.text("corners." + border.corners()));
        Stream<String> role = Stream.of(Optional.of(letter(border.role())), corners, border.cornerstones().map(this::letter))
                .flatMap(Optional::stream);
        Stream<String> grain = border.grain() == Grain.SHORTER ? Stream.empty() : Stream.of(words.text("grain." + border.grain()));
        Stream<String> pieced = border.pieced().stream().map(of -> words.text(
                "change.pieced", of.block().value(), of.corner().map(BlockKey::value).orElse(""), of.corner().isPresent()));
        return joined(Stream.of(Stream.of(role.collect(Collectors.joining(" "))), grain, pieced).flatMap(parts -> parts));
    }

    private String setting(Setting setting) {
        String laid = setting.match(
                straight -> words.text("setting.straight"),
                onPoint -> onPoint.edges().match(
                        triangles -> words.text("change.triangles", words.text("setting.triangles"), letter(triangles.sides()),
                                letter(triangles.corners())),
                        blocks -> words.text("setting.blocks") + BETWEEN + words.text("cut." + blocks.cut())));
        return setting.sashing().map(sashing -> laid + "; " + sashes(sashing)).orElse(laid);
    }

    private String sashes(Sashing sashing) {
        Stream<String> framed = sashing.framed() ? Stream.of(words.text("change.framed")) : Stream.empty();
        Stream<String> stones = sashing.cornerstones().stream().map(role -> words.text("change.cornerstones", letter(role)));
        return joined(Stream.of(
                Stream.of(words.text("change.sashes", letter(sashing.role()), cut(sashing.width()))), framed, stones)
                .flatMap(parts -> parts));
    }

    /** Borders of these widths, in words. */
    private Stream<String> borders(List<Length> widths) {
        return widths.stream().map(width -> words.text("change.border", cut(width)));
    }

    private static String joined(Stream<String> parts) {
        return parts.collect(Collectors.joining(BETWEEN));
    }

    private static String cut(Length length) {
        return LengthView.cut(length).plain();
    }

    private String letter(RoleKey role) {
        return design.role(role).letter();
    }

    private String none() {
        return words.text("change.none");
    }
}
