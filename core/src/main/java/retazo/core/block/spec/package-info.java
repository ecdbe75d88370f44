/**
 * What a unit is before it has a size: its kind, its method and its parts, in the one form in which units are typed, kept and
 * exchanged.
 *
 * <p>Entry: {@link retazo.core.block.spec.UnitSpec}. A kind knows its methods, its tools and what a one-way print does to it. May use
 * all before it, up to {@code block.shape}.
 */
@NullMarked
package retazo.core.block.spec;

import org.jspecify.annotations.NullMarked;
