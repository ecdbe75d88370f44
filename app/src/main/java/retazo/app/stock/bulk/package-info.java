/**
 * Many bolts and many lines of the book at once, in a few statements instead of one for each; and a bolt as people type it. One enters by
 * {@link retazo.app.stock.bulk.BulkBook}.
 */
@NamedInterface("bulk")
@NullMarked
package retazo.app.stock.bulk;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.NamedInterface;
