package retazo.core.quilt.design;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import retazo.core.block.Block;
import retazo.core.block.BlockKey;
import retazo.core.block.shape.FinishedSize;
import retazo.core.cloth.ShopPractice;
import retazo.core.measure.ExactLength;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;
import retazo.core.quilt.finish.Finishing;
import retazo.core.quilt.finish.Flange;
import retazo.core.quilt.finish.PiecedOf;
import retazo.core.quilt.place.Arrangement;
import retazo.core.quilt.place.PlaceChange;
import retazo.core.quilt.place.PlaceGrid;
import retazo.core.quilt.place.PlaceRule;
import retazo.core.quilt.place.Placement;
import retazo.core.quilt.setting.Sashing;
import retazo.core.quilt.setting.Use;

/**
 * What keeps blocks from being laid out so.
 *
 * @param place where its problems are told: empty for the quilt, {@code items.0.} for an item, {@code sizes.0.} for a size
 */
record CompositionCheck(Drawing drawing, Composition composition, String place) {

    static boolean isNoSash(Length width) {
        return !width.isPositive() || width.isLongerThan(Sashing.WIDEST);
    }

    /** What is wrong at any size. */
    List<Problem> problems() {
        List<Problem> problems = new ArrayList<>(kindProblems());
        if (problems.isEmpty()) {
            problems.addAll(ruleProblems());
            problems.addAll(settingProblems());
        }
        problems.addAll(finishingProblems());
        return problems;
    }

    private Problem at(String field, String code, Object... arguments) {
        return Problem.at(place + field, code, arguments);
    }

    private List<Problem> kindProblems() {
        Set<BlockKey> known = new HashSet<>(drawing.blocks().stream().map(BlockKind::key).toList());
        List<Problem> problems = new ArrayList<>();
        for (BlockKey key : composition.places().kinds()) {
            if (!known.contains(key)) {
                problems.add(at("places", "cell.unknown-block", key.value()));
            }
        }
        if (!problems.isEmpty()) {
            return problems;
        }
        Block first = drawing.first(composition);
        for (BlockKey key : composition.places().kinds()) {
            BlockKind kind = drawing.kind(key);
            if (!kind.block().finished().equals(first.finished())) {
                problems.add(at(
                        "places", "design.block-sizes", kind.name(), kind.block().finishedWidth(), kind.block().finishedHeight(),
                        first.finishedWidth(), first.finishedHeight()));
            }
        }
        return problems;
    }

    private List<Problem> ruleProblems() {
        List<Problem> problems = new ArrayList<>();
        Block first = drawing.first(composition);
        boolean onPoint = composition.setting().match(straight -> false, turned -> true);
        PlaceRule rule = composition.places();
        if (rule.parts() > rule.mostParts()) {
            problems.add(at("places", "places.count", rule.parts(), rule.mostParts()));
        }
        if (!first.finished().isSquare() && (onPoint || rule.turnsSideways())) {
            problems.add(at(
                    onPoint ? "setting" : "places", onPoint ? "setting.square-blocks" : "places.square-blocks",
                    first.finishedWidth(), first.finishedHeight()));
        }
        composition.places().asPoints().ifPresent(points -> {
            if (onPoint) {
                problems.add(at("places", "places.points-straight"));
            } else if (drawing.block(points.kind()).crossesMiddle(points.accent())) {
                problems.add(at("places", "places.points-cross", drawing.kind(points.kind()).name()));
            }
        });
        return problems;
    }

    private List<Problem> settingProblems() {
        List<Problem> problems = new ArrayList<>();
        composition.setting().sashing().ifPresent(sashes -> {
            if (isNoSash(sashes.width())) {
                problems.add(at("sash", "sash.width", sashes.width(), Sashing.WIDEST));
            }
        });
        if (composition.setting().cutUp().isPresent() && composition.setting().sashing().isPresent()) {
            problems.add(at("sash", "sash.cut-blocks"));
        }
        return problems;
    }

    private List<Problem> finishingProblems() {
        List<Problem> problems = new ArrayList<>();
        Finishing finishing = composition.finishing();
        if (finishing.borders().size() > Use.MOST_BORDERS) {
            problems.add(at("borders", "borders.count", finishing.borders().size(), Use.MOST_BORDERS));
        }
        for (int i = 0; i < finishing.borders().size(); i++) {
            String field = "borders." + i + ".pieced";
            finishing.borders().get(i).pieced().flatMap(this::piecedProblem)
                    .ifPresent(problem -> problems.add(problem.movedTo(this.place + field)));
        }
        finishing.flange().filter(flange -> !flange.width().isPositive() || flange.width().isLongerThan(Flange.WIDEST))
                .ifPresent(flange -> problems.add(at("flange", "flange.too-wide", flange.width(), Flange.WIDEST)));
        return problems;
    }

    /** What is wrong on a grid: too many blocks, borders out of their limits, a quilt too large, colours that make no unit. */
    List<Problem> gridProblems(int columns, int rows, List<Length> borderWidths, List<PlaceChange> changes) {
        List<Problem> problems = new ArrayList<>();
        blocksAcross("columns", columns, problems);
        blocksAcross("rows", rows, problems);
        if (borderWidths.size() > composition.finishing().borders().size()) {
            problems.add(at("border", "size.more-borders", borderWidths.size(), composition.finishing().borders().size()));
        }
        for (Length width : borderWidths) {
            if (width.isNegative() || width.isLongerThan(DesignCheck.WIDEST_BORDER)) {
                problems.add(at("border", "size.border-width", width, DesignCheck.WIDEST_BORDER));
            }
        }
        if (!problems.isEmpty()) {
            return problems;
        }
        Length bothSides = borderWidths.stream().reduce(Length.ZERO, Length::plus).times(2);
        Block first = drawing.first(composition);
        largest("columns", composition.setting().extent(first.finishedWidth(), columns), bothSides, problems);
        largest("rows", composition.setting().extent(first.finishedHeight(), rows), bothSides, problems);
        if (problems.isEmpty()) {
            problems.addAll(piecedProblems(
                    borderWidths, Drawing.side(composition.setting(), first.finishedWidth(), columns, ShopPractice.customary()),
                    Drawing.side(composition.setting(), first.finishedHeight(), rows, ShopPractice.customary())));
            problems.addAll(placeProblems(composition.setting().grid(columns, rows), changes));
        }
        return problems;
    }

    /** Why a border cannot be sewn of these blocks. */
    private Optional<Problem> piecedProblem(PiecedOf pieced) {
        Optional<BlockKind> block = kind(pieced.block());
        Optional<BlockKind> corner = pieced.corner().flatMap(this::kind);
        if (block.isEmpty() || pieced.corner().isPresent() && corner.isEmpty()) {
            return Optional.of(Problem.of("border.no-block"));
        }
        Length height = block.get().block().finishedHeight();
        return corner.filter(kind -> !kind.block().finished().equals(new FinishedSize(height, height)))
                .map(kind -> Problem.of("border.corner-block", kind.name(), height));
    }

    private Optional<BlockKind> kind(BlockKey key) {
        return drawing.blocks().stream().filter(kind -> kind.key().equals(key)).findFirst();
    }

    /** Whether borders sewn of blocks are as wide as those are high, and as long as a whole number of them. */
    private List<Problem> piecedProblems(List<Length> widths, Length width, Length height) {
        List<Problem> problems = new ArrayList<>();
        Length before = Length.ZERO;
        for (int i = 0; i < widths.size(); i++) {
            int number = i + 1;
            Length around = before.times(2);
            Optional<BlockKind> block = composition.finishing().borders().get(i).pieced().flatMap(pieced -> kind(pieced.block()));
            if (block.isPresent() && widths.get(i).isPositive()) {
                if (!widths.get(i).equals(block.get().block().finishedHeight())) {
                    problems.add(at("border", "border.pieced-width", number, block.get().name(), block.get().block().finishedHeight(),
                            widths.get(i)));
                }
                Stream.of(width.plus(around), height.plus(around)).distinct()
                        .flatMap(side -> unfilled(number, block.get(), side).stream()).forEach(problems::add);
            }
            before = before.plus(widths.get(i));
        }
        return problems;
    }

    /** What is over of a side, and how much wider a border inside it makes one more fit. */
    private Optional<Problem> unfilled(int number, BlockKind block, Length side) {
        Length length = block.block().finishedWidth();
        long whole = side.wholeTimes(length).value();
        Length over = side.minus(length.times(whole));
        return over.isZero()
                ? Optional.empty()
                : Optional.of(at("border", "border.pieced-length", number, block.name(), length, side, whole, over,
                        new Length(length.minus(over).ticks() / 2), whole + 1));
    }

    private List<Problem> placeProblems(PlaceGrid grid, List<PlaceChange> changes) {
        List<Problem> problems = new ArrayList<>();
        if (changes.size() > PlaceChange.MOST) {
            problems.add(at("changes", "changes.count", changes.size(), PlaceChange.MOST));
        }
        Arrangement arrangement = Arrangement.of(composition.places(), grid, changes);
        Set<Placement> seen = new HashSet<>();
        for (Placement placement : arrangement.placements().values()) {
            BlockKind kind = drawing.kind(placement.kind());
            boolean makesNone = seen.add(placement) && placement.colouring().of(kind.block()).isEmpty();
            if (makesNone && problems.isEmpty()) {
                problems.add(at("places", "places.no-unit", kind.name()));
            }
        }
        return problems;
    }

    private void largest(String field, ExactLength side, Length bothSides, List<Problem> problems) {
        DesignCheck.largest(place + field, side.plus(ExactLength.of(bothSides)).roundedUpTo(Length.ofInches(1, 8)), problems);
    }

    private void blocksAcross(String field, int blocks, List<Problem> problems) {
        if (blocks < 1 || blocks > PlaceGrid.MOST_BLOCKS_ACROSS) {
            problems.add(at(field, "size.blocks-across", blocks, PlaceGrid.MOST_BLOCKS_ACROSS));
        }
    }
}
