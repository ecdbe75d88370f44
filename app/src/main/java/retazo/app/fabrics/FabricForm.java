package retazo.app.fabrics;

import java.util.Currency;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import retazo.app.shared.FieldReader;
import retazo.app.shared.Typed;
import retazo.core.cloth.ClothKind;
import retazo.core.cloth.ClothPrice;
import retazo.core.cloth.Colour;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.cloth.Prices;
import retazo.core.cloth.PrintKind;
import retazo.core.measure.Length;
import retazo.core.measure.LengthParts;
import retazo.core.measure.LengthUnit;
import retazo.core.measure.Problem;

/** A fabric as typed. An empty usable width means the shop's own; a price that is left empty is not known. */
public record FabricForm(
        @Nullable String code,
        @Nullable String name,
        @Nullable String groundColour,
        @Nullable String printColour,
        @Nullable String motif,
        @Nullable String kind,
        @Nullable String direction,
        @Nullable String repeat,
        @Nullable String usableWidth,
        @Nullable String price,
        @Nullable String cost,
        @Nullable OriginForm origin) {

    /** Where it comes from, as typed. */
    public record OriginForm(@Nullable String range, @Nullable String supplier) {

        Origin read(FieldReader reader) {
            return new Origin(
                    reader.optionalText("origin.range", range, 60), reader.optionalText("origin.supplier", supplier, 60));
        }
    }

    /** Without anything where it comes from is not known. */
    public FabricForm {
        origin = origin == null ? new OriginForm("", "") : origin;
    }

    private OriginForm from() {
        return Objects.requireNonNull(origin, "origin");
    }

    private static final Length LEAST_REPEAT = Length.ofInches(1, 8);
    private static final Length LARGEST_REPEAT = Length.ofInches(144);

    static FabricForm empty() {
        return new FabricForm("", "", "#5f7f6a", "#e6dcc3", Motif.FLECKS.name(), ClothKind.COTTON.name(), PrintKind.ALL_OVER.name(), "", "",
                "", "", null);
    }

    public static FabricForm of(Fabric fabric) {
        return new FabricForm(
                fabric.code(), fabric.name(), fabric.groundColour().toString(), fabric.printColour().toString(), fabric.motif().name(),
                fabric.kind().name(), fabric.print().name(),
                fabric.repeat().map(length -> LengthParts.exactText(length, LengthUnit.INCH)).orElse(""),
                fabric.usableWidth().map(width -> LengthParts.exactText(width, LengthUnit.INCH)).orElse(""),
                fabric.prices().price().map(one -> one.each().plainAmount()).orElse(""),
                fabric.prices().cost().map(one -> one.each().plainAmount()).orElse(""),
                new OriginForm(fabric.origin().range(), fabric.origin().supplier()));
    }

    /** What stands in its fields. */
    public Map<String, String> texts() {
        Map<String, String> texts = new LinkedHashMap<>();
        texts.put("code", Typed.text(code).toUpperCase(Locale.ROOT));
        texts.put("name", Typed.text(name));
        texts.put("groundColour", Typed.text(groundColour));
        texts.put("printColour", Typed.text(printColour));
        texts.put("motif", Typed.text(motif));
        texts.put("kind", Typed.text(kind));
        texts.put("direction", Typed.text(direction));
        texts.put("repeat", Typed.text(repeat));
        texts.put("usableWidth", Typed.text(usableWidth));
        texts.put("price", Typed.text(price));
        texts.put("cost", Typed.text(cost));
        texts.put("origin.range", Typed.text(from().range()));
        texts.put("origin.supplier", Typed.text(from().supplier()));
        return texts;
    }

    /**
     * @param currency of the prices
     * @param unit     that they are for one of
     */
    public Optional<NewFabric> read(FieldReader reader, Currency currency, LengthUnit unit) {
        String readCode = reader.text("code", code, 20).toUpperCase(Locale.ROOT);
        if (!readCode.isEmpty() && !readCode.matches("[A-Z0-9][A-Z0-9-]{0,19}")) {
            reader.add(Problem.at("code", "fabric.code"));
        }
        String readName = reader.text("name", name, 60);
        Optional<Colour> ground = colour("groundColour", groundColour, reader);
        Optional<Colour> print = colour("printColour", printColour, reader);
        Optional<Motif> readMotif = reader.choice("motif", motif, Motif.class);
        Optional<ClothKind> readKind = reader.choice("kind", kind, ClothKind.class);
        Optional<PrintKind> readDirection = reader.choice("direction", direction, PrintKind.class);
        Optional<Length> readRepeat = limited("repeat", repeat, LEAST_REPEAT, LARGEST_REPEAT, "fabric.repeat", reader);
        PracticeMeasure limits = PracticeMeasure.USABLE_WIDTH;
        Optional<Length> width = limited("usableWidth", usableWidth, limits.least(), limits.most(), "practice.out-of-limits", reader);
        Prices<ClothPrice> prices = new Prices<>(
                reader.money("price", price, currency).map(each -> new ClothPrice(each, unit)),
                reader.money("cost", cost, currency).map(each -> new ClothPrice(each, unit)));
        Origin readOrigin = from().read(reader);
        return reader.anyProblem()
                ? Optional.empty()
                : Optional.of(
                        new NewFabric(readCode, readName, ground.orElseThrow(), print.orElseThrow(), readMotif.orElseThrow(),
                                readKind.orElseThrow(), readDirection.orElseThrow(), readRepeat, width, prices, readOrigin));
    }

    private static Optional<Length> limited(
            String field, @Nullable String typed, Length least, Length most, String code, FieldReader reader) {
        if (typed == null || typed.isBlank()) {
            return Optional.empty();
        }
        int before = reader.problems().size();
        Length length = reader.length(field, typed, LengthUnit.INCH);
        if (reader.problems().size() == before && (length.isShorterThan(least) || length.isLongerThan(most))) {
            reader.add(Problem.at(field, code, length, least, most));
        }
        return Optional.of(length);
    }

    private static Optional<Colour> colour(String field, @Nullable String typed, FieldReader reader) {
        String text = typed == null ? "" : typed.strip().toLowerCase(Locale.ROOT);
        if (!Colour.isWritten(text)) {
            reader.add(Problem.at(field, "fabric.colour"));
            return Optional.empty();
        }
        return Optional.of(Colour.parse(text));
    }
}
