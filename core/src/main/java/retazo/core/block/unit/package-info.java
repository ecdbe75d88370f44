/**
 * Units at work: for each kind what is drawn, what is cut and how many a cut gives.
 *
 * <p>Entry: {@link retazo.core.block.unit.Unit}; {@link retazo.core.block.unit.UnitReader} makes one of a spec, and at the size of its
 * cell it is a {@link retazo.core.block.unit.SizedUnit}; equal ones are cut together. May use all before it, up to {@code block.spec}.
 */
@NullMarked
package retazo.core.block.unit;

import org.jspecify.annotations.NullMarked;
