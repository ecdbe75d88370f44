/** What is put right of a bolt beside its length. One enters by {@link retazo.app.stock.changes.BoltChanges}. */
@NamedInterface("changes")
@NullMarked
package retazo.app.stock.changes;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.NamedInterface;
