/**
 * Which bag is cut from which bolt.
 *
 * <p>A bag takes one continuous length of each of its fabrics, so one lot. A <em>rest</em> is what is left on a bolt from
 * which something was cut; it is nothing, a remnant that can be sold, or an <em>orphan</em> in between. May use all
 * packages before it.
 */
@NullMarked
package retazo.core.bolt;

import org.jspecify.annotations.NullMarked;
