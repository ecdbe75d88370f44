/** The buyer's pages: what to order and why, how a fabric stands, and what will soon not be had any more. */
@NullMarked
package retazo.app.buying.pages;

import org.jspecify.annotations.NullMarked;
