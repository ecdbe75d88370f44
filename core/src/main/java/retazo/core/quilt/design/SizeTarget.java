package retazo.core.quilt.design;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import retazo.core.block.shape.FinishedSize;
import retazo.core.cloth.ShopPractice;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;
import retazo.core.quilt.place.PlaceGrid;
import retazo.core.quilt.setting.Sashing;
import retazo.core.quilt.size.QuiltSize;
import retazo.core.quilt.size.SizeKey;

/**
 * A width and height that a quilt should come near to.
 *
 * @param width  above zero, no more than the largest quilt
 * @param height likewise
 */
public record SizeTarget(Length width, Length height) {

    private static final Length STEP = Length.ofInches(1, 2);
    private static final int MOST_PROPOSALS = 6;

    /** So that there is something to choose from, no more proposals change the same things. */
    private static final int MOST_ALIKE = 2;

    /**
     * @throws IllegalArgumentException if a side is not above zero, or is longer than a quilt may be
     */
    public SizeTarget {
        for (Length side : List.of(width, height)) {
            if (!side.isPositive() || side.isLongerThan(DesignCheck.LARGEST_QUILT)) {
                throw new IllegalArgumentException("No quilt is " + side + " long.");
            }
        }
    }

    /**
     * A size for a bed: as wide as the mattress with the drop on both sides, as long as it with the drop at its foot.
     *
     * @param drop how far the quilt hangs down, zero or more
     */
    public static FinishedSize bed(FinishedSize mattress, Length drop) {
        return new FinishedSize(mattress.width().plus(drop.times(2)), mattress.height().plus(drop));
    }

    /** What keeps a wanted size from being a target: a side longer than a quilt may be. */
    public static List<Problem> problems(String place, FinishedSize wanted) {
        List<Problem> problems = new ArrayList<>();
        DesignCheck.largest(place, wanted.width(), problems);
        DesignCheck.largest(place, wanted.height(), problems);
        return problems;
    }

    public static SizeTarget of(FinishedSize wanted) {
        return new SizeTarget(wanted.width(), wanted.height());
    }

    /**
     * A size near the target.
     *
     * @param size   as it would be kept
     * @param width  finished
     * @param height finished
     * @param changed which of the widths differ from those of the size that was started from
     */
    public record Proposal(QuiltSize.Grid size, Length width, Length height, List<Changed> changed) {

        /** What differs beside the grid. */
        public enum Changed {
            OUTER_BORDER,
            NO_BORDER,
            SASH,
            BLOCK
        }

        public Proposal {
            changed = List.copyOf(changed);
        }

        /** How much wider than the target; below zero where it is narrower. */
        public Length missAcross(SizeTarget target) {
            return width.minus(target.width());
        }

        /** How much longer than the target; below zero where it is shorter. */
        public Length missDown(SizeTarget target) {
            return height.minus(target.height());
        }

        private Length miss(SizeTarget target) {
            return absolute(missAcross(target)).plus(absolute(missDown(target)));
        }

        private static Length absolute(Length length) {
            return length.isNegative() ? length.negated() : length;
        }
    }

    /**
     * The nearest combinations of grid, outer border, sash and block width, nearest first; of equally near ones that with
     * fewer changes. No grid is proposed twice with the same changes, and no more than two with the same changes.
     *
     * <p>For every sash and block width that can be cut the two grids around the target are tried in each direction, with the
     * borders as they are, without them, and with the outer border that brings the narrower miss to nothing.
     *
     * @param from whose name, borders and widths are started from
     */
    public List<Proposal> nearest(Drawing drawing, QuiltSize.Grid from, ShopPractice practice) {
        List<Proposal> proposals = new ArrayList<>();
        variants(drawing, from).forEach(variant -> drawing.at(variant.size()).ifPresent(
                sized -> grids(sized, variant, practice).forEach(proposals::add)));
        proposals.sort(Comparator.comparing((Proposal proposal) -> proposal.miss(this))
                .thenComparing(proposal -> proposal.changed().size())
                .thenComparing(proposal -> proposal.size().columns()).thenComparing(proposal -> proposal.size().rows()));
        List<Proposal> best = new ArrayList<>();
        for (Proposal proposal : proposals) {
            List<Proposal> alike = best.stream().filter(other -> other.changed().equals(proposal.changed())).toList();
            boolean known = alike.stream().anyMatch(other -> other.size().columns() == proposal.size().columns()
                    && other.size().rows() == proposal.size().rows());
            if (!known && alike.size() < MOST_ALIKE && best.size() < MOST_PROPOSALS) {
                best.add(proposal);
            }
        }
        return best;
    }

    private record Variant(QuiltSize.Grid size, List<Proposal.Changed> changed) {
        Variant with(QuiltSize.Grid other, Proposal.Changed... more) {
            return new Variant(other, Stream.concat(changed.stream(), Stream.of(more)).toList());
        }
    }

    private static List<Variant> variants(Drawing drawing, QuiltSize.Grid from) {
        QuiltSize.Overrides own = from.overrides();
        QuiltSize.Grid plain = from.with(new QuiltSize.Overrides(own.sash(), own.blockWidth(), List.of()));
        List<Variant> variants = new ArrayList<>(List.of(new Variant(plain, List.of())));
        drawing.setting().sashing().ifPresent(sashing -> {
            Length sash = own.sash().orElse(sashing.width());
            for (int steps = -2; steps <= 2; steps++) {
                Length width = sash.plus(STEP.times(steps));
                if (steps != 0 && width.isPositive() && !width.isLongerThan(Sashing.WIDEST)) {
                    variants.add(new Variant(
                            plain.with(new QuiltSize.Overrides(Optional.of(width), own.blockWidth(), List.of())),
                            List.of(Proposal.Changed.SASH)));
                }
            }
        });
        Length block = own.blockWidth().orElse(drawing.first().finishedWidth());
        Length parts = block.minus(new Length(Math.floorMod(block.ticks(), STEP.ticks())));
        for (int steps = -4; steps <= 4; steps++) {
            Length width = parts.plus(STEP.times(2L * steps));
            if (!width.equals(block) && width.isPositive()) {
                variants.add(new Variant(
                        plain.with(new QuiltSize.Overrides(own.sash(), Optional.of(width), List.of())), List.of(Proposal.Changed.BLOCK)));
            }
        }
        return variants;
    }

    /** The grids around the target with each way of borders. */
    private List<Proposal> grids(Drawing sized, Variant variant, ShopPractice practice) {
        List<Proposal> proposals = new ArrayList<>();
        Extent extent = new Extent(sized, practice);
        for (Variant bordered : borderless(variant)) {
            Length around = around(bordered.size());
            for (int columns : extent.near(true, width.minus(around))) {
                for (int rows : extent.near(false, height.minus(around))) {
                    Variant grid = bordered.with(bordered.size().withGrid(columns, rows));
                    add(proposals, sized, grid, extent);
                    outerBorder(grid, extent).ifPresent(fitted -> add(proposals, sized, fitted, extent));
                }
            }
        }
        return proposals;
    }

    private static List<Variant> borderless(Variant variant) {
        return variant.size().borderWidths().isEmpty()
                ? List.of(variant)
                : List.of(variant, variant.with(variant.size().withBorders(List.of()), Proposal.Changed.NO_BORDER));
    }

    private static Length around(QuiltSize.Grid size) {
        return size.borderWidths().stream().reduce(Length.ZERO, Length::plus).times(2);
    }

    /** The outer border widened or narrowed by what half of the narrower miss is, in half inches. */
    private Optional<Variant> outerBorder(Variant grid, Extent extent) {
        List<Length> widths = new ArrayList<>(grid.size().borderWidths());
        if (widths.isEmpty()) {
            return Optional.empty();
        }
        Length missAcross = width.minus(extent.side(true, grid.size().columns()).plus(around(grid.size())));
        Length missDown = height.minus(extent.side(false, grid.size().rows()).plus(around(grid.size())));
        Length miss = Proposal.absolute(missAcross).isShorterThan(Proposal.absolute(missDown)) ? missAcross : missDown;
        Length more = STEP.times(Math.floorDiv(2 * (miss.ticks() / 2) + STEP.ticks(), 2 * STEP.ticks()));
        int last = widths.size() - 1;
        Length outer = widths.get(last).plus(more);
        if (more.isZero() || !outer.isPositive() || outer.isLongerThan(DesignCheck.WIDEST_BORDER)) {
            return Optional.empty();
        }
        widths.set(last, outer);
        return Optional.of(grid.with(grid.size().withBorders(widths), Proposal.Changed.OUTER_BORDER));
    }

    private void add(List<Proposal> proposals, Drawing drawing, Variant variant, Extent extent) {
        QuiltSize.Grid size = variant.size();
        boolean possible = new CompositionCheck(drawing, drawing.quilt(), "")
                .gridProblems(size.columns(), size.rows(), size.borderWidths(), List.of()).isEmpty();
        if (possible) {
            proposals.add(new Proposal(
                    size, extent.side(true, size.columns()).plus(around(size)), extent.side(false, size.rows()).plus(around(size)),
                    variant.changed()));
        }
    }

    /** How far so many blocks reach. */
    private record Extent(Drawing drawing, ShopPractice practice) {

        Length side(boolean across, int blocks) {
            QuiltSize.Grid size = QuiltSize.Grid.of(new SizeKey("side"), "side", across ? blocks : 1, across ? 1 : blocks, List.of());
            FinishedSize finished = drawing.finishedAt(size, practice);
            return across ? finished.width() : finished.height();
        }

        /** The most blocks that stay within a length, and one more. */
        List<Integer> near(boolean across, Length length) {
            int blocks = 1;
            while (blocks < PlaceGrid.MOST_BLOCKS_ACROSS && !side(across, blocks + 1).isLongerThan(length)) {
                blocks++;
            }
            return blocks < PlaceGrid.MOST_BLOCKS_ACROSS ? List.of(blocks, blocks + 1) : List.of(blocks);
        }
    }
}
