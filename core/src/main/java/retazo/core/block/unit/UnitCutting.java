package retazo.core.block.unit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import retazo.core.block.shape.CutPiece;
import retazo.core.block.shape.FinishedSize;
import retazo.core.block.shape.UnitCut;
import retazo.core.block.spec.UnitKind;
import retazo.core.block.spec.UnitPractice;
import retazo.core.explain.Arithmetic;
import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.explain.Operation;
import retazo.core.explain.Origin;
import retazo.core.measure.Count;
import retazo.core.measure.ExactLength;
import retazo.core.measure.Length;

/**
 * The request to cut a unit, with the sums that units have in common.
 *
 * @param key      stable start of the keys of all resulting figures
 * @param needed   how many units the whole quilt takes
 * @param size     finished, of one unit
 * @param mirrored whether its mirror image is cut
 */
public record UnitCutting(String key, Figure<Count> needed, FinishedSize size, boolean mirrored, UnitPractice practice) {

    Length seam() {
        return practice.seam().value();
    }

    /** A finished size that the pattern gives. */
    Figure<Length> finished(String name, Length value) {
        return Figure.given(key + "." + name + ".finished", Label.of("unit.finished"), value, Origin.pattern("block"));
    }

    /** A side that is cut 2s larger than it finishes. */
    Figure<Length> withSeams(String name, String label, Length finished) {
        return Arithmetic.formula(
                key + "." + name,
                Label.of(label),
                Operation.WITH_SEAMS,
                List.of(finished(name, finished), practice.seam()),
                () -> finished.plus(seam().times(2)));
    }

    /** A side that is cut larger by the seams and by the oversize of its kind. */
    Figure<Length> withOversize(String name, String label, Length finished, UnitKind kind) {
        Figure<Length> oversize = practice.oversize(kind);
        return Arithmetic.formula(
                key + "." + name,
                Label.of(label),
                Operation.WITH_SEAMS_AND_OVERSIZE,
                List.of(finished(name, finished), oversize, practice.seam()),
                () -> finished.plus(oversize.value()).plus(seam().times(2)));
    }

    /** A cut size by a formula of the seam: worked exactly, rounded up once to the cutting step. */
    Figure<Length> byFormula(String name, Operation formula, List<Figure<?>> givens, ExactLength exact) {
        List<Figure<?>> operands = new ArrayList<>(givens);
        operands.add(practice.seam());
        Figure<ExactLength> unrounded = Arithmetic.formula(key + "." + name + ".exact", Label.of("unit.exact"), formula, operands,
                () -> exact);
        return Arithmetic.toCut(key + "." + name, Label.of("unit." + name), unrounded, practice.cuttingStep());
    }

    /** How many times a set of pieces is cut when one set gives so many units. */
    Figure<Count> sets(Count perSet) {
        return perSet.equals(Count.ONE) ? needed : Arithmetic.groups(key + ".sets", Label.of("unit.sets"), needed, perSet(perSet));
    }

    Figure<Count> yields(Figure<Count> sets, Count perSet) {
        return perSet.equals(Count.ONE)
                ? sets
                : Arithmetic.productOfCounts(key + ".yields", Label.of("unit.yields"), sets, perSet(perSet));
    }

    private static Figure<Count> perSet(Count perSet) {
        return Figure.given("unit.perSet." + perSet, Label.of("unit.perSet"), perSet, Origin.craft("units-per-set"));
    }

    /** Pieces when each set takes several. */
    Figure<Count> times(String name, Figure<Count> sets, long each) {
        if (each == 1) {
            return sets;
        }
        Figure<Count> times = Figure.given(key + "." + name + ".each", Label.of("unit.each"), new Count(each),
                Origin.craft("pieces-of-a-unit"));
        return Arithmetic.productOfCounts(key + "." + name + ".count", Label.of("unit.count"), sets, times);
    }

    /** What a unit of this size measures before trimming and after. */
    UnitCut trimmed(List<CutPiece> pieces, Figure<Count> yields, UnitKind kind) {
        UnitCut.Measures sewn = new UnitCut.Measures(
                withOversize("sewnWidth", "unit.sewnWidth", size.width(), kind),
                withOversize("sewnHeight", "unit.sewnHeight", size.height(), kind));
        UnitCut.Measures trimTo = new UnitCut.Measures(
                withSeams("trimWidth", "unit.trimWidth", size.width()), withSeams("trimHeight", "unit.trimHeight", size.height()));
        return new UnitCut(pieces, yields, Optional.of(sewn), Optional.of(trimTo));
    }
}
