/**
 * A pattern as a JSON document in the published format: read with its faults by place, and written.
 *
 * <p>Entry: {@link retazo.app.patterns.file.PatternFileReader} and {@link retazo.app.patterns.file.PatternFileWriter}, on a
 * {@link retazo.app.patterns.file.PatternContent}. May use {@code shared}.
 */
@NamedInterface("file")
@NullMarked
package retazo.app.patterns.file;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.NamedInterface;
