package retazo.app.patterns;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import retazo.app.shared.FractionText;
import retazo.app.shared.LengthView;
import retazo.app.shared.Words;
import retazo.core.block.RoleKey;
import retazo.core.cloth.PrecutKind;
import retazo.core.cloth.ShopPractice;
import retazo.core.cutting.ClothLine;
import retazo.core.explain.Figure;
import retazo.core.kit.Instructions;
import retazo.core.kit.Need;
import retazo.core.measure.Length;
import retazo.core.measure.LengthUnit;
import retazo.core.measure.Quantity;
import retazo.core.quilt.Layout;
import retazo.core.quilt.PrintedText;
import retazo.core.quilt.QuiltDesign;
import retazo.core.quilt.QuiltPlan;
import retazo.core.quilt.Use;
import retazo.core.quilt.Way;
import retazo.core.verdict.LengthVerdict;

/**
 * The table role × size, with everything that can be opened by the key of its figure.
 *
 * @param printed  whether the lengths are only printed, and nothing is worked out
 * @param problems what keeps a length from being worked out
 * @param warnings what a cutter should know
 * @param opened the arithmetic of the figure asked for, of the first length where none is
 * @param openedOf size and role that it belongs to
 */
record SizesPage(boolean printed, List<String> sizes, List<Row> quilt, List<RoleRows> roles, List<String> problems, List<FractionText> warnings, Optional<FigureView> opened,
        OpenedOf openedOf) {

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
            String key, Optional<QuantityView> value, String note, String noteKey, Optional<LengthView> noteLength, FractionText after, Was was) {
        static final Cell NOTHING = new Cell("", Optional.empty(), "", "", Optional.empty());

        Cell(String key, Optional<QuantityView> value, String note, String noteKey, Optional<LengthView> noteLength) {
            this(key, value, note, noteKey, noteLength, FractionText.of(""), Was.SAME);
        }

        Cell(String key, Optional<QuantityView> value, String note, String noteKey, Optional<LengthView> noteLength, String after) {
            this(key, value, note, noteKey, noteLength, FractionText.of(after), Was.SAME);
        }

        private Cell was(Was before) {
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
     * @param sources      the precuts that some roles come from
     * @param openKey      of the figure whose arithmetic is opened
     */
    record Asked(
            QuiltDesign design, QuiltDesign kept, Instructions instructions, List<LengthVerdict> lengths, Map<RoleKey, PrecutKind> sources,
            Optional<String> openKey) {
    }

    static SizesPage of(Asked asked, ShopPractice practice, Words words) {
        QuiltDesign design = asked.design();
        Optional<String> openKey = asked.openKey();
        SizeWork.Planned planned = new SizeWork.Planned(practice, asked.instructions(), asked.sources());
        List<SizeWork> works = design.sizes().stream().map(size -> SizeWork.of(design, size, planned)).toList();
        Map<String, Figure<?>> before = new LinkedHashMap<>();
        if (!design.equals(asked.kept())) {
            asked.kept().sizes().forEach(size -> before.putAll(SizeWork.of(asked.kept(), size, planned).figures()));
        }
        Builder builder = new Builder(asked, works, before, practice, words);
        List<RoleRows> roleRows = RoleView.of(design, words).stream().map(builder::roleRows).toList();
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
                builder.quiltRows(),
                roleRows,
                works.stream().flatMap(work -> work.needs().problems().stream()).map(words::of).distinct().toList(),
                works.stream().flatMap(work -> work.warnings().stream()).map(words::of).distinct().map(FractionText::of).toList(),
                opened,
                OpenedOf.of(design, works, key, words));
    }

    /** Fills the table from the sizes worked out. */
    private record Builder(Asked asked, List<SizeWork> works, Map<String, Figure<?>> before, ShopPractice practice, Words words) {

        private QuiltDesign design() {
            return asked.design();
        }

        private LengthUnit sellingUnit() {
            return practice.sellingUnit();
        }

        /** A cell with what its figure was, where that is another. */
        private Cell marked(Cell cell, Function<Quantity, QuantityView> shown) {
            if (before.isEmpty() || cell.key().isEmpty()) {
                return cell;
            }
            Optional<QuantityView> was = Optional.ofNullable(before.get(cell.key())).map(Figure::value).map(shown);
            return was.equals(cell.value()) ? cell : cell.was(new Was(true, was));
        }

        private QuantityView inInches(Quantity quantity) {
            return QuantityView.of(quantity, LengthUnit.INCH);
        }

        private QuantityView asSold(Quantity quantity) {
            return QuantityView.of(quantity, sellingUnit());
        }

        List<Row> quiltRows() {
            return List.of(
                    row("sizes.grid", work -> work.plan().layout().map(layout -> new Cell(
                            layout.blocks().key(),
                            Optional.of(QuantityView.of(layout.blocks().value(), LengthUnit.INCH)),
                            layout.columns().value() + " × " + layout.rows().value(),
                            "",
                            Optional.empty())).orElse(Cell.NOTHING)),
                    row("sizes.width", work -> side(work, QuiltPlan.Finished::width, layout -> layout.width().quoted())),
                    row("sizes.height", work -> side(work, QuiltPlan.Finished::height, layout -> layout.height().quoted())));
        }

        /** A finished side with borders, and beneath it the one without where it is known. */
        private Cell side(
                SizeWork work, Function<QuiltPlan.Finished, Figure<Length>> outer, Function<Layout, Figure<Length>> inner) {
            return work.plan().finished().map(outer).map(with -> {
                Optional<Figure<Length>> without = work.plan().layout().map(inner);
                return new Cell(
                        with.key(), Optional.of(QuantityView.of(with.value(), LengthUnit.INCH)),
                        words.text(without.isPresent() ? "sizes.withoutBorder" : "sizes.asPrinted"),
                        without.map(Figure::key).orElse(""), without.map(side -> LengthView.inches(side.value())));
            }).orElse(Cell.NOTHING);
        }

        private Row row(String label, Function<SizeWork, Cell> cell) {
            return new Row(FractionText.of(words.text(label)), works.stream().map(cell).map(found -> marked(found, this::inInches)).toList());
        }

        RoleRows roleRows(RoleView role) {
            Row sell = new Row(FractionText.of(""), works.stream()
                    .map(work -> work.plan().way() == Way.SIZE_TABLE
                            ? printed(work, role) : need(work, role).map(need -> sell(need, role)).orElseGet(() -> notServed(role)))
                    .map(cell -> marked(cell, this::asSold))
                    .toList());
            Set<String> names = works.stream()
                    .flatMap(work -> lines(work, role).stream())
                    .sorted(Comparator.comparingInt(Builder::number))
                    .map(this::name)
                    .collect(Collectors.toCollection(LinkedHashSet::new));
            Stream<Row> parts = names.stream().map(label -> part(label, role));
            return new RoleRows(role, sell, Stream.concat(parts, comparison(role).stream()).toList());
        }

        /** What the paper prints of a role whose lengths are worked out, and how far that is from them. */
        private Optional<Row> comparison(RoleView role) {
            boolean printed = design().plannedFrom() != Way.SIZE_TABLE
                    && design().table().stream().flatMap(table -> table.rows().stream()).anyMatch(row -> row.role().value().equals(role.key()));
            return printed
                    ? Optional.of(row("sizes.asPrinted", work -> compared(work, role))) : Optional.empty();
        }

        private Cell compared(SizeWork work, RoleView role) {
            String text = printedText(work, role);
            String verdict = asked.lengths().stream()
                    .filter(found -> found.role().value().equals(role.key()) && found.size().equals(work.plan().size().key()))
                    .map(found -> VerdictsView.brief(found, practice, words).plain())
                    .findFirst().orElse("");
            return text.isEmpty() ? Cell.NOTHING : new Cell("", Optional.of(QuantityView.ofText(text)), "", "", Optional.empty(), verdict);
        }

        private static Optional<Need> need(SizeWork work, RoleView role) {
            return Optional.ofNullable(work.needs().byFabric().get(role.key()));
        }

        private static List<ClothLine> lines(SizeWork work, RoleView role) {
            return need(work, role)
                    .map(need -> need.amount().match(cloth -> cloth.plan().lines(), printed -> List.<ClothLine>of(), units -> List.<ClothLine>of()))
                    .orElse(List.of());
        }

        private Optional<PrecutKind> source(RoleView role) {
            return Optional.ofNullable(asked.sources().get(new RoleKey(role.key())));
        }

        /** A role without a need takes nothing, or its precuts do not serve it; then the problem stands above the table. */
        private Cell notServed(RoleView role) {
            return source(role).isEmpty()
                    ? Cell.NOTHING : new Cell("", Optional.of(QuantityView.ofText(words.text("sizes.notFromThese"))), "", "", Optional.empty());
        }

        private Cell sell(Need need, RoleView role) {
            return need.amount().match(
                    cloth -> sell(cloth.sell(), cloth.plan().exact()),
                    printed -> sell(printed.sell(), printed.exact()),
                    units -> new Cell(
                            units.count().key(), Optional.of(QuantityView.of(units.count().value(), LengthUnit.INCH)),
                            source(role).map(kind -> words.text("sizes.units." + kind.code())).orElse(""), "", Optional.empty()));
        }

        private Cell sell(Figure<Length> sell, Figure<Length> exact) {
            return new Cell(
                    sell.key(), Optional.of(QuantityView.of(sell.value(), sellingUnit())), words.text("sizes.needs"), exact.key(),
                    Optional.of(LengthView.inches(exact.value())));
        }

        /** What the paper prints for a role, all its rows. */
        private Cell printed(SizeWork work, RoleView role) {
            String text = printedText(work, role);
            return text.isEmpty()
                    ? Cell.NOTHING
                    : new Cell("", Optional.of(QuantityView.ofText(text)), "", "", Optional.empty());
        }

        private String printedText(SizeWork work, RoleView role) {
            return design().table().stream()
                    .flatMap(table -> table.rows().stream())
                    .filter(row -> row.role().value().equals(role.key()) && row.cells().containsKey(work.plan().size().key()))
                    .map(row -> PrintedText.write(row.cells().get(work.plan().size().key())))
                    .collect(Collectors.joining(" + "));
        }

        private Row part(String label, RoleView role) {
            return new Row(FractionText.of(label), works.stream()
                    .map(work -> lines(work, role).stream()
                            .filter(line -> name(line).equals(label))
                            .findFirst()
                            .map(line -> lineCell(line, isLaidShorter(work, role)))
                            .map(cell -> cell.noteKey().isEmpty() ? cell : marked(cell, this::inInches))
                            .orElse(Cell.NOTHING))
                    .toList());
        }

        /** Where everything laid together takes less, the strips of a size alone are not those that are cut. */
        private static boolean isLaidShorter(SizeWork work, RoleView role) {
            return need(work, role)
                    .map(need -> need.amount().match(cloth -> cloth.plan().isLaidShorter(), printed -> false, units -> false))
                    .orElse(false);
        }

        /** The pieces with their strips, or the strips and panels with their size. */
        private Cell lineCell(ClothLine line, boolean laidShorter) {
            String seams = line.seams()
                    .filter(way -> line.strips().value().value() > 1)
                    .map(way -> words.text("seams." + way))
                    .orElse("");
            return line.pieces()
                    .map(pieces -> new Cell(
                            pieces.count().key(), Optional.of(QuantityView.of(pieces.count().value(), LengthUnit.INCH)),
                            words.text(laidShorter ? "sizes.stripsAlone" : "sizes.strips", line.strips().value().value()), line.strips().key(), Optional.empty()))
                    .orElseGet(() -> new Cell(
                            line.length().key(), Optional.of(QuantityView.of(line.strips().value(), LengthUnit.INCH)),
                            words.text(line.use().place() == Use.Place.BACKING ? "sizes.panels" : "sizes." + line.lay()), "",
                            Optional.of(LengthView.inches(line.stripHeight().value())), seams));
        }

        /** Strips and panels come before the pieces by their numbers, which a size may leave out. */
        private static int number(ClothLine line) {
            return line.pieceLabels().stream().findFirst().map(label -> Integer.parseInt(label.replaceAll("\\D", ""))).orElse(0);
        }

        private String name(ClothLine line) {
            if (line.pieces().isEmpty()) {
                return words.text("use." + line.use().place(), line.use().number());
            }
            String label = line.pieceLabels().get(0);
            return words.text("sizes.piece", label, ShapeWords.of(line.pieces().get().shape(), words));
        }
    }
}
