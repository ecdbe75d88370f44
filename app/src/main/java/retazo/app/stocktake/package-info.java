/** Counts what is there, place by place, against the book. One enters by {@link retazo.app.stocktake.Stocktakes}. */
@NullMarked
package retazo.app.stocktake;

import org.jspecify.annotations.NullMarked;
