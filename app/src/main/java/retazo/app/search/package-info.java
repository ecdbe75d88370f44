/**
 * One search over what the shop has: fabrics, bolts, kits, bags, patterns and runs, each for those who may open it.
 *
 * <p>Entry: {@link retazo.app.search.SearchController}.
 */
@NullMarked
package retazo.app.search;

import org.jspecify.annotations.NullMarked;
