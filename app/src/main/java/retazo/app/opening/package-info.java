/**
 * Lists of many things that come into the shop's books at once: read from a file or typed line by line, checked in full, corrected in
 * place, then booked whole or not at all, and taken back whole. One enters by {@link retazo.app.opening.OpeningLists}.
 */
@NullMarked
package retazo.app.opening;

import org.jspecify.annotations.NullMarked;
