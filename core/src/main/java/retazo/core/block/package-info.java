/**
 * Units, blocks and what has to be cut for them.
 *
 * <p>Words: a <em>role</em> is one choice of fabric in a pattern; a <em>unit</em> is a small sewn part; a <em>block</em>
 * is units on a grid whose columns and rows may differ in size, and whose cells may span several or hold a smaller block.
 * Sizes of units and blocks are finished sizes, sizes of {@link retazo.core.block.CutPiece}s are cut sizes. A unit is typed,
 * kept and exchanged as a {@link retazo.core.block.UnitSpec}; at the size of its cell it is a
 * {@link retazo.core.block.SizedUnit}, and equal ones are cut together. May use {@code measure}, {@code explain} and
 * {@code cloth}.
 */
@NullMarked
package retazo.core.block;

import org.jspecify.annotations.NullMarked;
