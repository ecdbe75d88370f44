package retazo.app.cloth;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import retazo.app.pictures.RoleView;
import retazo.app.shared.FractionText;
import retazo.app.shared.LengthView;
import retazo.app.shared.Words;
import retazo.core.block.Block;
import retazo.core.block.BlockKey;
import retazo.core.block.spec.UnitMethod;
import retazo.core.block.unit.SizedUnit;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.piece.PieceNeed;
import retazo.core.quilt.piece.PieceShare;
import retazo.core.quilt.plan.BlockCount;
import retazo.core.quilt.plan.QuiltPlan;

/** The pieces of a pattern: what is cut, how many of it one block takes, and what it makes. */
public record PieceListView(List<ListedPiece> lines) {

    /**
     * Pieces of one role and cut size.
     *
     * @param shape    in words, with its sizes
     * @param perBlock how many one block takes, by the names of the blocks where there are several
     * @param count    how many the shown size takes
     * @param made     what the pieces make, or a note of the cut list
     */
    record ListedPiece(RoleView role, String label, FractionText shape, FractionText perBlock, long count, List<FractionText> made) {
    }

    public static PieceListView of(QuiltDesign design, QuiltPlan plan, Words words) {
        Map<String, RoleView> roles = RoleView.of(design, words).stream().collect(Collectors.toMap(RoleView::key, Function.identity()));
        return new PieceListView(plan.pieces().stream()
                .map(piece -> new ListedPiece(
                        requireNonNull(roles.get(piece.role().value())),
                        piece.label(),
                        FractionText.of(ShapeWords.of(piece.shape(), words)),
                        FractionText.of(perBlock(piece, plan.blocks(), words)),
                        piece.count().value().value(),
                        piece.units().stream().map(use -> FractionText.of(made(use, roles, words))).distinct().toList()))
                .toList());
    }

    /** Blocks of one kind that take the same are told once; else each of its colourings by its name, so that colour sets are told apart. */
    private static String perBlock(PieceNeed piece, List<BlockCount> blocks, Words words) {
        Map<BlockKey, Map<Block, BlockCount>> byKind = new LinkedHashMap<>();
        blocks.forEach(count -> byKind.computeIfAbsent(count.kind().key(), key -> new LinkedHashMap<>())
                .putIfAbsent(count.kind().block(), count));
        List<String> shares = new ArrayList<>();
        for (Map<Block, BlockCount> colourings : byKind.values()) {
            Map<BlockCount, PieceShare> each = new LinkedHashMap<>();
            colourings.forEach((block, count) -> each.put(count, piece.in(block.units())));
            boolean alike = each.values().stream().distinct().count() == 1;
            each.entrySet().stream().filter(share -> share.getValue().pieces() > 0).limit(alike ? 1 : Long.MAX_VALUE)
                    .forEach(share -> shares.add(share(share.getValue(), alike
                            ? byKind.size() > 1 ? share.getKey().kind().name() : ""
                            : share.getKey().name(), words)));
        }
        return String.join(", ", shares);
    }

    /** {@code 4}, or {@code 1 in each rope}; where not every block takes a whole piece {@code 1 for 2 bollard blocks}. */
    private static String share(PieceShare share, String kind, Words words) {
        String code = "pieces.share" + (kind.isEmpty() ? "" : ".kind") + (share.blocks() > 1 ? ".blocks" : "");
        return words.text(code, share.pieces(), share.blocks(), kind);
    }

    private static String made(PieceNeed.PieceUse use, Map<String, RoleView> roles, Words words) {
        SizedUnit unit = use.unit();
        String letters = unit.unit().roles().stream().map(role -> requireNonNull(roles.get(role.value())).letter())
                .collect(Collectors.joining(", "));
        UnitMethod method = unit.unit().spec().method();
        return words.text(
                method == UnitMethod.ONLY ? "made.unit" : "made.unit.method", words.text("unit." + unit.unit().spec().kind().code()),
                letters,
                LengthView.sides(unit.size().width(), unit.size().height()),
                words.text("method." + method.code()));
    }
}
