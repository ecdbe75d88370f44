package retazo.app.patterns.sizes;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import retazo.app.cloth.FigureView;
import retazo.app.cloth.OpenedOf;
import retazo.app.cloth.QuantityView;
import retazo.app.cloth.SizeWork;
import retazo.app.pictures.RoleView;
import retazo.app.shared.FractionText;
import retazo.app.shared.LengthView;
import retazo.app.shared.Words;
import retazo.core.cloth.RoleKey;
import retazo.core.cloth.ShopPractice;
import retazo.core.cloth.UsualPrices;
import retazo.core.explain.Figure;
import retazo.core.kit.Instructions;
import retazo.core.kit.Planners;
import retazo.core.kit.RoleSource;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.size.Way;
import retazo.core.verdict.LengthVerdict;

/**
 * The table role × size, with everything that can be opened by the key of its figure.
 *
 * @param printed  whether the lengths are only printed, and nothing is worked out
 * @param costs    of each size, all roles together; none where no price is known
 * @param problems what keeps a length from being worked out
 * @param warnings what a cutter should know
 * @param opened the arithmetic of the figure asked for, of the first length where none is
 * @param openedOf size and role that it belongs to
 */
public record SizesPage(
        boolean printed, List<String> sizes, List<Row> quilt, List<RoleRows> roles, List<String> costs, List<String> problems,
        List<FractionText> warnings,
        Optional<FigureView> opened, OpenedOf openedOf) {

    /** A line across all sizes. */
    record Row(FractionText label, List<Cell> cells) {
    }

    /** The lines of a role: the length to sell first, then where it goes. */
    record RoleRows(RoleView role, Row sell, List<Row> parts) {
    }

    /**
     * A figure in the table.
     *
     * @param key   opens it; empty for none
     * @param value empty where the size has nothing there
     * @param note    smaller, beside or below
     * @param noteKey opens the figure in the note; empty for none
     */
    record Cell(
            String key, Optional<QuantityView> value, String note, String noteKey, Optional<LengthView> noteLength, FractionText after,
            Was was) {
        static final Cell NOTHING = new Cell("", Optional.empty(), "", "", Optional.empty());

        Cell(String key, Optional<QuantityView> value, String note, String noteKey, Optional<LengthView> noteLength) {
            this(key, value, note, noteKey, noteLength, FractionText.of(""), Was.SAME);
        }

        Cell(String key, Optional<QuantityView> value, String note, String noteKey, Optional<LengthView> noteLength, String after) {
            this(key, value, note, noteKey, noteLength, FractionText.of(after), Was.SAME);
        }

        Cell after(String text) {
            return new Cell(key, value, note, noteKey, noteLength, FractionText.of(text), was);
        }

        Cell was(Was before) {
            return new Cell(key, value, note, noteKey, noteLength, after, before);
        }
    }

    /**
     * What a figure was before the change that is tried out.
     *
     * @param value empty for a figure that was not there
     */
    record Was(boolean changed, Optional<QuantityView> value) {
        static final Was SAME = new Was(false, Optional.empty());
    }

    /**
     * What is shown.
     *
     * @param kept         the design as it is kept, whose figures are compared
     * @param instructions whose instructions a maker of its kits follows
     * @param lengths      verdicts on its printed lengths
     * @param sources      what roles come from that are not laid on whole cloth
     * @param usual        what cloth and precuts usually cost
     * @param openKey      of the figure whose arithmetic is opened
     */
    public record Asked(
            QuiltDesign design, QuiltDesign kept, Instructions instructions, List<LengthVerdict> lengths, Map<RoleKey, RoleSource> sources,
            UsualPrices usual,
            Optional<String> openKey) {
    }

    public static SizesPage of(Asked asked, ShopPractice practice, Planners planners, Words words) {
        QuiltDesign design = asked.design();
        Optional<String> openKey = asked.openKey();
        SizeWork.Planned planned = new SizeWork.Planned(practice, asked.instructions(), asked.sources(), planners);
        List<SizeWork> works = design.sizes().stream().map(size -> SizeWork.of(design, size, planned)).toList();
        Map<String, Figure<?>> before = new LinkedHashMap<>();
        if (!design.equals(asked.kept())) {
            asked.kept().sizes().forEach(size -> before.putAll(SizeWork.of(asked.kept(), size, planned).figures()));
        }
        SizeCosts costs = new SizeCosts(asked.usual(), asked.sources());
        SizesTable table = new SizesTable(asked, works, before, costs, practice, words);
        List<RoleRows> roleRows = RoleView.of(design, words).stream().map(table::roleRows).toList();
        String key = openKey.orElseGet(() -> roleRows.stream()
                .flatMap(row -> row.sell().cells().stream())
                .map(Cell::key)
                .filter(figure -> !figure.isEmpty())
                .findFirst()
                .orElse(""));
        Optional<FigureView> opened = works.stream()
                .flatMap(work -> work.figure(key).stream())
                .findFirst()
                .map(figure -> FigureView.of(figure, words, practice.sellingUnit()));
        return new SizesPage(
                design.plannedFrom() == Way.SIZE_TABLE,
                design.sizes().stream().map(size -> size.name()).toList(),
                table.quiltRows(),
                roleRows,
                costs.ofAll(works),
                works.stream().flatMap(work -> work.needs().problems().stream()).map(words::of).distinct().toList(),
                works.stream().flatMap(work -> work.warnings().stream()).map(words::of).distinct().map(FractionText::of).toList(),
                opened,
                OpenedOf.of(design, works, key, words));
    }
}
