/**
 * Blocks: units on a grid whose columns and rows may differ in size, and whose cells may span several or hold a smaller block.
 *
 * <p>Entry: {@link retazo.core.block.Block}; {@link retazo.core.block.CellGrid} reads one from typed cells. Sizes are finished sizes.
 * May use {@code measure}, {@code explain}, {@code cloth} and the packages within {@code block}.
 */
@NullMarked
package retazo.core.block;

import org.jspecify.annotations.NullMarked;
