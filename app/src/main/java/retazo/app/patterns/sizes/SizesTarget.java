package retazo.app.patterns.sizes;

import java.util.List;
import java.util.Optional;
import retazo.app.patterns.PatternHead;
import retazo.app.patterns.PatternVersion;
import retazo.app.patterns.rows.FinishedText;
import retazo.app.patterns.rows.SizeRow;
import retazo.app.shared.FieldReader;
import retazo.app.shared.Typed;
import retazo.core.block.shape.FinishedSize;
import retazo.core.cloth.ShopPractice;
import retazo.core.measure.Length;
import retazo.core.measure.LengthUnit;
import retazo.core.measure.Problem;
import retazo.core.quilt.design.SizeTarget;
import retazo.core.quilt.size.QuiltSize;

/**
 * The size somebody looks for, read from the form.
 *
 * @param target the size itself, or that of a bed with its drop
 * @param from   the size of the pattern that the proposals are like
 */
record SizesTarget(SizeTarget target, QuiltSize.Grid from) {

    /** What is looked for; empty with a problem at its field where that cannot be, and where the pattern has no grid. */
    static Optional<SizesTarget> of(SizesForm form, PatternVersion pattern, FieldReader reader) {
        return target(form, reader).flatMap(target -> from(form, pattern).map(size -> new SizesTarget(target, size)));
    }

    private static Optional<SizeTarget> target(SizesForm form, FieldReader reader) {
        Optional<FinishedSize> target = FinishedText.read("target", form.target(), reader);
        Optional<FinishedSize> mattress = FinishedText.read("mattress", form.mattress(), reader);
        Length drop = Typed.text(form.drop()).isEmpty() ? Length.ZERO : reader.length("drop", form.drop(), LengthUnit.INCH);
        Optional<FinishedSize> wanted = target.or(() -> mattress.map(bed -> SizeTarget.bed(bed, drop)));
        wanted.ifPresent(size -> reader.addAll(SizeTarget.problems(target.isPresent() ? "target" : "drop", size)));
        if (wanted.isEmpty() && !reader.anyProblem()) {
            reader.add(Problem.at("target", "target.missing"));
        }
        return reader.anyProblem() ? Optional.empty() : wanted.map(SizeTarget::of);
    }

    private static Optional<QuiltSize.Grid> from(SizesForm form, PatternVersion pattern) {
        List<QuiltSize.Grid> grids = pattern.design().grids();
        return grids.stream().filter(grid -> grid.key().value().equals(Typed.text(form.from()))).findFirst()
                .or(() -> grids.isEmpty() ? Optional.empty() : Optional.of(PatternHead.middle(grids)));
    }

    /** The sizes of the pattern's grid that come nearest, by the shop's practice. */
    List<SizeTarget.Proposal> nearest(PatternVersion pattern, ShopPractice shop) {
        return target.nearest(pattern.design().drawing().orElseThrow(), from, pattern.design().practice(shop));
    }

    /** The row of the proposal of an index, named after what was looked for. */
    Optional<SizeRow> row(PatternVersion pattern, ShopPractice shop, int index) {
        List<SizeTarget.Proposal> proposals = nearest(pattern, shop);
        return index < 0 || index >= proposals.size()
                ? Optional.empty()
                : Optional.of(SizeRow.of(proposals.get(index).size())
                        .renamed("For " + FinishedText.write(target.width(), target.height())));
    }
}
