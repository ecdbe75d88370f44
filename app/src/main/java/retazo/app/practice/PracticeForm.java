package retazo.app.practice;

import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import retazo.app.shared.FieldReader;
import retazo.core.cloth.LayPractice;
import retazo.core.cloth.LongLay;
import retazo.core.cloth.Margin;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.cloth.ShopPractice;
import retazo.core.measure.Length;
import retazo.core.measure.LengthParts;
import retazo.core.measure.LengthUnit;
import retazo.core.measure.Percent;
import retazo.core.measure.Problem;

/** The settings as typed: a text for every measure by its key, the margin as {@code 5 %}, {@code 1/4 yd} or nothing. */
record PracticeForm(
        @Nullable Map<String, String> measures, @Nullable String margin, @Nullable String sellingUnit, @Nullable String mostSizes,
        @Nullable String layers, @Nullable String longStrips) {

    private static final Pattern PERCENT = Pattern.compile("(\\d{1,3})(?:[.,](\\d{1,2}))?\\s*%");

    static PracticeForm of(ShopPractice practice) {
        Map<String, String> texts = new LinkedHashMap<>();
        practice.measures().forEach((measure, length) ->
                texts.put(measure.key(), LengthParts.of(length, unitOf(measure, practice.sellingUnit())).plainText()));
        String margin = practice.margin().match(
                none -> "none",
                share -> share.percent().toString(),
                extra -> LengthParts.of(extra.length(), practice.sellingUnit()).plainText());
        return new PracticeForm(
                texts, margin, practice.sellingUnit().name(), practice.lay().mostSizes().map(String::valueOf).orElse("any"),
                Integer.toString(practice.lay().layers()), practice.lay().longStrips().name());
    }

    /** Steps and rests are thought of as cloth is sold, all else in inches. */
    private static LengthUnit unitOf(PracticeMeasure measure, LengthUnit sellingUnit) {
        return switch (measure) {
            case SELLING_STEP, SHORTEST_REMNANT -> sellingUnit;
            default -> LengthUnit.INCH;
        };
    }

    public String typed(String key) {
        return measures == null ? "" : measures.getOrDefault(key, "");
    }

    /** The practice, or with problems in the reader an incomplete one that must not be used. */
    Optional<ShopPractice> read(FieldReader reader) {
        LengthUnit unit = "METRE".equals(sellingUnit) ? LengthUnit.METRE : LengthUnit.YARD;
        Map<PracticeMeasure, Length> lengths = new EnumMap<>(PracticeMeasure.class);
        for (PracticeMeasure measure : PracticeMeasure.values()) {
            int before = reader.problems().size();
            Length length = reader.length(measure.key(), typed(measure.key()), unitOf(measure, unit));
            if (reader.problems().size() == before) {
                lengths.put(measure, length);
            }
        }
        ShopPractice.problems(lengths).stream()
                .filter(problem -> !problem.code().equals("length.missing"))
                .forEach(reader::add);
        Margin readMargin = readMargin(reader, unit);
        Optional<Integer> readMost = readMostSizes(reader);
        int readLayers = reader.number("layers", layers, 1, LayPractice.MOST_LAYERS);
        Optional<LongLay> readLong = reader.choice("longStrips", longStrips, LongLay.class);
        return reader.anyProblem()
                ? Optional.empty()
                : Optional.of(new ShopPractice(lengths, readMargin, unit, new LayPractice(readMost, readLayers, readLong.orElseThrow())));
    }

    private Optional<Integer> readMostSizes(FieldReader reader) {
        String text = mostSizes == null ? "" : mostSizes.strip();
        return text.isEmpty() || text.equalsIgnoreCase("any")
                ? Optional.empty() : Optional.of(reader.number("mostSizes", text, 1, LayPractice.MOST_SIZES));
    }

    private Margin readMargin(FieldReader reader, LengthUnit unit) {
        String text = margin == null ? "" : margin.strip();
        Matcher percent = PERCENT.matcher(text);
        if (text.isEmpty() || text.equalsIgnoreCase("none") || text.equals("0")) {
            return new Margin.None();
        }
        if (percent.matches()) {
            String rest = percent.group(2) == null ? "00" : (percent.group(2) + "0").substring(0, 2);
            int hundredths = Integer.parseInt(percent.group(1)) * 100 + Integer.parseInt(rest);
            if (hundredths > 5_000) {
                reader.add(Problem.at("margin", "practice.margin-share"));
                return new Margin.None();
            }
            return hundredths == 0 ? new Margin.None() : new Margin.Share(new Percent(hundredths));
        }
        Length length = reader.length("margin", text, unit);
        if (length.isLongerThan(Length.ofYards(2, 1))) {
            reader.add(Problem.at("margin", "length.above-zero", length, Length.ofYards(2, 1)));
        }
        return length.isPositive() ? new Margin.Extra(length) : new Margin.None();
    }
}
