/**
 * What a kit takes in place of what its colourway names, and beside it: other sources, singles, notions, and which prints go together.
 *
 * <p>Entry: {@link retazo.app.kits.sources.KitSources}. May use {@code fabrics} and {@code stock.goods}.
 */
@NamedInterface("sources")
@NullMarked
package retazo.app.kits.sources;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.NamedInterface;
