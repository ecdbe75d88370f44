package retazo.core.verdict;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import retazo.core.block.FinishedSize;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.cloth.ShopPractice;
import retazo.core.explain.Label;
import retazo.core.measure.Length;
import retazo.core.quilt.Composition;
import retazo.core.quilt.Drawing;
import retazo.core.quilt.Edges;
import retazo.core.quilt.QuiltDesign;
import retazo.core.quilt.QuiltSize;
import retazo.core.quilt.Setting;

/** Judges the finished sizes that a pattern prints against those of its drawing. */
public final class PrintedSizes {

    private PrintedSizes() {
    }

    /** A verdict for each drawn size whose finished size is printed. */
    public static List<SizeVerdict> judge(QuiltDesign design, ShopPractice shop) {
        Length seams = design.practice(shop).length(PracticeMeasure.SEAM_ALLOWANCE).times(2);
        List<SizeVerdict> verdicts = new ArrayList<>();
        design.drawing().ifPresent(drawing -> design.sizes().forEach(size -> size.match(
                grid -> grid.printed().map(printed -> verdicts.add(verdict(drawing, grid, printed, seams))),
                printed -> Optional.empty())));
        return verdicts;
    }

    private static SizeVerdict verdict(Drawing drawing, QuiltSize.Grid size, FinishedSize printed, Length seams) {
        FinishedSize workedOut = finished(drawing, size, seams);
        Judgement judgement = near(workedOut, printed)
                ? Judgement.AGREES
                : printed.width().isShorterThan(workedOut.width()) || printed.height().isShorterThan(workedOut.height())
                        ? Judgement.TOO_LITTLE : Judgement.GENEROUS;
        Optional<Reading> reading = judgement == Judgement.AGREES
                ? Optional.empty()
                : readings(drawing, size, seams).entrySet().stream()
                        .filter(entry -> near(entry.getValue(), printed))
                        .findFirst()
                        .map(entry -> new Reading(List.of(entry.getKey())));
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

    private static FinishedSize finished(Drawing drawn, QuiltSize.Grid size, Length seams) {
        Drawing drawing = drawn.at(size).orElse(drawn);
        Length around = size.borderWidths().stream().reduce(Length.ZERO, Length::plus).times(2);
        Length lost = drawing.setting().cutUp().filter(cut -> cut == Edges.CutBlocks.Cut.THROUGH_CENTRE).isPresent()
                ? seams : Length.ZERO;
        return new FinishedSize(
                side(drawing.setting(), drawing.first().finishedWidth(), size.columns()).plus(around).minus(lost),
                side(drawing.setting(), drawing.first().finishedHeight(), size.rows()).plus(around).minus(lost));
    }

    private static Length side(Setting setting, Length block, int count) {
        return setting.extent(block, count).toCut(Length.ofInches(1, 8));
    }

    /** What the paper may have measured instead, the likelier first. */
    private static Map<Label, FinishedSize> readings(Drawing drawing, QuiltSize.Grid size, Length seams) {
        Map<Label, FinishedSize> readings = new LinkedHashMap<>();
        FinishedSize here = finished(drawing, size, seams);
        readings.put(Label.of("reading.raw-top"), larger(here, seams));
        if (!size.borderWidths().isEmpty()) {
            readings.put(Label.of("reading.borders-as-cut"), finished(drawing, widened(size, seams), seams));
            readings.put(Label.of("reading.without-borders"), finished(drawing, size.withBorders(List.of()), seams));
            for (int i = 1; i < size.borderWidths().size(); i++) {
                readings.put(
                        Label.of("reading.only-borders", i), finished(drawing, size.withBorders(size.borderWidths().subList(0, i)), seams));
            }
            readings.put(Label.of("reading.border-once"), once(drawing, size, seams));
        }
        drawing.setting().sashing().ifPresent(sashing -> {
            readings.put(
                    Label.of("reading.sashes-as-cut"),
                    finished(drawing, sashed(size, size.overrides().sash().orElse(sashing.width()).plus(seams)), seams));
            readings.put(Label.of("reading.without-sashes"), finished(
                    drawing.with(new Composition(
                            drawing.places(), new Setting.Straight(Optional.empty()), drawing.finishing())), unsashed(size), seams));
        });
        readings.put(Label.of("reading.blocks-as-cut"), larger(here, seams.times(size.columns()), seams.times(size.rows())));
        readings.put(Label.of("reading.other-way-round"), new FinishedSize(here.height(), here.width()));
        for (int more = -1; more <= 1; more += 2) {
            int columns = size.columns() + more;
            int rows = size.rows() + more;
            if (columns > 0) {
                readings.put(Label.of("reading.grid", columns, size.rows()), finished(drawing, size.withGrid(columns, size.rows()), seams));
            }
            if (rows > 0) {
                readings.put(Label.of("reading.grid", size.columns(), rows), finished(drawing, size.withGrid(size.columns(), rows), seams));
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

    private static QuiltSize.Grid widened(QuiltSize.Grid size, Length seams) {
        return size.withBorders(size.borderWidths().stream().map(width -> width.plus(seams)).toList());
    }

    /** Each border counted on one side only. */
    private static FinishedSize once(Drawing drawing, QuiltSize.Grid size, Length seams) {
        Length borders = size.borderWidths().stream().reduce(Length.ZERO, Length::plus);
        return larger(finished(drawing, size, seams), borders.negated());
    }

    private static QuiltSize.Grid sashed(QuiltSize.Grid size, Length width) {
        return size.with(new QuiltSize.Overrides(Optional.of(width), size.overrides().blockWidth(), size.overrides().changes()));
    }

    private static QuiltSize.Grid unsashed(QuiltSize.Grid size) {
        return size.with(new QuiltSize.Overrides(Optional.empty(), size.overrides().blockWidth(), size.overrides().changes()));
    }
}
