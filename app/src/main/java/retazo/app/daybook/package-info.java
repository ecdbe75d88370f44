/** The movement book of the whole shop, by day, person, reason and thing. One enters by {@link retazo.app.daybook.DayBook}. */
@NullMarked
package retazo.app.daybook;

import org.jspecify.annotations.NullMarked;
