package retazo.app.patterns.rows;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import retazo.app.shared.Outcome;
import retazo.core.measure.Problem;

/**
 * Whether a grid was filled from a file that a program read, which misreads: somebody has to look over each cell before it counts.
 *
 * @param read     {@value #PDF} where it was
 * @param compared anything where somebody says that each cell was compared with the paper
 */
public record ReadForm(@Nullable String read, @Nullable String compared) {

    static final String PDF = "pdf";

    public boolean isFromPdf() {
        return PDF.equals(read);
    }

    public boolean isCompared() {
        return compared != null && !compared.isEmpty();
    }

    /** What is wrong with the grid, and what stands against keeping it. */
    public List<Problem> and(List<Problem> problems) {
        List<Problem> all = new ArrayList<>(problems);
        if (isFromPdf() && !isCompared()) {
            all.add(Problem.at("compared", "pdf.not-compared"));
        }
        return all;
    }

    /** What was read of the grid, or all that stands against keeping it. */
    public <T> Outcome<T> of(Optional<T> content, List<Problem> problems) {
        List<Problem> all = and(problems);
        return all.isEmpty() ? Outcome.of(content, all) : Outcome.refused(all);
    }
}
