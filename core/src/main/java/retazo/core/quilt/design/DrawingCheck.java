package retazo.core.quilt.design;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import retazo.core.block.Block;
import retazo.core.block.BlockKey;
import retazo.core.block.Cell;
import retazo.core.measure.Problem;
import retazo.core.quilt.setting.Sashing;
import retazo.core.quilt.size.QuiltSize;

/** What keeps a drawing from being one. */
public record DrawingCheck(Drawing drawing, List<QuiltSize> sizes) {

    public List<Problem> problems() {
        List<Problem> problems = new ArrayList<>(blockProblems());
        if (problems.isEmpty()) {
            problems.addAll(new CompositionCheck(drawing, drawing.quilt(), "").problems());
            problems.addAll(itemProblems());
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

    private List<Problem> itemProblems() {
        List<Problem> problems = new ArrayList<>();
        if (drawing.items().size() > Drawing.MOST_ITEMS) {
            problems.add(Problem.at("items", "items.count", drawing.items().size(), Drawing.MOST_ITEMS));
        }
        for (int i = 0; i < drawing.items().size(); i++) {
            Item item = drawing.items().get(i);
            String place = "items." + i + ".";
            if (item.name().isBlank()) {
                problems.add(Problem.at(place + "name", "item.name-missing"));
            }
            if (item.copies() < 1 || item.copies() > Item.MOST_COPIES) {
                problems.add(Problem.at(place + "copies", "item.copies", item.copies(), Item.MOST_COPIES));
            }
            CompositionCheck check = new CompositionCheck(drawing, item.composition(), place);
            problems.addAll(check.problems());
            if (problems.isEmpty()) {
                problems.addAll(check.gridProblems(item.columns(), item.rows(), item.borderWidths(), List.of()));
            }
        }
        return problems;
    }

    List<Problem> gridProblems(String place, QuiltSize.Grid size) {
        QuiltSize.Overrides overrides = size.overrides();
        List<Problem> problems = new ArrayList<>();
        overrides.sash().filter(width -> drawing.setting().sashing().isEmpty())
                .ifPresent(width -> problems.add(Problem.at(place + "sash", "size.no-sashes")));
        overrides.sash().filter(CompositionCheck::isNoSash)
                .ifPresent(width -> problems.add(Problem.at(place + "sash", "sash.width", width, Sashing.WIDEST)));
        overrides.blockWidth().filter(width -> !width.isPositive() || width.isLongerThan(Block.LARGEST_LINE))
                .ifPresent(width -> problems.add(Problem.at(place + "block", "size.block-width", width, Block.LARGEST_LINE)));
        if (!problems.isEmpty()) {
            return problems;
        }
        Optional<Drawing> sized = drawing.at(size);
        if (sized.isEmpty()) {
            return List.of(Problem.at(place + "block", "size.block-scale", overrides.blockWidth().orElseThrow()));
        }
        return new CompositionCheck(sized.get(), sized.get().quilt(), place)
                .gridProblems(size.columns(), size.rows(), size.borderWidths(), overrides.changes());
    }
}
