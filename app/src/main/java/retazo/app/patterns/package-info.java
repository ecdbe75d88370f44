/**
 * Patterns and their versions, and from which source a role of a size comes: what every way in writes and every kit reads.
 *
 * <p>Entry: {@link retazo.app.patterns.PatternService}; a version never changes. Its rooms are {@code file}, {@code rows}, {@code entry},
 * {@code drawing}, {@code quilt}, {@code sizes} and {@code library}. May use {@code patterns.file}, {@code pictures}, {@code practice},
 * {@code staff} and {@code shared}.
 */
@NullMarked
package retazo.app.patterns;

import org.jspecify.annotations.NullMarked;
