package retazo.core.verdict;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import retazo.core.block.shape.FinishedSize;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.cloth.ShopPractice;
import retazo.core.explain.Label;
import retazo.core.measure.Length;
import retazo.core.quilt.design.Composition;
import retazo.core.quilt.design.Drawing;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.size.QuiltSize;

/** Judges the finished sizes that a pattern prints against those of its drawing. */
public final class PrintedSizes {

    private final Drawing drawing;
    private final ShopPractice practice;
    private final Length seams;

    private PrintedSizes(Drawing drawing, ShopPractice practice) {
        this.drawing = drawing;
        this.practice = practice;
        this.seams = practice.length(PracticeMeasure.SEAM_ALLOWANCE).times(2);
    }

    /** A verdict for each drawn size whose finished size is printed. */
    public static List<SizeVerdict> judge(QuiltDesign design, ShopPractice shop) {
        return design.drawing().map(drawing -> new PrintedSizes(drawing, design.practice(shop)).judge(design.grids())).orElse(List.of());
    }

    private List<SizeVerdict> judge(List<QuiltSize.Grid> sizes) {
        return sizes.stream().flatMap(size -> size.printed().map(printed -> verdict(size, printed)).stream()).toList();
    }

    private SizeVerdict verdict(QuiltSize.Grid size, FinishedSize printed) {
        FinishedSize workedOut = drawing.finishedAt(size, practice);
        Judgement judgement = near(workedOut, printed)
                ? Judgement.AGREES
                : printed.width().isShorterThan(workedOut.width()) || printed.height().isShorterThan(workedOut.height())
                        ? Judgement.TOO_LITTLE
                        : Judgement.GENEROUS;
        Optional<OtherHabits> reading = judgement == Judgement.AGREES
                ? Optional.empty()
                : readings(size).entrySet().stream()
                        .filter(entry -> near(entry.getValue(), printed))
                        .findFirst()
                        .map(entry -> new OtherHabits(List.of(entry.getKey())));
        return new SizeVerdict(size.key(), judgement, printed, workedOut, reading);
    }

    /** The same to the half inch to which finished sizes are quoted. */
    private static boolean near(FinishedSize one, FinishedSize other) {
        return near(one.width(), other.width()) && near(one.height(), other.height());
    }

    private static boolean near(Length one, Length other) {
        Length apart = one.minus(other);
        Length distance = apart.isNegative() ? apart.negated() : apart;
        return distance.isShorterThan(Length.ofInches(1, 4));
    }

    /** What the paper may have measured instead, the likelier first. */
    private Map<Label, FinishedSize> readings(QuiltSize.Grid size) {
        Map<Label, FinishedSize> readings = new LinkedHashMap<>();
        FinishedSize here = drawing.finishedAt(size, practice);
        readings.put(Label.of("reading.raw-top"), larger(here, seams));
        if (!size.borderWidths().isEmpty()) {
            readings.put(Label.of("reading.borders-as-cut"), drawing.finishedAt(widened(size), practice));
            readings.put(Label.of("reading.without-borders"), drawing.finishedAt(size.withBorders(List.of()), practice));
            for (int i = 1; i < size.borderWidths().size(); i++) {
                readings.put(
                        Label.of("reading.only-borders", i),
                        drawing.finishedAt(size.withBorders(size.borderWidths().subList(0, i)), practice));
            }
            readings.put(Label.of("reading.border-once"), once(size));
        }
        drawing.setting().sashing().ifPresent(sashing -> {
            readings.put(
                    Label.of("reading.sashes-as-cut"),
                    drawing.finishedAt(sashed(size, size.overrides().sash().orElse(sashing.width()).plus(seams)), practice));
            Composition plain = new Composition(drawing.places(), drawing.setting().withoutSashes(), drawing.finishing());
            readings.put(Label.of("reading.without-sashes"), drawing.with(plain).finishedAt(unsashed(size), practice));
        });
        readings.put(Label.of("reading.blocks-as-cut"), larger(here, seams.times(size.columns()), seams.times(size.rows())));
        readings.put(Label.of("reading.other-way-round"), new FinishedSize(here.height(), here.width()));
        for (int more = -1; more <= 1; more += 2) {
            int columns = size.columns() + more;
            int rows = size.rows() + more;
            if (columns > 0) {
                readings.put(Label.of("reading.grid", columns, size.rows()),
                        drawing.finishedAt(size.withGrid(columns, size.rows()), practice));
            }
            if (rows > 0) {
                readings.put(Label.of("reading.grid", size.columns(), rows),
                        drawing.finishedAt(size.withGrid(size.columns(), rows), practice));
            }
        }
        return readings;
    }

    private static FinishedSize larger(FinishedSize size, Length by) {
        return larger(size, by, by);
    }

    private static FinishedSize larger(FinishedSize size, Length across, Length down) {
        return new FinishedSize(size.width().plus(across), size.height().plus(down));
    }

    private QuiltSize.Grid widened(QuiltSize.Grid size) {
        return size.withBorders(size.borderWidths().stream().map(width -> width.plus(seams)).toList());
    }

    /** Each border counted on one side only. */
    private FinishedSize once(QuiltSize.Grid size) {
        Length borders = size.borderWidths().stream().reduce(Length.ZERO, Length::plus);
        return larger(drawing.finishedAt(size, practice), borders.negated());
    }

    private static QuiltSize.Grid sashed(QuiltSize.Grid size, Length width) {
        return size.with(new QuiltSize.Overrides(Optional.of(width), size.overrides().blockWidth(), size.overrides().changes()));
    }

    private static QuiltSize.Grid unsashed(QuiltSize.Grid size) {
        return size.with(new QuiltSize.Overrides(Optional.empty(), size.overrides().blockWidth(), size.overrides().changes()));
    }
}
