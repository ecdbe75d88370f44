package retazo.core.quilt;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import retazo.core.block.CutPiece;
import retazo.core.block.Role;
import retazo.core.block.SewnUnit;
import retazo.core.block.UnitPractice;
import retazo.core.explain.Arithmetic;
import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.measure.Count;
import retazo.core.measure.Length;

/**
 * Counts the pieces of a quilt: equal units over the whole quilt together and rounded up once, then equal cut sizes of a
 * role together, larger ones first.
 */
final class PieceNeeds {

    private record CutSize(Length width, Length height) {
    }

    private record Source(CutPiece piece, PieceNeed.PieceUse use) {
    }

    private PieceNeeds() {
    }

    static List<PieceNeed> of(String key, QuiltDesign design, Figure<Count> blocks, UnitPractice practice) {
        List<Source> sources = sources(key, design, blocks, practice);
        List<PieceNeed> needs = new ArrayList<>();
        for (Role role : design.roles()) {
            Map<CutSize, List<Source>> bySize = new LinkedHashMap<>();
            sources.stream()
                    .filter(source -> source.piece().role().equals(role.key()))
                    .sorted(largestFirst())
                    .forEach(source -> bySize.computeIfAbsent(sizeOf(source), size -> new ArrayList<>()).add(source));
            int number = 0;
            for (List<Source> equal : bySize.values()) {
                number++;
                needs.add(need(key, role, number, equal));
            }
        }
        return needs;
    }

    private static List<Source> sources(String key, QuiltDesign design, Figure<Count> blocks, UnitPractice practice) {
        List<Source> sources = new ArrayList<>();
        int number = 0;
        for (Map.Entry<SewnUnit, Count> unit : design.block().units().entrySet()) {
            number++;
            String unitKey = key + ".unit" + number;
            Figure<Count> perBlock = Figure.given(
                    unitKey + ".perBlock", Label.of("unit.perBlock"), unit.getValue(),
                    retazo.core.explain.Origin.pattern("block.cells"));
            Figure<Count> needed =
                    Arithmetic.productOfCounts(unitKey + ".needed", Label.of("unit.needed"), blocks, perBlock);
            for (CutPiece piece : unit.getKey().cut(unitKey, needed, practice).pieces()) {
                sources.add(new Source(piece, new PieceNeed.PieceUse(unit.getKey(), unit.getValue(), piece.count())));
            }
        }
        return sources;
    }

    private static PieceNeed need(String key, Role role, int number, List<Source> equal) {
        String label = role.letter() + number;
        CutPiece first = equal.get(0).piece();
        List<Figure<Count>> counts = equal.stream().map(source -> source.piece().count()).toList();
        String countKey = key + "." + role.key() + "." + number + ".count";
        Figure<Count> count = counts.size() == 1
                ? counts.get(0).named(countKey, Label.of("piece.count", label))
                : Arithmetic.sumOfCounts(countKey, Label.of("piece.count", label), counts);
        return new PieceNeed(
                label, role.key(), first.width(), first.height(), count, equal.stream().map(Source::use).toList());
    }

    private static CutSize sizeOf(Source source) {
        return new CutSize(source.piece().width().value(), source.piece().height().value());
    }

    private static Comparator<Source> largestFirst() {
        Comparator<Source> byHeight = Comparator.comparing(source -> source.piece().height().value());
        return byHeight.thenComparing(source -> source.piece().width().value()).reversed();
    }
}
