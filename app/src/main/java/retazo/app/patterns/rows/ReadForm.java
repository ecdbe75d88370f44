package retazo.app.patterns.rows;

import java.util.List;
import org.jspecify.annotations.Nullable;
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

    /** What stands against keeping it. */
    public List<Problem> problems() {
        return isFromPdf() && !isCompared() ? List.of(Problem.at("compared", "pdf.not-compared")) : List.of();
    }
}
