package retazo.app.runs.changes;

import java.util.List;

/**
 * What became of a run, in words.
 *
 * @param when   {@code today 14:05}
 * @param after  what happened: {@code After the flaw on bolt 0012}
 * @param became what came of it, a sentence each
 * @param stops  whether a bag waits since
 */
public record ChangeView(long id, long runId, int planVersion, String when, String after, List<String> became, boolean stops,
        boolean seen) {
}
