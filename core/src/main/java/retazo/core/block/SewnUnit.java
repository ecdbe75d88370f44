package retazo.core.block;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import retazo.core.explain.Arithmetic;
import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.explain.Operation;
import retazo.core.explain.Origin;
import retazo.core.measure.Count;
import retazo.core.measure.ExactLength;
import retazo.core.measure.Length;

/** A unit with its roles and its finished size: units that are equal here are cut and counted together. */
public sealed interface SewnUnit {

    /**
     * What is cut for so many of these units.
     *
     * @param key    stable start of the keys of all resulting figures
     * @param needed how many units the whole quilt takes
     */
    UnitCut cut(String key, Figure<Count> needed, UnitPractice practice);

    /** How many of these units come from one set of cut pieces: 1 for a patch, 2 for two at a time. */
    Count perCut();

    <R> R match(Function<Patch, R> patch, Function<HalfSquare, R> halfSquare);

    /** A plain patch. */
    record Patch(RoleKey role, Length finishedWidth, Length finishedHeight) implements SewnUnit {

        @Override
        public Count perCut() {
            return Count.ONE;
        }

        /** {@inheritDoc} Each patch is cut (w + 2s) × (h + 2s). */
        @Override
        public UnitCut cut(String key, Figure<Count> needed, UnitPractice practice) {
            CutPiece piece = new CutPiece(
                    role,
                    withSeams(key + ".width", "unit.patchWidth", finishedWidth, practice),
                    withSeams(key + ".height", "unit.patchHeight", finishedHeight, practice),
                    needed);
            return new UnitCut(List.of(piece), needed, Optional.empty());
        }

        @Override
        public <R> R match(Function<Patch, R> patch, Function<HalfSquare, R> halfSquare) {
            return patch.apply(this);
        }
    }

    /** A half-square triangle, two at a time. The two roles have no order: turned, one is the other. */
    record HalfSquare(RoleKey first, RoleKey second, Length finishedSide) implements SewnUnit {

        private static final Count TWO = new Count(2);

        public HalfSquare {
            if (first.compareTo(second) > 0) {
                RoleKey swapped = first;
                first = second;
                second = swapped;
            }
        }

        @Override
        public Count perCut() {
            return TWO;
        }

        /**
         * {@inheritDoc}
         *
         * <p>Two squares of C = F + a + 2s + s√2 give two. Source: along a leg the cut triangle is longer than the
         * finished one by s at the right angle and by s(1 + √2) at the 45° tip, where moving the leg outward by s shifts
         * the tip by s and moving the diagonal outward by s shifts it by s√2; the sewing line s beside the drawn
         * diagonal is that diagonal moved. At s = 1/4 in 2s + s√2 = 0.854 in, for which 7/8 in is customary.
         */
        @Override
        public UnitCut cut(String key, Figure<Count> needed, UnitPractice practice) {
            Figure<Length> finished = finished(key + ".finished", "unit.halfSquareFinished", finishedSide);
            Length sewn = finishedSide.plus(practice.oversize().value());
            Length seam = practice.seam().value();
            Figure<ExactLength> exact = Arithmetic.formula(
                    key + ".exact",
                    Label.of("unit.halfSquareExact"),
                    Operation.HALF_SQUARE,
                    List.of(finished, practice.oversize(), practice.seam()),
                    () -> ExactLength.of(sewn.plus(seam.times(2))).plus(ExactLength.rootTwo(seam)));
            Figure<Length> side = Arithmetic.toCut(key + ".side", Label.of("unit.halfSquareSide"), exact, practice.cuttingStep());
            Figure<Count> perPair = Figure.given("unit.perPair", Label.of("unit.perPair"), TWO, Origin.craft("two-at-a-time"));
            Figure<Count> squares = Arithmetic.groups(key + ".squares", Label.of("unit.squaresOfEach"), needed, perPair);
            Figure<Count> yields = Arithmetic.productOfCounts(key + ".yields", Label.of("unit.yields"), squares, perPair);
            return new UnitCut(
                    List.of(new CutPiece(first, side, side, squares), new CutPiece(second, side, side, squares)),
                    yields,
                    Optional.of(withSeams(key + ".trim", "unit.trimTo", finishedSide, practice)));
        }

        @Override
        public <R> R match(Function<Patch, R> patch, Function<HalfSquare, R> halfSquare) {
            return halfSquare.apply(this);
        }
    }

    private static Figure<Length> withSeams(String key, String label, Length finished, UnitPractice practice) {
        return Arithmetic.formula(
                key,
                Label.of(label),
                Operation.WITH_SEAMS,
                List.of(finished(key + ".finished", "unit.finished", finished), practice.seam()),
                () -> finished.plus(practice.seam().value().times(2)));
    }

    private static Figure<Length> finished(String key, String label, Length value) {
        return Figure.given(key, Label.of(label), value, Origin.pattern("block"));
    }
}
