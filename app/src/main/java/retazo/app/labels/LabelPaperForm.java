package retazo.app.labels;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
import retazo.app.shared.FieldReader;
import retazo.core.measure.Length;
import retazo.core.measure.LengthUnit;
import retazo.core.measure.Problem;

/** The paper of labels as typed. */
record LabelPaperForm(
        @Nullable String kind, @Nullable String columns, @Nullable String rows, @Nullable String width, @Nullable String height) {

    private static final int MOST_COLUMNS = 6;
    private static final int MOST_ROWS = 20;
    private static final Length NARROWEST = Length.ofInches(3, 2);
    private static final Length LOWEST = Length.ofInches(3, 4);
    private static final Length LARGEST = Length.ofInches(12);

    static LabelPaperForm of(LabelPaper paper) {
        return new LabelPaperForm(
                paper.kind().name(), Integer.toString(paper.columns()), Integer.toString(paper.rows()), paper.width().toString(),
                paper.height().toString());
    }

    /** Empty where a field cannot be read. */
    Optional<LabelPaper> read(FieldReader reader) {
        Optional<LabelPaper.Kind> chosen = reader.choice("kind", kind, LabelPaper.Kind.class);
        int across = reader.number("columns", columns, 1, MOST_COLUMNS);
        int down = reader.number("rows", rows, 1, MOST_ROWS);
        Length wide = reader.lengthAboveZero("width", width, LengthUnit.INCH, LARGEST);
        Length high = reader.lengthAboveZero("height", height, LengthUnit.INCH, LARGEST);
        if (!reader.anyProblem() && (wide.isShorterThan(NARROWEST) || high.isShorterThan(LOWEST))) {
            reader.add(Problem.at("width", "labels.too-small", NARROWEST, LOWEST));
        }
        return reader.anyProblem() ? Optional.empty() : chosen.map(paper -> new LabelPaper(paper, across, down, wide, high));
    }
}
