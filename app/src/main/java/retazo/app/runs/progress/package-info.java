/**
 * Runs as lists and the rail show them: what was asked for in words, and how far the bags are, counted without being read.
 *
 * <p>Entry: {@link retazo.app.runs.progress.RunProgress}. May use {@code kits.index} and {@code runs.book}.
 */
@NamedInterface("progress")
@NullMarked
package retazo.app.runs.progress;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.NamedInterface;
