package retazo.app.practice;

import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import retazo.app.shared.FieldReader;
import retazo.app.shared.Typed;
import retazo.core.block.spec.UnitKind;
import retazo.core.block.spec.UnitMethod;
import retazo.core.cloth.BackingSeams;
import retazo.core.cloth.Join;
import retazo.core.cloth.Joins;
import retazo.core.cloth.LayPractice;
import retazo.core.cloth.LongLay;
import retazo.core.cloth.Margin;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.cloth.ShopPractice;
import retazo.core.colouring.Judgement;
import retazo.core.measure.Length;
import retazo.core.measure.LengthParts;
import retazo.core.measure.LengthUnit;
import retazo.core.packet.PacketWay;
import retazo.core.quilt.setting.Edges;

/** The settings as typed: a text for every measure by its key, the margin as {@code 5 %}, {@code 1/4 yd} or nothing. */
public record PracticeForm(
        @Nullable Map<String, String> measures, @Nullable String margin, @Nullable String sellingUnit, @Nullable String mostSizes,
        @Nullable String layers, @Nullable String longStrips, @Nullable String packets, @Nullable String bagClosing,
        @Nullable String borderJoin, @Nullable String bindingJoin, @Nullable Papers papers, @Nullable Drawings drawings) {

    /** What the papers say, as chosen. */
    record Papers(@Nullable String pressing, @Nullable String selvedges, @Nullable String partialSeams) {

        static final Papers UNSAID = new Papers(null, null, null);

        static Papers of(PaperNotes notes) {
            return new Papers(notes.pressing().name(), notes.selvedges().name(), notes.partial().name());
        }
    }

    /** What drawings start with, as chosen, and by how much values must differ in them, as typed. */
    record Drawings(@Nullable String halfSquares, @Nullable String halvedBlocks, @Nullable String leastContrast) {

        static final Drawings UNSAID = new Drawings(null, null, null);

        static Drawings of(DrawingStart start, int leastContrast) {
            return new Drawings(start.halfSquares().name(), start.halved().name(), Integer.toString(leastContrast));
        }
    }

    static PracticeForm of(ShopPractice practice, PaperNotes notes, DrawingStart start, PackingWay packing, int leastContrast) {
        Map<String, String> texts = new LinkedHashMap<>();
        practice.measures().forEach(
                (measure, length) -> texts.put(measure.key(), LengthParts.exactText(length, unitOf(measure, practice.sellingUnit()))));
        return new PracticeForm(
                texts, MarginText.write(practice.margin(), practice.sellingUnit()), practice.sellingUnit().name(),
                practice.lay().mostSizes().map(String::valueOf).orElse("any"),
                Integer.toString(practice.lay().layers()), practice.lay().longStrips().name(), packing.packets().name(),
                packing.closing().name(),
                practice.joins().borders().name(), practice.joins().bindings().name(),
                Papers.of(notes), Drawings.of(start, leastContrast));
    }

    /** What stands in its fields. */
    Map<String, String> texts() {
        Map<String, String> texts = new LinkedHashMap<>();
        Stream.of(PracticeMeasure.values()).forEach(measure -> texts.put(measure.key(), typed(measure.key())));
        texts.put("margin", Typed.text(margin));
        texts.put("sellingUnit", Typed.text(sellingUnit));
        texts.put("mostSizes", Typed.text(mostSizes));
        texts.put("layers", Typed.text(layers));
        texts.put("longStrips", Typed.text(longStrips));
        texts.put("packets", Typed.text(packets));
        texts.put("bagClosing", Typed.text(bagClosing));
        texts.put("borderJoin", Typed.text(borderJoin));
        texts.put("bindingJoin", Typed.text(bindingJoin));
        texts.put("pressing", Typed.text(papersChosen().pressing()));
        texts.put("selvedges", Typed.text(papersChosen().selvedges()));
        texts.put("partialSeams", Typed.text(papersChosen().partialSeams()));
        texts.put("halfSquares", Typed.text(drawingsChosen().halfSquares()));
        texts.put("halvedBlocks", Typed.text(drawingsChosen().halvedBlocks()));
        texts.put("leastContrast", Typed.text(drawingsChosen().leastContrast()));
        return texts;
    }

    /** Steps and rests are thought of as cloth is sold, all else in inches. */
    private static LengthUnit unitOf(PracticeMeasure measure, LengthUnit sellingUnit) {
        return switch (measure) {
            case SELLING_STEP, OTHER_SELLING_STEP, THIRD_SELLING_STEP, SHORTEST_REMNANT -> sellingUnit;
            default -> LengthUnit.INCH;
        };
    }

    Papers papersChosen() {
        return papers == null ? Papers.UNSAID : papers;
    }

    Drawings drawingsChosen() {
        return drawings == null ? Drawings.UNSAID : drawings;
    }

    /** What the papers say; unsaid where nothing was chosen. */
    PaperNotes notes() {
        Papers chosen = papersChosen();
        return new PaperNotes(
                named(PaperNotes.Pressing.values(), chosen.pressing(), PaperNotes.Pressing.UNSAID),
                named(PaperNotes.Selvedges.values(), chosen.selvedges(), PaperNotes.Selvedges.UNSAID),
                named(PaperNotes.PartialSeams.values(), chosen.partialSeams(), PaperNotes.PartialSeams.UNSAID));
    }

    /** What drawings start with; as is customary where nothing was chosen. */
    DrawingStart drawingStart() {
        Drawings chosen = drawingsChosen();
        return new DrawingStart(
                named(UnitKind.HALF_SQUARE.methods().toArray(UnitMethod[]::new), chosen.halfSquares(),
                        DrawingStart.CUSTOMARY.halfSquares()),
                named(Edges.CutBlocks.Cut.values(), chosen.halvedBlocks(), DrawingStart.CUSTOMARY.halved()));
    }

    /** By how much the values of neighbours must differ not to fade, of 100; as is customary where nothing was typed. */
    int leastContrast(FieldReader reader) {
        String typed = Typed.text(drawingsChosen().leastContrast());
        return typed.isBlank()
                ? Judgement.CUSTOMARY_CONTRAST
                : reader.number("leastContrast", typed, Judgement.LEAST_CONTRAST, Judgement.MOST_CONTRAST);
    }

    /** How bags are packed; as is customary where nothing was chosen. */
    PackingWay packing() {
        return new PackingWay(
                named(PacketWay.values(), packets, PackingWay.CUSTOMARY.packets()),
                named(BagClosing.values(), bagClosing, PackingWay.CUSTOMARY.closing()));
    }

    private static <E extends Enum<E>> E named(E[] all, @Nullable String name, E otherwise) {
        return Stream.of(all).filter(one -> one.name().equals(name)).findFirst().orElse(otherwise);
    }

    public String typed(String key) {
        return measures == null ? "" : measures.getOrDefault(key, "");
    }

    /** The practice, or with problems in the reader an incomplete one that must not be used. */
    public Optional<ShopPractice> read(FieldReader reader) {
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
        Margin readMargin = MarginText.read("margin", margin, unit, reader);
        Optional<Integer> readMost = readMostSizes(reader);
        int readLayers = reader.number("layers", layers, 1, LayPractice.MOST_LAYERS);
        Optional<LongLay> readLong = reader.choice("longStrips", longStrips, LongLay.class);
        Optional<Join> readBorder = reader.choice("borderJoin", borderJoin, Join.class);
        Optional<Join> readBinding = reader.choice("bindingJoin", bindingJoin, Join.class);
        return reader.anyProblem()
                ? Optional.empty()
                : Optional.of(new ShopPractice(lengths, readMargin, unit,
                        new LayPractice(readMost, readLayers, readLong.orElseThrow(), BackingSeams.FEWEST),
                        new Joins(readBorder.orElseThrow(), readBinding.orElseThrow())));
    }

    private Optional<Integer> readMostSizes(FieldReader reader) {
        String text = mostSizes == null ? "" : mostSizes.strip();
        return text.isEmpty() || text.equalsIgnoreCase("any")
                ? Optional.empty()
                : Optional.of(reader.number("mostSizes", text, 1, LayPractice.MOST_SIZES));
    }
}
