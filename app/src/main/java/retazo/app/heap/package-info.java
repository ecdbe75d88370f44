/**
 * What a heap of cloth would make: over all patterns and sizes, with a fabric of its own for each role. One enters by its page.
 */
@NullMarked
package retazo.app.heap;

import org.jspecify.annotations.NullMarked;
