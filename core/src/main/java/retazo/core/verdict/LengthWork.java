package retazo.core.verdict;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import retazo.core.block.shape.PieceShape;
import retazo.core.block.shape.Subcut;
import retazo.core.cloth.Margin;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.cloth.PrintKind;
import retazo.core.cloth.RoleKey;
import retazo.core.cloth.ShopPractice;
import retazo.core.cutting.ClothLine;
import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.explain.Origin;
import retazo.core.kit.Instructions;
import retazo.core.kit.Need;
import retazo.core.kit.Needs;
import retazo.core.measure.Length;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.finish.BackingSheet;
import retazo.core.quilt.plan.QuiltPlan;
import retazo.core.quilt.plan.QuiltPlanner;
import retazo.core.quilt.setting.Use;
import retazo.core.quilt.size.QuiltSize;
import retazo.core.quilt.size.SizeKey;

/** Works the length of a role at a size out in any way of working. Plans are kept, since most ways share them. */
final class LengthWork {

    /**
     * Strips of one height.
     *
     * @param label the pieces that come from them; empty for long strips and panels
     */
    record Strips(Use use, String label, long strips, Length height) {
        Length length() {
            return height.times(strips);
        }
    }

    /**
     * A length worked out.
     *
     * @param exact nothing rounded; of rounded parts, their sum
     */
    record Worked(List<Strips> strips, Length exact, Length total) {
    }

    private record Planned(QuiltPlan plan, Needs.Result needs) {
    }

    private record Question(SizeKey size, ShopPractice practice) {
    }

    /** What decides about strips, whatever is rounded or added afterwards. */
    private record Cutting(
            RoleKey role, SizeKey size, ShopPractice practice, Basis.Pieces pieces, Set<Use.Place> without, Optional<Length> backWidth) {
    }

    private static final Length WIDEST_CLOTH = Length.ofInches(44);
    private static final Length WIDEST_BACKING = Length.ofInches(108);

    private final QuiltDesign design;
    private final Map<Question, QuiltPlan> plans = new HashMap<>();
    private final Map<Question, Planned> needs = new HashMap<>();
    private final Map<Cutting, List<Strips>> cut = new HashMap<>();

    /** @param design whose figures are worked out from its pieces */
    LengthWork(QuiltDesign design) {
        this.design = design;
    }

    private Planned planned(QuiltSize size, ShopPractice practice) {
        return needs.computeIfAbsent(new Question(size.key(), practice), question -> {
            QuiltPlan plan = plan(size, practice);
            return new Planned(plan, new Needs(practice, Instructions.OURS_ALONE).byRole(design, plan));
        });
    }

    /** How wide the cloth is makes no difference before strips are counted. */
    private QuiltPlan plan(QuiltSize size, ShopPractice practice) {
        ShopPractice anyWidth = practice.with(PracticeMeasure.USABLE_WIDTH, PracticeMeasure.USABLE_WIDTH.least());
        return plans.computeIfAbsent(new Question(size.key(), anyWidth), question -> new QuiltPlanner(practice).plan(design, size));
    }

    /** Empty where nothing of the role is cut at the size, or it cannot be. */
    Optional<Worked> work(RoleKey role, QuiltSize size, Basis basis) {
        List<Strips> strips = cut.computeIfAbsent(
                new Cutting(role, size.key(), basis.practice(), basis.pieces(), basis.without(), basis.backWidth()),
                cutting -> strips(role, size, basis));
        return strips.isEmpty() ? Optional.empty() : Optional.of(added(strips, basis));
    }

    private List<Strips> strips(RoleKey role, QuiltSize size, Basis basis) {
        Planned planned = planned(size, basis.practice());
        return Optional.ofNullable(planned.needs().byFabric().get(role.value()))
                .flatMap(Need::cloth)
                .map(cloth -> cloth.plan().lines())
                .orElse(List.of()).stream()
                .filter(line -> !basis.without().contains(line.use().place()))
                .map(line -> strips(line, planned.plan(), role, basis))
                .toList();
    }

    private static Worked added(List<Strips> strips, Basis basis) {
        List<Length> parts = new ArrayList<>(strips.stream().map(Strips::length).toList());
        if (basis.squaring() && basis.partStep().isEmpty()) {
            parts.add(basis.practice().length(PracticeMeasure.SQUARING));
        }
        Length exact = parts.stream()
                .map(part -> basis.partStep().map(part::roundedUpTo).orElse(part))
                .reduce(Length.ZERO, Length::plus);
        return new Worked(strips, exact, basis.rounding().of(withMargin(exact, basis.margin())));
    }

    /** With its margin, to the tick above. */
    private static Length withMargin(Length exact, Margin margin) {
        return margin.toSell("", Label.of("cloth.sell"), given(exact), given(new Length(1))).value();
    }

    private static Figure<Length> given(Length length) {
        return Figure.given("", Label.of("cloth.exact"), length, Origin.craft("reading"));
    }

    private Strips strips(ClothLine line, QuiltPlan plan, RoleKey role, Basis basis) {
        Strips asTheyAre = new Strips(line.use(), String.join(", ", line.pieceLabels()), strips(line), line.stripHeight().value());
        if (line.seams().isPresent() && basis.backWidth().isPresent()) {
            return wideBack(asTheyAre, plan, role, basis.backWidth().get());
        }
        Length seams = basis.practice().length(PracticeMeasure.SEAM_ALLOWANCE).times(2);
        return switch (basis.pieces()) {
            case AS_THEY_ARE -> asTheyAre;
            case THE_LONG_WAY -> rectangle(line).map(piece -> cut(asTheyAre, line, piece.height().value(), piece.width().value(), basis))
                    .orElse(asTheyAre);
            case PATCHES_AS_FINISHED -> rectangle(line)
                    .map(piece -> cut(asTheyAre, line, piece.width().value().minus(seams), piece.height().value().minus(seams), basis))
                    .orElse(asTheyAre);
            case STRIPS_AS_FINISHED -> isLong(line)
                    ? new Strips(line.use(), "", asTheyAre.strips(), asTheyAre.height().minus(seams))
                    : asTheyAre;
            case OTHER_SEAMS -> line.seams().map(seam -> otherSeams(asTheyAre, seam, plan, role, basis)).orElse(asTheyAre);
        };
    }

    /** How often the strip height is taken; of squares and backs that lie side by side, how many rows. */
    private static long strips(ClothLine line) {
        return line.length().value().wholeTimes(line.stripHeight().value()).value();
    }

    private static boolean isLong(ClothLine line) {
        return line.lay() == ClothLine.Lay.ACROSS && line.pieces().isEmpty()
                && line.use().place() != Use.Place.BINDING && line.use().place() != Use.Place.BACKING;
    }

    private static Optional<PieceShape.Rectangle> rectangle(ClothLine line) {
        return line.pieces().map(ClothLine.Pieces::shape).flatMap(PieceShape::asRectangle)
                .filter(piece -> piece.subcut() == Subcut.NONE);
    }

    /** Pieces of another size across and along; none where they do not fit. */
    private static Strips cut(Strips otherwise, ClothLine line, Length across, Length along, Basis basis) {
        Length usableWidth = basis.practice().length(PracticeMeasure.USABLE_WIDTH);
        if (!across.isPositive() || !along.isPositive() || across.isLongerThan(usableWidth)) {
            return otherwise;
        }
        long perStrip = usableWidth.wholeTimes(across).value();
        long pieces = line.pieces().orElseThrow().count().value().value();
        return new Strips(line.use(), otherwise.label(), Math.floorDiv(pieces + perStrip - 1, perStrip), along);
    }

    private static Strips otherSeams(Strips otherwise, BackingSheet.Seams seams, QuiltPlan plan, RoleKey role, Basis basis) {
        Figure<Length> usableWidth = basis.practice().figure(PracticeMeasure.USABLE_WIDTH);
        return plan.backings().stream()
                .filter(backing -> backing.role().equals(role))
                .flatMap(backing -> Stream.of(BackingSheet.Seams.values()).filter(way -> way != seams)
                        .map(way -> backing.panels(way, usableWidth)))
                .findFirst()
                .map(panels -> new Strips(
                        otherwise.use(), "", panels.length().value().wholeTimes(panels.panelLength().value()).value(),
                        panels.panelLength().value()))
                .orElse(otherwise);
    }

    private static Strips wideBack(Strips otherwise, QuiltPlan plan, RoleKey role, Length width) {
        Figure<Length> wide = Figure.given("", Label.of("backing.wideWidth"), width, Origin.craft("reading"));
        return plan.backings().stream().filter(backing -> backing.role().equals(role)).findFirst()
                .map(backing -> backing.taken(wide, PrintKind.ALL_OVER))
                .map(panels -> new Strips(
                        otherwise.use(), "", panels.length().value().wholeTimes(panels.panelLength().value()).value(),
                        panels.panelLength().value()))
                .orElse(otherwise);
    }

    /**
     * What no way of working can do without: the area of all pieces as they finish, on cloth of 44 in, the widest there is
     * between selvedges; and the area of the quilt itself for its back, on a wide fabric of 108 in.
     */
    Length least(RoleKey role, QuiltSize size, ShopPractice practice) {
        QuiltPlan plan = planned(size, practice).plan();
        Length seams = practice.length(PracticeMeasure.SEAM_ALLOWANCE).times(2);
        BigInteger pieces = plan.pieces().stream()
                .filter(piece -> piece.role().equals(role))
                .flatMap(piece -> piece.shape().asRectangle().stream().map(shape -> area(
                        shape.width().value().minus(seams), shape.height().value().minus(seams), piece.count().value().value())))
                .reduce(BigInteger.ZERO, BigInteger::add);
        BigInteger strips = plan.longPieces().stream()
                .filter(joined -> joined.role().equals(role))
                .flatMap(joined -> joined.pieces().stream().map(piece -> area(
                        piece.length().value().minus(seams), joined.cutWidth().value().minus(seams), piece.count().value().value())))
                .reduce(BigInteger.ZERO, BigInteger::add);
        boolean isBack = plan.backings().stream().anyMatch(backing -> backing.role().equals(role));
        BigInteger back = isBack
                ? plan.finished().map(quilt -> area(quilt.width().value(), quilt.height().value(), 1)).orElse(BigInteger.ZERO)
                : BigInteger.ZERO;
        return on(WIDEST_CLOTH, pieces.add(strips)).plus(on(WIDEST_BACKING, back));
    }

    private static Length on(Length width, BigInteger area) {
        return new Length(area.divide(BigInteger.valueOf(width.ticks())).longValueExact());
    }

    private static BigInteger area(Length width, Length height, long count) {
        return BigInteger.valueOf(Math.max(0, width.ticks())).multiply(BigInteger.valueOf(Math.max(0, height.ticks())))
                .multiply(BigInteger.valueOf(count));
    }
}
