package retazo.app.patterns.sizes;

import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import retazo.app.cloth.PartNames;
import retazo.app.cloth.QuantityView;
import retazo.app.cloth.ShapeWords;
import retazo.app.cloth.SizeWork;
import retazo.app.patterns.sizes.SizesPage.Asked;
import retazo.app.patterns.sizes.SizesPage.Cell;
import retazo.app.patterns.sizes.SizesPage.RoleRows;
import retazo.app.patterns.sizes.SizesPage.Row;
import retazo.app.patterns.sizes.SizesPage.Was;
import retazo.app.pictures.RoleView;
import retazo.app.shared.FractionText;
import retazo.app.shared.LengthView;
import retazo.app.shared.Words;
import retazo.core.cloth.PrecutKind;
import retazo.core.cloth.RoleKey;
import retazo.core.cloth.ShopPractice;
import retazo.core.cutting.ClothLine;
import retazo.core.explain.Figure;
import retazo.core.kit.Need;
import retazo.core.kit.Needs;
import retazo.core.kit.RoleSource;
import retazo.core.kit.ShopCut;
import retazo.core.measure.Count;
import retazo.core.measure.Length;
import retazo.core.measure.LengthUnit;
import retazo.core.measure.Quantity;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.setting.Layout;
import retazo.core.quilt.setting.LongPieces;
import retazo.core.quilt.setting.TopSize;
import retazo.core.quilt.setting.Use;
import retazo.core.quilt.size.PrintedText;
import retazo.core.quilt.size.Way;

/** Fills the table from the sizes worked out. */
record SizesTable(Asked asked, List<SizeWork> works, Map<String, Figure<?>> before, SizeCosts costs, ShopPractice practice, Words words) {

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
                        layout.extra().map(extra -> words.text(
                                "sizes.grid.cut-up", layout.columns().value().value(), layout.rows().value().value(), extra.value().value(),
                                layout.blocks().value().plus(extra.value()).value()))
                                .orElseGet(() -> layout.columns().value() + " × " + layout.rows().value()),
                        "",
                        Optional.empty())).orElse(Cell.NOTHING)),
                row("sizes.width", work -> side(work, TopSize::width, layout -> layout.width().quoted())),
                row("sizes.height", work -> side(work, TopSize::height, layout -> layout.height().quoted())));
    }

    /** A finished side with borders, and beneath it the one without where it is known. */
    private Cell side(
            SizeWork work, Function<TopSize, Figure<Length>> outer, Function<Layout, Figure<Length>> inner) {
        return work.plan().finished().map(outer).map(with -> {
            Optional<Figure<Length>> without = work.plan().layout().map(inner);
            return new Cell(
                    with.key(), Optional.of(QuantityView.of(with.value(), LengthUnit.INCH)),
                    words.text(without.isPresent() ? "sizes.withoutBorder" : "sizes.asPrinted"),
                    without.map(Figure::key).orElse(""), without.map(side -> LengthView.cut(side.value())));
        }).orElse(Cell.NOTHING);
    }

    private Row row(String label, Function<SizeWork, Cell> cell) {
        return new Row(FractionText.of(words.text(label)), works.stream().map(cell).map(found -> marked(found, this::inInches)).toList());
    }

    RoleRows roleRows(RoleView role) {
        Row sell = new Row(FractionText.of(""), works.stream()
                .map(work -> work.plan().way() == Way.SIZE_TABLE
                        ? printed(work, role)
                        : sold(work, role))
                .map(cell -> marked(cell, this::asSold))
                .toList());
        Set<String> names = works.stream()
                .flatMap(work -> lines(work, role).stream().map(line -> new Named(number(line), name(work, line))))
                .sorted(Comparator.comparingInt(Named::number))
                .map(Named::name)
                .collect(Collectors.toCollection(LinkedHashSet::new));
        Stream<Row> parts = names.stream().map(label -> part(label, role));
        return new RoleRows(role, sell, Stream.concat(parts, comparison(role).stream()).toList());
    }

    /** What the paper prints of a role whose lengths are worked out, and how far that is from them. */
    private Optional<Row> comparison(RoleView role) {
        boolean printed = design().plannedFrom() != Way.SIZE_TABLE
                && design().table().stream().flatMap(table -> table.rows().stream()).anyMatch(row -> row.role().value().equals(role.key()));
        return printed
                ? Optional.of(row("sizes.asPrinted", work -> compared(work, role)))
                : Optional.empty();
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
                .flatMap(Need::cloth)
                .map(cloth -> cloth.plan().lines())
                .orElse(List.of());
    }

    private Optional<RoleSource> source(RoleView role) {
        return Optional.ofNullable(asked.sources().get(new RoleKey(role.key())));
    }

    /** What a role takes: a length, precuts, or precuts and beside them a length for what they do not give. */
    private Cell sold(SizeWork work, RoleView role) {
        Optional<Need> precuts = Optional.ofNullable(work.needs().byFabric().get(Needs.precutKey(new RoleKey(role.key()))));
        Cell cloth = need(work, role).flatMap(need -> need.sold().map(sell -> sell(sell, need.exact().orElseThrow()))).orElse(Cell.NOTHING);
        List<Need> all = Stream.concat(precuts.stream(), need(work, role).stream()).toList();
        String money = costs.of(all, role);
        if (precuts.isEmpty()) {
            String from = source(role).map(source -> quarters(work, role)
                    .map(sheets -> words.text("sizes.asQuarters", sheets.value(), unit(source.kind(), sheets)))
                    .orElseGet(() -> words.text("sizes.noneFromThese"))).orElse("");
            return cloth == Cell.NOTHING
                    ? cloth
                    : cloth.after(
                            Stream.of(from, upright(work, role), money).filter(text -> !text.isEmpty()).collect(Collectors.joining(", ")));
        }
        Figure<Count> units = precuts.get().picked().orElseThrow();
        String unit = source(role).map(source -> unit(source.kind(), units.value())).orElse("");
        return need(work, role).isEmpty()
                ? new Cell(units.key(), Optional.of(QuantityView.of(units.value(), LengthUnit.INCH)), unit, "", Optional.empty())
                        .after(money)
                : cloth.after(words.text("sizes.besidePrecuts", units.value().value(), unit)
                        + (money.isEmpty() ? "" : ", " + words.text("sizes.inAll", money)));
    }

    /** What keeping its print upright costs; empty where it has no direction. */
    private String upright(SizeWork work, RoleView role) {
        return need(work, role).flatMap(Need::sold)
                .flatMap(sell -> Optional.ofNullable(work.anyWay().get(new RoleKey(role.key()))).map(other -> {
                    Length more = sell.value().isLongerThan(other) ? sell.value().minus(other) : Length.ZERO;
                    return words.text("sizes.upright", LengthView.of(more, sellingUnit()).plain(), more.isPositive());
                }))
                .orElse("");
    }

    private String unit(PrecutKind kind, Count count) {
        return words.text((count.equals(Count.ONE) ? "sizes.unit." : "sizes.units.") + kind.code());
    }

    /** How many quarters or eighths the shop cuts of a role's length; empty where its pieces are laid on whole cloth. */
    private static Optional<Count> quarters(SizeWork work, RoleView role) {
        return need(work, role).flatMap(Need::quarters).map(ShopCut::sheets);
    }

    private Cell sell(Figure<Length> sell, Figure<Length> exact) {
        return new Cell(
                sell.key(), Optional.of(QuantityView.of(sell.value(), sellingUnit())), words.text("sizes.needs"), exact.key(),
                Optional.of(LengthView.needed(exact.value(), sellingUnit())));
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
                        .filter(line -> name(work, line).equals(label))
                        .findFirst()
                        .map(line -> lineCell(line, isLaidShorter(work, role)))
                        .map(cell -> cell.noteKey().isEmpty() ? cell : marked(cell, this::inInches))
                        .orElse(Cell.NOTHING))
                .toList());
    }

    /** Where everything laid together takes less, the strips of a size alone are not those that are cut. */
    private static boolean isLaidShorter(SizeWork work, RoleView role) {
        return need(work, role)
                .flatMap(Need::cloth)
                .map(cloth -> cloth.plan().isLaidShorter())
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
                        words.text(laidShorter ? "sizes.stripsAlone" : "sizes.strips", line.strips().value().value()), line.strips().key(),
                        Optional.empty()))
                .orElseGet(() -> new Cell(
                        line.length().key(), Optional.of(QuantityView.of(line.strips().value(), LengthUnit.INCH)),
                        words.text(line.use().place() == Use.Place.BACKING ? "sizes.panels" : "sizes." + line.lay()), "",
                        Optional.of(LengthView.cut(line.stripHeight().value())), seams));
    }

    /** Strips and panels come before the pieces by their numbers, which a size may leave out. */
    private static int number(ClothLine line) {
        return line.pieceLabels().stream().findFirst().map(label -> Integer.parseInt(label.replaceAll("\\D", ""))).orElse(0);
    }

    /** A line with the place of its row. */
    private record Named(int number, String name) {
    }

    /** Strips of what is made beside the quilt are told apart by its name. */
    private String name(SizeWork work, ClothLine line) {
        if (line.pieces().isEmpty()) {
            String use = new PartNames(words).strips(List.of(line.use()), line.longPieces().flatMap(LongPieces::runs));
            return work.plan().itemOf(line.strips().key()).map(item -> words.text("sizes.of-item", use, item.item().name())).orElse(use);
        }
        String label = line.pieceLabels().get(0);
        return words.text("sizes.piece", label, ShapeWords.of(line.pieces().get().shape(), words));
    }
}
