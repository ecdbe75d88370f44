package retazo.core.quilt;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import retazo.core.block.Block;
import retazo.core.block.BlockKey;
import retazo.core.block.Cell;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;

/** What keeps a drawing from being one. */
record DrawingCheck(Drawing drawing, List<QuiltSize> sizes) {

    List<Problem> problems() {
        List<Problem> problems = new ArrayList<>(blockProblems());
        if (problems.isEmpty()) {
            problems.addAll(placeProblems());
        }
        if (!problems.isEmpty()) {
            return problems;
        }
        for (int i = 0; i < sizes.size(); i++) {
            String place = "sizes." + i + ".";
            problems.addAll(sizes.get(i).match(grid -> gridProblems(place, grid), printed -> List.of()));
        }
        return problems;
    }

    private List<Problem> blockProblems() {
        List<Problem> problems = new ArrayList<>();
        if (drawing.blocks().isEmpty() || drawing.blocks().size() > Drawing.MOST_BLOCKS) {
            problems.add(Problem.at("blocks", "blocks.count", drawing.blocks().size(), Drawing.MOST_BLOCKS));
        }
        Set<Object> names = new HashSet<>();
        Map<BlockKey, Block> before = new HashMap<>();
        for (int i = 0; i < drawing.blocks().size(); i++) {
            BlockKind kind = drawing.blocks().get(i);
            String place = "blocks." + i;
            if (kind.name().isBlank() || !names.add(kind.name().toLowerCase(Locale.ROOT)) || !names.add(kind.key())) {
                problems.add(Problem.at(place + ".name", "block.name", kind.name()));
            }
            for (Cell cell : kind.block().cells()) {
                cell.content().inner().filter(inner -> !inner.block().equals(before.get(inner.key()))).ifPresent(inner -> problems.add(
                        Problem.at(place + ".cells." + cell.row() + "." + cell.column(), "cell.unknown-block", inner.key().value())));
            }
            before.put(kind.key(), kind.block());
        }
        return problems;
    }

    /** The blocks that stand in the quilt are all of one size, and each is drawn. */
    private List<Problem> placeProblems() {
        List<Problem> problems = new ArrayList<>();
        Set<BlockKey> known = new HashSet<>(drawing.blocks().stream().map(BlockKind::key).toList());
        for (BlockKey key : drawing.places().distinctKinds()) {
            if (!known.contains(key)) {
                problems.add(Problem.at("places", "cell.unknown-block", key.value()));
            }
        }
        if (problems.isEmpty()) {
            for (BlockKind kind : drawing.placed()) {
                if (!kind.block().finished().equals(drawing.first().finished())) {
                    problems.add(Problem.at(
                            "places", "design.block-sizes", kind.name(), kind.block().finishedWidth(), kind.block().finishedHeight(),
                            drawing.first().finishedWidth(), drawing.first().finishedHeight()));
                }
            }
        }
        if (drawing.places().kinds().size() > PlaceRule.MOST_KINDS) {
            problems.add(Problem.at("places", "places.count", drawing.places().kinds().size(), PlaceRule.MOST_KINDS));
        }
        return problems;
    }

    private List<Problem> gridProblems(String place, QuiltSize.Grid size) {
        List<Problem> problems = new ArrayList<>();
        blocksAcross(place + "columns", size.columns(), problems);
        blocksAcross(place + "rows", size.rows(), problems);
        if (size.borderWidths().size() > drawing.borders().size()) {
            problems.add(Problem.at(place + "border", "size.more-borders", size.borderWidths().size(), drawing.borders().size()));
        }
        for (Length width : size.borderWidths()) {
            if (!width.isPositive() || width.isLongerThan(DesignCheck.WIDEST_BORDER)) {
                problems.add(Problem.at(place + "border", "size.border-width", width, DesignCheck.WIDEST_BORDER));
            }
        }
        if (problems.isEmpty()) {
            Length bothSides = size.borderWidths().stream().reduce(Length.ZERO, Length::plus).times(2);
            DesignCheck.largest(place + "columns", drawing.first().finishedWidth().times(size.columns()).plus(bothSides), problems);
            DesignCheck.largest(place + "rows", drawing.first().finishedHeight().times(size.rows()).plus(bothSides), problems);
        }
        return problems;
    }

    private static void blocksAcross(String place, int blocks, List<Problem> problems) {
        if (blocks < 1 || blocks > QuiltDesign.MOST_BLOCKS_ACROSS) {
            problems.add(Problem.at(place, "size.blocks-across", blocks, QuiltDesign.MOST_BLOCKS_ACROSS));
        }
    }
}
