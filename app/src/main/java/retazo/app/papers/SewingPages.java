package retazo.app.papers;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import retazo.app.cloth.ShapeWords;
import retazo.app.kits.KitWork;
import retazo.app.pictures.QuiltPicture;
import retazo.app.shared.FractionText;
import retazo.app.shared.LengthView;
import retazo.app.shared.Words;
import retazo.core.block.shape.FinishedSize;
import retazo.core.block.shape.Point;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.measure.Length;
import retazo.core.quilt.design.Drawing;
import retazo.core.quilt.finish.BorderDesign;
import retazo.core.quilt.plan.BlockCount;
import retazo.core.quilt.plan.BlockMap;
import retazo.core.quilt.plan.MadeUnit;
import retazo.core.quilt.plan.PiecedBorder;
import retazo.core.quilt.plan.QuiltPlan;
import retazo.core.quilt.setting.LongPieces;
import retazo.core.quilt.setting.Use;

/** Tells how the top of a kit is sewn. */
final class SewingPages {

    private final KitWork work;
    private final QuiltPlan plan;
    private final Length step;
    private final Words words;

    /**
     * The sewing of one kit.
     *
     * @param step to which lengths are read off a ruler
     */
    SewingPages(KitWork work, Length step, Words words) {
        this.work = work;
        this.plan = work.plan();
        this.step = step;
        this.words = words;
    }

    /** Nothing where the pattern was not drawn, since then only its pieces are known, and nothing while the kit cannot be made. */
    SewingPage page() {
        Optional<Drawing> drawing = work.kit().pattern().design().drawing();
        if (plan.layout().isEmpty() || drawing.isEmpty() || !work.problems().isEmpty()) {
            return SewingPage.NONE;
        }
        UnitWords units = new UnitWords(work, step, words);
        List<SewingPage.Unit> sewn = new ArrayList<>();
        plan.units().forEach(made -> units.of(made, sewn.size()).ifPresent(sewn::add));
        Optional<BlockMap> map = work.kit().size().match(
                grid -> Optional.of(BlockMap.of(work.kit().pattern().design().withoutOverrides(), grid)), printed -> Optional.empty());
        return new SewingPage(sewn, plan.blocks().stream().map(this::block).toList(), map.filter(rows -> !rows.isPlain()),
                steps(drawing.get(), map), tools(),
                templates());
    }

    private String tools() {
        return plan.units().stream().flatMap(made -> made.unit().unit().spec().kind().tools().stream())
                .map(tool -> words.text("tool." + tool)).collect(Collectors.toCollection(TreeSet::new)).stream()
                .collect(Collectors.joining(", "));
    }

    private List<SewingPage.Template> templates() {
        Map<List<Point>, List<String>> labels = new LinkedHashMap<>();
        plan.pieces().forEach(piece -> piece.shape().template().ifPresent(outline -> labels
                .computeIfAbsent(outline, any -> new ArrayList<>())
                .add(words.text("make.template." + piece.shape().code(), piece.label()))));
        return labels.entrySet().stream().map(template -> template(template.getKey(), words.list(template.getValue()))).toList();
    }

    private static SewingPage.Template template(List<Point> outline, String labels) {
        Length width = outline.stream().map(Point::x).max(Length::compareTo).orElseThrow();
        Length height = outline.stream().map(Point::y).max(Length::compareTo).orElseThrow();
        String path = outline.stream().map(point -> QuiltPicture.inches(point.x()) + " " + QuiltPicture.inches(point.y()))
                .collect(Collectors.joining(" L ", "M ", " Z"));
        return new SewingPage.Template(
                labels, new BigDecimal(QuiltPicture.inches(width)), new BigDecimal(QuiltPicture.inches(height)), path);
    }

    private SewingPage.BlockOf block(BlockCount count) {
        FinishedSize finished = new FinishedSize(count.kind().block().finishedWidth(), count.kind().block().finishedHeight());
        String sewn = sides(MadeUnit.withSeams(count.kind().block().grid(), seam()));
        long blocks = count.count().value().value();
        String told = count.kind().block().trim()
                .map(trim -> words.text(
                        "make.block.trimmed", blocks, count.name(), sewn, trim.degrees(), sides(MadeUnit.withSeams(finished, seam()))))
                .orElseGet(() -> words.text("make.block", blocks, count.name(), sewn));
        return new SewingPage.BlockOf(
                count.name(),
                QuiltPicture.ofPatches(
                        "sewn-" + count.name(), finished.width(), finished.height(), count.kind().block().draw(), work.kit()::ink,
                        role -> work.kit().pattern().design().role(role).letter()),
                FractionText.of(Stream.concat(Stream.of(told), plan.standingPairs(count.kind().block().roles()).stream()
                        .map(pair -> words.text("make.block.upright", pair.standing(), pair.lying(), count.turned().value())))
                        .collect(Collectors.joining(" "))));
    }

    private static String sides(FinishedSize size) {
        return LengthView.sides(size.width(), size.height());
    }

    private List<FractionText> steps(Drawing drawing, Optional<BlockMap> map) {
        List<String> steps = new ArrayList<>();
        map.ifPresent(rows -> steps.add(words.text(
                rows.diagonal() ? "make.rows.diagonal" : "make.rows", rows.rows().size(), rows.rows().get(0).size(), !rows.isPlain())));
        plan.pieces().stream().filter(piece -> isOfTheSetting(piece.use())).forEach(piece -> steps.add(words.text(
                "make.setting." + piece.use().place(), piece.count().value().value(), piece.label(), ShapeWords.of(piece.shape(), words))));
        Stream.concat(
                plan.longPieces().stream().map(pieces -> new Around(pieces.use(), longPieces(pieces, drawing))),
                plan.piecedBorders().stream().map(border -> new Around(Use.border(border.number()), pieced(border))))
                .sorted(Comparator.comparing((Around around) -> around.use().place()).thenComparing(around -> around.use().number()))
                .forEach(around -> steps.add(around.told()));
        plan.pieces().stream().filter(piece -> piece.use().place() == Use.Place.BORDER).forEach(piece -> steps.add(words.text(
                "make.border.corners", piece.use().number(), piece.count().value().value(), piece.label(),
                ShapeWords.of(piece.shape(), words))));
        plan.finished().ifPresent(top -> steps.add(words.text(
                "make.top", sides(MadeUnit.withSeams(new FinishedSize(top.width().value(), top.height().value()), seam())))));
        if (!plan.backings().isEmpty() && work.kit().contents().backing()) {
            steps.add(words.text("make.layers"));
        }
        if (!plan.bindings().isEmpty() && work.kit().contents().binding()) {
            steps.add(words.text("make.binding"));
        }
        return steps.stream().map(FractionText::of).toList();
    }

    private Length seam() {
        return work.practice().length(PracticeMeasure.SEAM_ALLOWANCE);
    }

    private static boolean isOfTheSetting(Use use) {
        return switch (use.place()) {
            case SASH, CORNERSTONE, SETTING -> true;
            case BLOCKS, FLANGE, BORDER, BINDING, BACKING -> false;
        };
    }

    /** What goes around the blocks, in words. */
    private record Around(Use use, String told) {
    }

    private String pieced(PiecedBorder border) {
        return words.text(
                "make.border.pieced", border.number(), border.name(), border.across().value().value(),
                border.down().value().value(), border.cornerName().orElse(""), border.corner().isPresent());
    }

    private String longPieces(LongPieces pieces, Drawing drawing) {
        String lengths = pieces.pieces().stream()
                .map(piece -> words.text("paper.longPiece", piece.count().value().value(), LengthView.cut(piece.length().value()).plain()))
                .collect(Collectors.joining(words.text("make.then")));
        List<BorderDesign> borders = drawing.quilt().finishing().borders();
        boolean border = plan.itemOf(pieces).isEmpty() && pieces.use().place() == Use.Place.BORDER
                && pieces.use().number() <= borders.size();
        String code = border ? "make.border." + borders.get(pieces.use().number() - 1).corners() : "make.long." + pieces.use().place();
        String told = words.text(code, pieces.use().number(), lengths, LengthView.cut(pieces.cutWidth().value()).plain());
        return plan.itemOf(pieces).map(item -> words.text("make.item", item.item().name(), told)).orElse(told);
    }
}
