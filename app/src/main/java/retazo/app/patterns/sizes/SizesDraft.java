package retazo.app.patterns.sizes;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import retazo.app.patterns.PatternVersion;
import retazo.app.patterns.file.PatternContent;
import retazo.app.patterns.rows.SizeRow;
import retazo.app.shared.FieldReader;
import retazo.app.shared.Typed;
import retazo.core.measure.Problem;
import retazo.core.quilt.design.DesignCheck;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.piece.CutList;
import retazo.core.quilt.size.QuiltSize;
import retazo.core.quilt.size.SizeKey;
import retazo.core.quilt.size.SizeTable;

/** What typed sizes come to: the pattern with them if nothing is wrong, and all that is wrong. */
public record SizesDraft(Optional<PatternContent> content, List<Problem> problems) {

    public static SizesDraft of(SizesForm form, PatternVersion before) {
        FieldReader reader = new FieldReader();
        QuiltDesign design = before.design();
        boolean mustBeDrawn = design.table().isEmpty() && design.cutList().isEmpty();
        List<SizeRow> rows = Typed.list(form.sizes());
        List<QuiltSize> sizes = SizeRow.read(rows, SizeRow.Context.of(Optional.of(before), mustBeDrawn, reader));
        Set<SizeKey> kept = sizes.stream().map(QuiltSize::key).collect(Collectors.toSet());
        Optional<SizeTable> table = design.table().map(known -> known.withSizes(kept));
        Optional<CutList> list = design.cutList().map(known -> known.withSizes(kept));
        if (!reader.anyProblem()) {
            new DesignCheck(design.roles(), sizes, table, list, design.drawing(), design.plannedFrom(), design.overrides()).problems()
                    .forEach(problem -> reader.add(Typed.placed(problem, "sizes", rows.stream().map(SizeRow::isBlank).toList())));
        }
        return new SizesDraft(
                reader.anyProblem()
                        ? Optional.empty()
                        : Optional.of(before.content().with(new QuiltDesign(
                                design.roles(), sizes, table, list, design.drawing(), design.plannedFrom(), design.overrides()))),
                reader.problems());
    }
}
