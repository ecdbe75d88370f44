package retazo.app.patterns.file;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import retazo.core.block.shape.Turn;
import retazo.core.cloth.RoleKey;
import retazo.core.quilt.design.Composition;
import retazo.core.quilt.finish.BindingCut;
import retazo.core.quilt.finish.BorderDesign;
import retazo.core.quilt.finish.Finishing;
import retazo.core.quilt.place.ColourSetRule;
import retazo.core.quilt.place.CycleRule;
import retazo.core.quilt.place.GradientRule;
import retazo.core.quilt.place.MapRule;
import retazo.core.quilt.place.PlaceRule;
import retazo.core.quilt.place.PointRule;
import retazo.core.quilt.place.PositionRule;
import retazo.core.quilt.setting.Edges;
import retazo.core.quilt.setting.Grain;
import retazo.core.quilt.setting.Sashing;

/** Writes where blocks stand, how they are laid out and what lies around them, as the values of a pattern's file. */
final class CompositionFileWriter {

    private CompositionFileWriter() {
    }

    static Map<String, Object> write(Composition composition) {
        Map<String, Object> object = new LinkedHashMap<>();
        object.put("places", composition.places().match(new Places()));
        object.put("setting", composition.setting().match(straight -> "straight", onPoint -> "on-point"));
        composition.setting().match(straight -> Optional.<Edges>empty(), onPoint -> Optional.of(onPoint.edges()))
                .ifPresent(edges -> object.put("edges", edges(edges)));
        composition.setting().sashing().ifPresent(sashing -> object.put("sashing", sashing(sashing)));
        Finishing finishing = composition.finishing();
        if (!finishing.borders().isEmpty()) {
            object.put("borders", finishing.borders().stream().map(CompositionFileWriter::border).toList());
        }
        finishing.flange().ifPresent(flange -> object.put("flange", roleAndWidth(flange.role(), flange.width().toString())));
        finishing.binding().ifPresent(role -> object.put("binding", role.value()));
        if (finishing.bindingCut() != BindingCut.STRAIGHT) {
            object.put("bindingCut", PatternFileWriter.code(finishing.bindingCut()));
        }
        finishing.backing().ifPresent(role -> object.put("backing", role.value()));
        return object;
    }

    private static Map<String, Object> roleAndWidth(RoleKey role, String width) {
        Map<String, Object> object = new LinkedHashMap<>();
        object.put("role", role.value());
        object.put("width", width);
        return object;
    }

    private static Map<String, Object> edges(Edges edges) {
        Map<String, Object> object = new LinkedHashMap<>();
        edges.match(
                triangles -> {
                    object.put("kind", "triangles");
                    object.put("sides", triangles.sides().value());
                    return object.put("corners", triangles.corners().value());
                },
                blocks -> {
                    object.put("kind", "blocks");
                    return object.put("cut", PatternFileWriter.code(blocks.cut()));
                });
        return object;
    }

    private static Map<String, Object> sashing(Sashing sashing) {
        Map<String, Object> object = roleAndWidth(sashing.role(), sashing.width().toString());
        if (sashing.framed()) {
            object.put("framed", true);
        }
        sashing.cornerstones().ifPresent(role -> object.put("cornerstones", role.value()));
        return object;
    }

    private static Map<String, Object> border(BorderDesign border) {
        Map<String, Object> object = new LinkedHashMap<>();
        object.put("role", border.role().value());
        object.put("corners", PatternFileWriter.code(border.corners()));
        border.cornerstones().ifPresent(role -> object.put("cornerstones", role.value()));
        if (border.grain() != Grain.SHORTER) {
            object.put("grain", PatternFileWriter.code(border.grain()));
        }
        border.pieced().ifPresent(pieced -> {
            object.put("piecedOf", pieced.block().value());
            pieced.corner().ifPresent(corner -> object.put("cornerBlock", corner.value()));
        });
        return object;
    }

    private static List<String> texts(List<?> values) {
        return values.stream().map(Object::toString).toList();
    }

    /** Each kind of rule as an object; a cycle has no name of its own. */
    private static final class Places implements PlaceRule.Cases<Map<String, Object>> {

        private static Map<String, Object> named(PlaceRuleKind kind) {
            Map<String, Object> object = new LinkedHashMap<>();
            object.put("rule", kind.code());
            return object;
        }

        private static void putSteps(Map<String, Object> object, List<PlaceRule.Step> steps) {
            object.put("kinds", texts(steps.stream().map(PlaceRule.Step::kind).toList()));
            if (steps.stream().anyMatch(step -> step.turn() != Turn.NONE)) {
                object.put("turns", steps.stream().map(step -> step.turn().degrees()).toList());
            }
        }

        @Override
        public Map<String, Object> cycle(CycleRule rule) {
            Map<String, Object> object = new LinkedHashMap<>();
            object.put("cycle", PatternFileWriter.code(rule.line()));
            putSteps(object, rule.steps());
            return object;
        }

        @Override
        public Map<String, Object> byPosition(PositionRule rule) {
            Map<String, Object> object = named(PlaceRuleKind.BY_POSITION);
            object.put("corner", rule.corner().value());
            object.put("edge", rule.edge().value());
            object.put("interior", rule.interior().value());
            object.put("facing", PatternFileWriter.code(rule.facing()));
            return object;
        }

        @Override
        public Map<String, Object> gradient(GradientRule rule) {
            Map<String, Object> object = named(PlaceRuleKind.GRADIENT);
            object.put("line", PatternFileWriter.code(rule.line()));
            object.put("main", rule.main().value());
            rule.between().ifPresent(between -> object.put("between", between.value()));
            object.put("colours", texts(rule.colours()));
            return object;
        }

        @Override
        public Map<String, Object> points(PointRule rule) {
            Map<String, Object> object = named(PlaceRuleKind.POINTS);
            object.put("block", rule.kind().value());
            object.put("accent", rule.accent().value());
            object.put("without", rule.without().value());
            object.put("colours", texts(rule.colours()));
            return object;
        }

        @Override
        public Map<String, Object> colourSets(ColourSetRule rule) {
            Map<String, Object> object = named(PlaceRuleKind.COLOUR_SETS);
            object.put("block", rule.kind().value());
            object.put("sets", rule.sets().stream().map(set -> {
                Map<String, Object> written = new LinkedHashMap<>();
                written.put("times", set.times());
                written.put("changes", new TreeMap<>(set.changes()).entrySet().stream()
                        .map(change -> Map.of("role", change.getKey().value(), "becomes", change.getValue().value())).toList());
                return written;
            }).toList());
            return object;
        }

        @Override
        public Map<String, Object> handMap(MapRule rule) {
            Map<String, Object> object = named(PlaceRuleKind.MAP);
            object.put("columns", rule.columns());
            object.put("rows", rule.rows());
            object.put("fill", PatternFileWriter.code(rule.fill()));
            putSteps(object, rule.steps());
            return object;
        }
    }
}
