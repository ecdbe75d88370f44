package retazo.app.patterns.library;

import java.util.List;

/**
 * The versions of a pattern, and what changed from one to another.
 *
 * @param versions all of them
 * @param from     number of the earlier one that is compared
 * @param to       number of the later one
 */
record VersionsPage(List<ListedVersion> versions, int from, int to, VersionChanges changes) {

    /** A version in the history. */
    record ListedVersion(int number, String by, String at) {
    }
}
