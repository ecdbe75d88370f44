/**
 * Kit runs: so many bags of each kit, planned on bolts, confirmed with frozen bills and reserved cloth, and planned again when a cut
 * goes wrong.
 *
 * <p>Entry: {@link retazo.app.runs.RunService} and {@link retazo.app.runs.RunDrafts}. Order of locks: runs by id, then bolts by
 * their ids. May use {@code kits}, {@code stock}, {@code fabrics}, {@code practice},
 * {@code staff} and {@code shared}.
 */
@NullMarked
package retazo.app.runs;

import org.jspecify.annotations.NullMarked;
