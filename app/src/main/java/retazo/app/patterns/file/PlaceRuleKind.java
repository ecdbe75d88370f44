package retazo.app.patterns.file;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import retazo.core.quilt.place.ColourSetRule;
import retazo.core.quilt.place.CycleRule;
import retazo.core.quilt.place.GradientRule;
import retazo.core.quilt.place.MapRule;
import retazo.core.quilt.place.PlaceRule;
import retazo.core.quilt.place.PointRule;
import retazo.core.quilt.place.PositionRule;

/** The kinds of place rules by the names that forms and files use. */
public enum PlaceRuleKind {
    CYCLE,
    BY_POSITION,
    GRADIENT,
    POINTS,
    COLOUR_SETS,
    MAP;

    public static final Map<String, PlaceRuleKind> BY_CODE = Stream.of(values())
            .collect(Collectors.toMap(PlaceRuleKind::code, name -> name, (a, b) -> a, LinkedHashMap::new));

    public String code() {
        return PatternFileWriter.code(this);
    }

    static PlaceRuleKind of(PlaceRule rule) {
        return rule.match(new PlaceRule.Cases<>() {
            @Override
            public PlaceRuleKind cycle(CycleRule cycle) {
                return CYCLE;
            }

            @Override
            public PlaceRuleKind byPosition(PositionRule position) {
                return BY_POSITION;
            }

            @Override
            public PlaceRuleKind gradient(GradientRule gradient) {
                return GRADIENT;
            }

            @Override
            public PlaceRuleKind points(PointRule points) {
                return POINTS;
            }

            @Override
            public PlaceRuleKind colourSets(ColourSetRule sets) {
                return COLOUR_SETS;
            }

            @Override
            public PlaceRuleKind handMap(MapRule map) {
                return MAP;
            }
        });
    }
}
