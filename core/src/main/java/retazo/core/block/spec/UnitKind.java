package retazo.core.block.spec;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import retazo.core.cloth.PracticeMeasure;

/** The kinds of units, with what is true of every unit of a kind. */
public enum UnitKind {
    PATCH("patch", Traits.of(BiasEdges.NONE, OneWayEffect.CUT_AS_IT_LIES)),
    HALF_SQUARE("half-square", Traits.of(BiasEdges.INSIDE, OneWayEffect.LIES_BOTH_WAYS)
            .trimmedFrom(PracticeMeasure.HALF_SQUARE_OVERSIZE)
            .madeBy(UnitMethod.TWO_AT_A_TIME, UnitMethod.FOUR_AT_A_TIME, UnitMethod.EIGHT_AT_A_TIME, UnitMethod.TRIANGLES)
            .needing(Tool.SQUARE_RULER, Tool.MARKING_PEN)),
    HOURGLASS("hourglass", Traits.of(BiasEdges.INSIDE, OneWayEffect.LIES_BOTH_WAYS)
            .trimmedFrom(PracticeMeasure.HOURGLASS_OVERSIZE)
            .madeBy(UnitMethod.TRIANGLES, UnitMethod.HALF_SQUARES)
            .needing(Tool.SQUARE_RULER)),
    THREE_PATCH("three-patch", Traits.of(BiasEdges.INSIDE, OneWayEffect.LIES_BOTH_WAYS)
            .trimmedFrom(PracticeMeasure.THREE_PATCH_OVERSIZE)
            .needing(Tool.SQUARE_RULER)),
    GEESE("geese", Traits.of(BiasEdges.INSIDE, OneWayEffect.LIES_BOTH_WAYS)
            .trimmedFrom(PracticeMeasure.GEESE_OVERSIZE)
            .madeBy(UnitMethod.FLIP, UnitMethod.FOUR_AT_A_TIME)
            .needing(Tool.MARKING_PEN)),
    CLIPPED("clipped", Traits.of(BiasEdges.INSIDE, OneWayEffect.CUT_AS_IT_LIES)
            .trimmedFrom(PracticeMeasure.CLIPPED_OVERSIZE)
            .needing(Tool.MARKING_PEN)),
    SQUARE_IN_SQUARE("square-in-square", Traits.of(BiasEdges.INSIDE, OneWayEffect.LIES_BOTH_WAYS)
            .trimmedFrom(PracticeMeasure.SQUARE_IN_SQUARE_OVERSIZE)
            .needing(Tool.SQUARE_RULER)),
    STRIP_SET("strip-set", Traits.of(BiasEdges.NONE, OneWayEffect.CUT_AS_IT_LIES)),
    FOUR_PATCH("four-patch", Traits.of(BiasEdges.NONE, OneWayEffect.CUT_AS_IT_LIES)
            .madeBy(UnitMethod.PATCHES, UnitMethod.STRIP_SETS)),
    NINE_PATCH("nine-patch", Traits.of(BiasEdges.NONE, OneWayEffect.CUT_AS_IT_LIES)
            .madeBy(UnitMethod.PATCHES, UnitMethod.STRIP_SETS)),
    WEDGE("wedge", Traits.of(BiasEdges.INSIDE, OneWayEffect.NOT_TURNED_ON_STRIP).needing(Tool.WEDGE_RULER)),
    RING("ring", Traits.of(BiasEdges.INSIDE, OneWayEffect.LIES_AROUND)
            .madeBy(UnitMethod.ONLY, UnitMethod.BLUNT)
            .needing(Tool.WEDGE_RULER)),
    HALF_RECTANGLE("half-rectangle", Traits.of(BiasEdges.INSIDE, OneWayEffect.LIES_BOTH_WAYS)
            .trimmedFrom(PracticeMeasure.HALF_RECTANGLE_OVERSIZE)
            .needing(Tool.SQUARE_RULER)),
    SLASHED("slashed", Traits.of(BiasEdges.INSIDE, OneWayEffect.CUT_AS_IT_LIES).needing(Tool.ANGLE_RULER)),
    TEMPLATES("templates", Traits.of(BiasEdges.OUTSIDE, OneWayEffect.NOT_TURNED_ON_STRIP).needing(Tool.TEMPLATES));

    /** What is true of every unit of a kind. */
    private record Traits(
            BiasEdges bias, OneWayEffect oneWay, Optional<PracticeMeasure> oversize, List<UnitMethod> methods, Set<Tool> tools) {

        static Traits of(BiasEdges bias, OneWayEffect oneWay) {
            return new Traits(bias, oneWay, Optional.empty(), List.of(UnitMethod.ONLY), EnumSet.noneOf(Tool.class));
        }

        Traits trimmedFrom(PracticeMeasure measure) {
            return new Traits(bias, oneWay, Optional.of(measure), methods, tools);
        }

        Traits madeBy(UnitMethod... ways) {
            return new Traits(bias, oneWay, oversize, List.of(ways), tools);
        }

        Traits needing(Tool... needed) {
            return new Traits(bias, oneWay, oversize, methods, Set.of(needed));
        }
    }

    private final String code;
    private final Traits traits;

    UnitKind(String code, Traits traits) {
        this.code = code;
        this.traits = traits;
    }

    /** Its name in files and typed texts. */
    public String code() {
        return code;
    }

    public static Optional<UnitKind> ofCode(String code) {
        return Stream.of(values()).filter(kind -> kind.code.equals(code)).findFirst();
    }

    /** The ways of making it, the customary one first. */
    public List<UnitMethod> methods() {
        return traits.methods();
    }

    public UnitMethod customaryMethod() {
        return traits.methods().get(0);
    }

    /** The setting that says how much larger it is sewn, where it is trimmed. */
    public Optional<PracticeMeasure> oversize() {
        return traits.oversize();
    }

    /** Which edges stretch; made four at a time, the outer edges of half-square triangles do too. */
    public BiasEdges bias(UnitMethod method) {
        return this == HALF_SQUARE && method == UnitMethod.FOUR_AT_A_TIME ? BiasEdges.OUTSIDE : traits.bias();
    }

    /** What it does to a print that reads one way; the patch of a goose by flipping is cut the way it lies, and its corners are laid so. */
    public OneWayEffect oneWay(UnitMethod method) {
        return this == GEESE && method == UnitMethod.FLIP ? OneWayEffect.CUT_AS_IT_LIES : traits.oneWay();
    }

    public Set<Tool> tools() {
        return traits.tools();
    }
}
