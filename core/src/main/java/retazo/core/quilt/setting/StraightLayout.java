package retazo.core.quilt.setting;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import retazo.core.block.shape.CutPiece;
import retazo.core.cloth.RoleKey;
import retazo.core.explain.Arithmetic;
import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.measure.Count;
import retazo.core.measure.ExactLength;
import retazo.core.measure.Length;

/**
 * Blocks upright in c columns and r rows, with or without sashes of finished width t between them.
 *
 * <p>The quilt is c·w + (c − 1)·t wide, framed c·w + (c + 1)·t, and likewise high. Upright sashes stand between the blocks of
 * each row, level ones between the rows; framed, one more at each end. With cornerstones a level sash is as long as a block;
 * without them it is one strip as long as the row.
 */
record StraightLayout(LayoutRequest request, Setting.Straight setting) {

    Layout layout() {
        Figure<Count> columns = request.count("columns", request.columns());
        Figure<Count> rows = request.count("rows", request.rows());
        Figure<Count> blocks = Arithmetic.productOfCounts(request.key() + ".blocks", Label.of("quilt.blocks"), columns, rows);
        Figure<Length> width = side("width", columns, request.blockWidth());
        Figure<Length> height = side("height", rows, request.blockHeight());
        return new Layout(
                setting.grid(request.columns(), request.rows()), columns, rows, blocks, Optional.empty(),
                new Layout.Side(ExactLength.of(width.value()), width), new Layout.Side(ExactLength.of(height.value()), height),
                setting.sashing().map(this::pieces).orElse(List.of()),
                setting.sashing().map(sashes -> rowSashes(sashes, width)).orElse(List.of()));
    }

    private Figure<Length> side(String name, Figure<Count> blocks, Figure<Length> block) {
        String key = request.key() + "." + name;
        Label label = Label.of("quilt." + name);
        if (setting.sashing().isEmpty()) {
            return Arithmetic.product(key, label, blocks, block);
        }
        Figure<Count> sashes = request.count(name + ".sashes", sashes(setting.sashing().get(), blocks.value().value()));
        return Arithmetic.sum(key, label, List.of(
                Arithmetic.product(key + ".ofBlocks", Label.of("quilt.ofBlocks"), blocks, block),
                Arithmetic.product(key + ".ofSashes", Label.of("quilt.ofSashes"), sashes, width(setting.sashing().get()))));
    }

    /** How many sashes stand in a row of blocks: one less, or framed one more. */
    static long sashes(Sashing sashing, long blocks) {
        return sashing.framed() ? blocks + 1 : blocks - 1;
    }

    private Figure<Length> width(Sashing sashing) {
        return request.given("sash", "sash.width", sashing.width());
    }

    private List<Layout.SettingPiece> pieces(Sashing sashing) {
        List<Layout.SettingPiece> pieces = new ArrayList<>();
        Figure<Length> cutWidth = request.withSeams("sash.cutWidth", "sash.cutWidth", width(sashing));
        long upright = sashes(sashing, request.columns()) * request.rows();
        add(pieces, Use.SASH, sashing.role(), "sash.upright", upright,
                request.withSeams("sash.upright.length", "sash.length", request.blockHeight()), cutWidth, true);
        sashing.cornerstones().ifPresent(role -> {
            long level = sashes(sashing, request.rows()) * request.columns();
            add(pieces, Use.SASH, sashing.role(), "sash.level", level,
                    request.withSeams("sash.level.length", "sash.length", request.blockWidth()), cutWidth, false);
            add(pieces, Use.CORNERSTONE, role, "cornerstones",
                    sashes(sashing, request.columns()) * sashes(sashing, request.rows()), cutWidth, cutWidth, false);
        });
        return pieces;
    }

    private void add(
            List<Layout.SettingPiece> pieces, Use use, RoleKey role, String name, long count, Figure<Length> length, Figure<Length> width,
            boolean turned) {
        if (count > 0) {
            pieces.add(new Layout.SettingPiece(
                    use, CutPiece.rectangle(role, length, width, request.ofAll(name + ".count", name + ".count", count)), turned));
        }
    }

    /** The level sashes without cornerstones: each as long as the row, its outer upright sashes included. */
    private List<LongPieces> rowSashes(Sashing sashing, Figure<Length> rowLength) {
        long gaps = sashes(sashing, request.rows());
        if (sashing.cornerstones().isPresent() || gaps == 0) {
            return List.of();
        }
        return List.of(new LongPieces(
                request.key() + ".rowSash", Use.SASH, sashing.role(),
                request.withSeams("sash.cutWidth", "sash.cutWidth", width(sashing)),
                List.of(new LongPieces.Piece(
                        request.ofAll("rowSash.count", "rowSash.count", gaps),
                        request.withSeams("rowSash.length", "sash.length", rowLength), Runs.LEVEL)),
                request.practice().seam(), Grain.SHORTER));
    }
}
