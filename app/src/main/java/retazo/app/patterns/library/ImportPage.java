package retazo.app.patterns.library;

import java.util.List;
import retazo.app.shared.Words;
import retazo.core.measure.Problem;

/**
 * A file that was not taken.
 *
 * @param fileName as it was sent; empty where none was
 * @param count    of all that is wrong with it
 * @param faults   the first of them
 */
record ImportPage(String fileName, int count, List<Fault> faults) {

    private static final int FAULTS_SHOWN = 200;

    /** A place of the file and what is wrong there. */
    record Fault(String place, String words) {
    }

    static ImportPage of(String fileName, List<Problem> problems, Words words) {
        return new ImportPage(
                fileName, problems.size(),
                problems.stream().limit(FAULTS_SHOWN).map(problem -> new Fault(problem.place(), words.of(problem))).toList());
    }
}
