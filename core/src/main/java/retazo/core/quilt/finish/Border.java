package retazo.core.quilt.finish;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import retazo.core.block.shape.CutPiece;
import retazo.core.explain.Arithmetic;
import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.explain.Operation;
import retazo.core.explain.Origin;
import retazo.core.measure.Length;
import retazo.core.quilt.setting.LayoutRequest;
import retazo.core.quilt.setting.LongPieces;
import retazo.core.quilt.setting.Runs;
import retazo.core.quilt.setting.TopSize;
import retazo.core.quilt.setting.Use;

/**
 * A border as it is cut: two long pieces for the sides, two for top and bottom, and squares for the corners where it has them.
 *
 * @param number      which border, from 1 at the inside
 * @param finished    its finished width, as typed
 * @param longPieces  the sides first, then top and bottom; empty for a border sewn of blocks
 * @param corners     four squares; empty where there are none
 * @param inside      the finished size without it
 * @param outside     the finished size with it
 */
public record Border(
        int number, Figure<Length> finished, Optional<LongPieces> longPieces, Optional<CutPiece> corners, TopSize inside,
        TopSize outside) {

    /** What a mitred piece has to spare, for both ends together: 2 in. */
    static final Length MITRE_TO_SPARE = Length.ofInches(2);

    /** Borders around what is inside them. */
    public record Around(LayoutRequest request, Figure<Length> trim) {

        /**
         * The border of finished width b around W × H, each piece cut b + 2s wide and 2s longer than it finishes. Butted: two
         * sides of H, then two of W + 2b. With cornerstones: two of H, two of W, four squares. Mitred: side + 2b and 2 in to
         * spare. The shop's trim is added to all but mitred pieces, which have their own.
         */
        Border border(int number, BorderDesign design, Figure<Length> width, TopSize inside) {
            String key = request.key() + ".border" + number;
            LayoutRequest at = request.named(key);
            Figure<Length> cutWidth = at.withSeams("cutWidth", "border.cutWidth", width);
            Figure<Length> side = switch (design.corners()) {
                case BUTTED, CORNERSTONES -> cut(at, "side", inside.height());
                case MITRED -> mitred(at, "side", inside.height(), width);
            };
            Figure<Length> end = switch (design.corners()) {
                case BUTTED -> cut(at, "end", bothEnds(key + ".across", "border.widthWithSides", inside.width(), width));
                case CORNERSTONES -> cut(at, "end", inside.width());
                case MITRED -> mitred(at, "end", inside.width(), width);
            };
            LongPieces pieces = new LongPieces(
                    key, Use.border(number), design.role(), cutWidth,
                    List.of(
                            new LongPieces.Piece(at.ofAll("sides", "border.sides", 2), side, Runs.UP),
                            new LongPieces.Piece(at.ofAll("ends", "border.ends", 2), end, Runs.LEVEL)),
                    request.practice().seam(), design.grain());
            boolean squares = design.pieced().map(pieced -> pieced.corner().isEmpty())
                    .orElse(design.corners() == BorderCorners.CORNERSTONES);
            Optional<CutPiece> corners = squares
                    ? Optional.of(CutPiece.rectangle(
                            design.cornerRole(), cutWidth, cutWidth, at.ofAll("corners", "border.corners", 4)))
                    : Optional.empty();
            return new Border(number, width, design.pieced().isPresent() ? Optional.empty() : Optional.of(pieces), corners, inside,
                    new TopSize(
                            bothEnds(key + ".width", "quilt.widthWithBorder", inside.width(), width),
                            bothEnds(key + ".height", "quilt.heightWithBorder", inside.height(), width)));
        }

        private Figure<Length> cut(LayoutRequest at, String name, Figure<Length> finished) {
            Figure<Length> exact = at.withSeams(name + ".exact", "border." + name + "Exact", finished);
            return trim.value().isZero()
                    ? exact.named(at.key() + "." + name, Label.of("border." + name))
                    : Arithmetic.sum(at.key() + "." + name, Label.of("border." + name), List.of(exact, trim));
        }

        private Figure<Length> mitred(LayoutRequest at, String name, Figure<Length> side, Figure<Length> border) {
            Figure<Length> spare = Figure.given("border.mitre", Label.of("border.mitre"), MITRE_TO_SPARE, Origin.craft("mitred-border"));
            Figure<Length> finished = Arithmetic.formula(
                    at.key() + "." + name + ".mitred", Label.of("border." + name + "Mitred"), Operation.MITRED,
                    List.of(side, border, spare),
                    () -> side.value().plus(border.value().times(2)).plus(MITRE_TO_SPARE));
            return at.withSeams(name, "border." + name, finished);
        }

        private static Figure<Length> bothEnds(String key, String label, Figure<Length> side, Figure<Length> width) {
            return Arithmetic.formula(key, Label.of(label), Operation.BOTH_ENDS, List.of(side, width),
                    () -> side.value().plus(width.value().times(2)));
        }
    }

    /** All borders of a size, from the inside out; one without width is left out, and the others keep their numbers. */
    public static List<Border> all(Around around, Finishing finishing, List<Length> widths, TopSize inside) {
        List<Border> borders = new ArrayList<>();
        TopSize quilt = inside;
        for (int i = 0; i < widths.size(); i++) {
            if (widths.get(i).isZero()) {
                continue;
            }
            LayoutRequest request = around.request();
            Figure<Length> width = Figure.given(
                    request.key() + ".border" + (i + 1) + ".finished", Label.of("border.width", i + 1), widths.get(i),
                    Origin.pattern(request.place()));
            Border border = around.border(i + 1, finishing.borders().get(i), width, quilt);
            borders.add(border);
            quilt = border.outside();
        }
        return borders;
    }
}
