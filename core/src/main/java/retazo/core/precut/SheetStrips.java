package retazo.core.precut;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import retazo.core.cutting.strip.CutPlanner;
import retazo.core.cutting.strip.CutRequest;
import retazo.core.cutting.strip.CutStrip;
import retazo.core.cutting.strip.CutStrip.PlacedPiece;
import retazo.core.cutting.strip.LaidPiece;
import retazo.core.measure.Length;

/**
 * Sheets filled strip by strip: all pieces are laid as on a cloth as wide as the sheet, and its strips are put into sheets, the tallest
 * first, each into the first sheet that has room for it (first fit, decreasing). For many small pieces, of which there are too many
 * diagrams to look at.
 */
final class SheetStrips {

    private SheetStrips() {
    }

    /** The sheets, cut across one side or across the other, whichever takes fewer; every piece fits the sheet. */
    static List<SheetPlan.Cut> fewest(SheetRequest request) {
        return Stream.of(false, true)
                .map(turned -> sheets(request, turned))
                .min(Comparator.comparing((List<SheetPlan.Cut> cuts) -> cuts.stream().mapToInt(SheetPlan.Cut::times).sum())
                        .thenComparing(List::size))
                .orElseThrow();
    }

    /** A sheet as it fills. */
    private static final class Filling {
        private final List<PlacedPiece> pieces = new ArrayList<>();
        private Length used = Length.ZERO;

        void add(CutStrip strip) {
            strip.pieces().forEach(piece -> pieces.add(new PlacedPiece(
                    piece.id(), piece.x(), piece.y().plus(used), piece.width(), piece.height(), piece.turned())));
            used = used.plus(strip.height());
        }
    }

    private static List<SheetPlan.Cut> sheets(SheetRequest request, boolean turned) {
        Length across = turned ? request.height() : request.width();
        Length along = turned ? request.width() : request.height();
        List<LaidPiece> pieces = request.set().stream().map(piece -> upright(piece, turned, along)).toList();
        List<CutStrip> strips = new ArrayList<>();
        new CutPlanner().plan(CutRequest.of(across, pieces)).strips().forEach(strip -> {
            for (int i = 0; i < strip.times(); i++) {
                strips.add(strip);
            }
        });
        strips.sort(Comparator.comparing(CutStrip::height).reversed());
        List<Filling> sheets = new ArrayList<>();
        for (CutStrip strip : strips) {
            Filling sheet = sheets.stream().filter(one -> !one.used.plus(strip.height()).isLongerThan(along)).findFirst().orElseGet(() -> {
                sheets.add(new Filling());
                return sheets.get(sheets.size() - 1);
            });
            sheet.add(strip);
        }
        Map<List<PlacedPiece>, Integer> alike = new LinkedHashMap<>();
        sheets.forEach(sheet -> alike.merge(sheet.pieces.stream().map(piece -> seen(piece, turned, request)).toList(), 1, Integer::sum));
        return alike.entrySet().stream().map(entry -> new SheetPlan.Cut(new CutDiagram(entry.getKey()), entry.getValue())).toList();
    }

    /** As it lies on the sheet seen from that side; a piece that would be taller than the sheet keeps to the way that fits. */
    private static LaidPiece upright(LaidPiece piece, boolean turned, Length along) {
        Length width = turned ? piece.height() : piece.width();
        Length height = turned ? piece.width() : piece.height();
        boolean bothWays = !width.isLongerThan(along) && !height.isLongerThan(along);
        boolean lies = !height.isLongerThan(along);
        return new LaidPiece(piece.id(), lies ? width : height, lies ? height : width, piece.count(), piece.mayTurn() && bothWays);
    }

    /** On the sheet as it was asked for, turned where it lies otherwise than it was drawn. */
    private static PlacedPiece seen(PlacedPiece placed, boolean turned, SheetRequest request) {
        Length width = turned ? placed.height() : placed.width();
        Length height = turned ? placed.width() : placed.height();
        LaidPiece drawn = request.set().stream().filter(piece -> piece.id().equals(placed.id())).findFirst().orElseThrow();
        return new PlacedPiece(
                placed.id(), turned ? placed.y() : placed.x(), turned ? placed.x() : placed.y(), width, height,
                !width.equals(drawn.width()));
    }
}
