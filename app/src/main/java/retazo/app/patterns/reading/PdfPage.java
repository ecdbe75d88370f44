package retazo.app.patterns.reading;

import java.util.List;
import java.util.Optional;
import retazo.app.patterns.PatternVersion;

/**
 * Where a PDF is opened.
 *
 * @param pattern  that its tables are for; empty for a new one
 * @param fileName as it was sent; empty before
 * @param tables   that were found in it
 */
record PdfPage(Optional<PatternVersion> pattern, String fileName, List<FoundTable> tables) {

    PdfPage {
        tables = List.copyOf(tables);
    }

    static PdfPage before(Optional<PatternVersion> pattern) {
        return new PdfPage(pattern, "", List.of());
    }

    /** The id of the pattern, as forms send it; empty for a new one. */
    public String patternId() {
        return pattern.map(version -> Long.toString(version.patternId())).orElse("");
    }

    public boolean found() {
        return !tables.isEmpty();
    }
}
