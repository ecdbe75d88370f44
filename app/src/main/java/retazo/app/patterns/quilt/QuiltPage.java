package retazo.app.patterns.quilt;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import retazo.app.cloth.ShapeWords;
import retazo.app.patterns.PatternHead;
import retazo.app.pictures.QuiltPicture;
import retazo.app.shared.FractionText;
import retazo.app.shared.LengthView;
import retazo.app.shared.Words;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.cloth.RoleKey;
import retazo.core.cloth.ShopPractice;
import retazo.core.explain.Figure;
import retazo.core.measure.Count;
import retazo.core.measure.Length;
import retazo.core.quilt.design.BlockKind;
import retazo.core.quilt.design.Drawing;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.finish.BackingSheet;
import retazo.core.quilt.finish.Batting;
import retazo.core.quilt.picture.QuiltDrawing;
import retazo.core.quilt.place.Arrangement;
import retazo.core.quilt.place.MapRule;
import retazo.core.quilt.place.PlaceChange;
import retazo.core.quilt.place.PlaceChangeText;
import retazo.core.quilt.place.PlaceGrid;
import retazo.core.quilt.plan.QuiltPlan;
import retazo.core.quilt.plan.QuiltPlanner;
import retazo.core.quilt.setting.LongPieces;
import retazo.core.quilt.setting.TopSize;
import retazo.core.quilt.setting.Use;
import retazo.core.quilt.size.QuiltSize;

/**
 * A quilt at one size: drawn with its places to be chosen, how many blocks of each kind, what it measures and what lies around.
 *
 * @param spots      one for each place, to be chosen by mouse or keys
 * @param fromMap    whether a block can be put in a place of the map
 * @param counts     how many blocks are sewn of each kind
 * @param around     sashes, triangles, borders and binding with both their widths and what is cut
 * @param behind     the ways of the backing, and batting
 */
public record QuiltPage(
        String name, QuiltPicture picture, FractionText finished, List<SpotView> spots, boolean fromMap, List<KindCount> counts,
        List<FractionText> around, List<FractionText> behind, List<FractionText> warnings, List<ItemView> items) {

    /**
     * A place on the drawing.
     *
     * @param label what stands there, in words
     * @param group the same for places whose blocks may change places; empty where none may
     * @param map   row and column of the map that this place shows, from 0; empty beyond it
     */
    record SpotView(String place, String label, String transform, String width, String height, String group, String map) {
    }

    /** Blocks of a kind. */
    record KindCount(String name, String count, String key) {
    }

    /** An item beside the quilt. */
    record ItemView(String name, FractionText finished, QuiltPicture picture) {
    }

    /** A size with a grid. */
    public static QuiltPage of(QuiltDesign design, QuiltSize.Grid size, ShopPractice shop, Words words) {
        return new Builder(design, design.drawing().orElseThrow(), size, design.practice(shop), words).page();
    }

    /** Puts one page together. */
    private record Builder(QuiltDesign design, Drawing drawing, QuiltSize.Grid size, ShopPractice practice, Words words) {

        QuiltPage page() {
            Length seam = practice.length(PracticeMeasure.SEAM_ALLOWANCE);
            QuiltDrawing drawn = QuiltDrawing.of(drawing, size, seam);
            QuiltPlan plan = new QuiltPlanner(practice).plan(design.fromDrawing(), size).upright(role -> design.role(role).plannedPrint());
            return new QuiltPage(
                    size.name(), QuiltPicture.drawn("quilt", drawn, PatternHead.inks(design)),
                    sides(plan.finished().orElseThrow()), spots(drawn), mapOf().isPresent(), counts(plan),
                    around(plan), behind(plan), warnings(plan), items(plan, seam));
        }

        private List<FractionText> warnings(QuiltPlan plan) {
            List<String> warnings = new ArrayList<>(plan.warnings().stream().map(words::of).toList());
            List<PlaceChange> leftOut = Arrangement.leftOut(
                    drawing.places(), drawing.setting().grid(size.columns(), size.rows()), size.overrides().changes());
            if (!leftOut.isEmpty()) {
                warnings.add(words.text("quilt.leftOut", PlaceChangeText.write(leftOut)));
            }
            return warnings.stream().map(FractionText::of).toList();
        }

        private FractionText sides(TopSize finished) {
            return FractionText.of(LengthView.sides(finished.width().value(), finished.height().value()));
        }

        private static String plain(Length length) {
            return LengthView.cut(length).plain();
        }

        private Optional<MapRule> mapOf() {
            return drawing.places().asMap();
        }

        private List<SpotView> spots(QuiltDrawing drawn) {
            PlaceGrid grid = drawing.setting().grid(size.columns(), size.rows());
            Arrangement arrangement = Arrangement.of(drawing.places(), grid, size.overrides().changes());
            List<SpotView> spots = new ArrayList<>();
            for (QuiltDrawing.PlacedBlock block : drawn.blocks()) {
                for (QuiltDrawing.Spot spot : block.spots()) {
                    spots.add(new SpotView(
                            spot.place().toString(), label(block, spot), QuiltPicture.spot(spot, block).transform(),
                            QuiltPicture.inches(block.width()), QuiltPicture.inches(block.height()),
                            arrangement.tradeGroup(spot.place(), drawing.places()).map(group -> group.kind() + "-" + group.share())
                                    .orElse(""),
                            mapOf().flatMap(map -> map.cell(spot.place(), grid)).map(cell -> cell.row() + "," + cell.column()).orElse("")));
                }
            }
            spots.sort(Comparator.comparing(SpotView::place, Comparator.comparing(
                    place -> Stream.of(place.split(",")).map(Integer::parseInt).toList(),
                    Comparator.<List<Integer>, Integer>comparing(place -> place.get(1)).thenComparing(place -> place.get(0)))));
            return spots;
        }

        private String label(QuiltDrawing.PlacedBlock block, QuiltDrawing.Spot spot) {
            int turned = Math.floorMod(spot.degrees(), 90) == 0 ? spot.degrees() : spot.degrees() - 45;
            return words.text(
                    turned == 0 ? "quilt.spot" : "quilt.spotTurned", spot.place().row() + 1, spot.place().column() + 1,
                    drawing.kind(block.key()).name(), turned);
        }

        private List<KindCount> counts(QuiltPlan plan) {
            Map<String, List<Figure<Count>>> byName = new LinkedHashMap<>();
            plan.blocks().forEach(blocks -> byName.computeIfAbsent(blocks.kind().name(), name -> new ArrayList<>()).add(blocks.count()));
            return byName.entrySet().stream()
                    .map(entry -> new KindCount(
                            entry.getKey(), Long.toString(entry.getValue().stream().mapToLong(count -> count.value().value()).sum()),
                            entry.getValue().get(0).key()))
                    .toList();
        }

        private List<FractionText> around(QuiltPlan plan) {
            List<String> lines = new ArrayList<>();
            Figure<Length> usableWidth = practice.figure(PracticeMeasure.USABLE_WIDTH);
            plan.pieces().stream().filter(piece -> !piece.use().equals(Use.BLOCKS)).forEach(piece -> lines.add(words.text(
                    "quilt.pieces", use(piece.use(), piece.role()), piece.count().value().value(), ShapeWords.of(piece.shape(), words))));
            for (LongPieces pieces : uprightStrips(plan, usableWidth.value())) {
                LongPieces.Laid laid = pieces.laidOn(usableWidth);
                String cut = plain(pieces.cutWidth().value());
                String width = pieces.finishedWidth()
                        .map(finished -> words.text("quilt.bothWidths", plain(finished), cut))
                        .orElseGet(() -> words.text("quilt.cutWidth", cut));
                lines.add(words.text(
                        laid.along() ? "quilt.long.along" : "quilt.long", ofItem(plan, pieces.key(), use(pieces.use(), pieces.role())),
                        width,
                        pieces.pieces().stream()
                                .map(piece -> words.text("paper.longPiece", piece.count().value().value(), plain(piece.length().value())))
                                .collect(Collectors.joining(", ")),
                        laid.strips().value().value(), plain(laid.length().value())));
            }
            plan.piecedBorders().forEach(border -> lines.add(words.text(
                    "quilt.pieced-border", border.number(), border.block().name(), border.across().value().value(),
                    border.down().value().value(), border.corner().map(BlockKind::name).orElse(""), border.corner().isPresent())));
            plan.bindings().forEach(binding -> lines.add(words.text(
                    "quilt.binding." + binding.cut(), ofItem(plan, binding.key(), use(Use.BINDING, binding.role())),
                    plain(binding.length().value()),
                    plain(binding.stripWidth().value()), binding.strips(usableWidth).value().value(),
                    binding.biasSquares(usableWidth).map(squares -> squares.squares().value() + " of " + plain(squares.side().value()))
                            .orElse(""))));
            return lines.stream().map(FractionText::of).toList();
        }

        private List<LongPieces> uprightStrips(QuiltPlan plan, Length usableWidth) {
            return plan.longPieces().stream()
                    .flatMap(pieces -> pieces.upright(design.role(pieces.role()).plannedPrint(), usableWidth).stream()).toList();
        }

        /** What is made beside the quilt is told apart by its name. */
        private String ofItem(QuiltPlan plan, String key, String use) {
            return plan.itemOf(key).map(item -> words.text("sizes.of-item", use, item.item().name())).orElse(use);
        }

        private String use(Use use, RoleKey role) {
            return design.role(role).letter() + ", " + words.text("use." + use.place(), use.number());
        }

        private List<FractionText> behind(QuiltPlan plan) {
            List<String> lines = new ArrayList<>();
            Figure<Length> usableWidth = practice.figure(PracticeMeasure.USABLE_WIDTH);
            for (BackingSheet backing : plan.backings()) {
                lines.add(words.text("quilt.backing", LengthView.sides(backing.width().value(), backing.height().value())));
                backing.ways(usableWidth, design.role(backing.role()).plannedPrint()).forEach(way -> lines.add(words.text(
                        "quilt.backing." + way.seams(), way.panels().value().value(), plain(way.panelLength().value()),
                        plain(way.length().value()), plain(usableWidth.value()))));
                BackingSheet.WIDE_WIDTHS.stream()
                        .flatMap(width -> backing.wholeOn(width, design.role(backing.role()).plannedPrint()).stream().map(way -> words.text(
                                "quilt.backing.wide", plain(width), plain(way.length().value()))))
                        .findFirst().ifPresent(lines::add);
                Batting batting = Batting.behind(backing);
                String roll = batting.fromRoll().map(cut -> words.text("quilt.batting.roll", plain(cut.length()), plain(cut.roll())))
                        .orElse("");
                String pack = batting.smallestPackage().map(sheet -> words.text(
                        "quilt.batting.package", LengthView.sides(sheet.width(), sheet.height()))).orElse("");
                lines.add(words.text("quilt.batting",
                        Stream.of(roll, pack).filter(text -> !text.isEmpty()).collect(Collectors.joining(", "))));
            }
            return lines.stream().map(FractionText::of).toList();
        }

        private List<ItemView> items(QuiltPlan plan, Length seam) {
            List<ItemView> items = new ArrayList<>();
            for (QuiltPlan.MadeItem made : plan.items()) {
                items.add(new ItemView(
                        made.item().copies() + " × " + made.item().name(), sides(made.finished()),
                        QuiltPicture.drawn("item" + items.size(), QuiltDrawing.of(drawing, made.item(), seam), PatternHead.inks(design))));
            }
            return items;
        }
    }
}
