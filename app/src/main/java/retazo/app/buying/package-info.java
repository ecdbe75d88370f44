/**
 * What to buy: how much of each fabric goes, what runs, drafts and customers want of it, when it is ordered again, and which fabrics will
 * soon not be had any more.
 *
 * <p>Entry: {@link retazo.app.buying.Outlooks}.
 */
@NullMarked
package retazo.app.buying;

import org.jspecify.annotations.NullMarked;
