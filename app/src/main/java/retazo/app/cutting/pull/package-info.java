/**
 * The pull list: what the runs of the day need from the shelves, in walk order, fetched and put back.
 *
 * <p>Entry: {@link retazo.app.cutting.pull.PullController}. May use {@code runs.book} and {@code stock}.
 */
@NullMarked
package retazo.app.cutting.pull;

import org.jspecify.annotations.NullMarked;
