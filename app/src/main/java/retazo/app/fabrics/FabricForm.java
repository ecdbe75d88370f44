package retazo.app.fabrics;

import java.util.Locale;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import retazo.app.shared.FieldReader;
import retazo.core.cloth.ClothKind;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.measure.Length;
import retazo.core.measure.LengthUnit;
import retazo.core.measure.Problem;

/** A new fabric as typed. An empty usable width means the shop's own. */
record FabricForm(
        @Nullable String code,
        @Nullable String name,
        @Nullable String groundColour,
        @Nullable String printColour,
        @Nullable String motif,
        @Nullable String kind,
        @Nullable String usableWidth) {

    static FabricForm empty() {
        return new FabricForm("", "", "#5f7f6a", "#e6dcc3", Motif.FLECKS.name(), ClothKind.COTTON.name(), "");
    }

    Optional<NewFabric> read(FieldReader reader) {
        String readCode = reader.text("code", code, 20).toUpperCase(Locale.ROOT);
        if (!readCode.isEmpty() && !readCode.matches("[A-Z0-9][A-Z0-9-]{0,19}")) {
            reader.add(Problem.at("code", "fabric.code"));
        }
        String readName = reader.text("name", name, 60);
        String ground = colour("groundColour", groundColour, reader);
        String print = colour("printColour", printColour, reader);
        Optional<Motif> readMotif = reader.choice("motif", motif, Motif.class);
        Optional<ClothKind> readKind = reader.choice("kind", kind, ClothKind.class);
        Optional<Length> width = width(reader);
        return reader.anyProblem()
                ? Optional.empty()
                : Optional.of(new NewFabric(readCode, readName, ground, print, readMotif.orElseThrow(), readKind.orElseThrow(), width));
    }

    private Optional<Length> width(FieldReader reader) {
        if (usableWidth == null || usableWidth.isBlank()) {
            return Optional.empty();
        }
        int before = reader.problems().size();
        Length width = reader.length("usableWidth", usableWidth, LengthUnit.INCH);
        PracticeMeasure limits = PracticeMeasure.USABLE_WIDTH;
        if (reader.problems().size() == before && (width.isShorterThan(limits.least()) || width.isLongerThan(limits.most()))) {
            reader.add(Problem.at("usableWidth", "practice.out-of-limits", width, limits.least(), limits.most()));
        }
        return Optional.of(width);
    }

    private static String colour(String field, @Nullable String typed, FieldReader reader) {
        String text = typed == null ? "" : typed.strip().toLowerCase(Locale.ROOT);
        if (!text.matches("#[0-9a-f]{6}")) {
            reader.add(Problem.at(field, "fabric.colour"));
        }
        return text;
    }
}
