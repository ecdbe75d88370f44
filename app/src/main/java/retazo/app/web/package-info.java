/**
 * What every request meets before a page of a feature: what is refused unread, how forms are made, and what is said when something went
 * wrong or the database is away.
 *
 * <p>Entry: {@link retazo.app.web.ErrorAdvice}. May use {@code shared}.
 */
@NullMarked
package retazo.app.web;

import org.jspecify.annotations.NullMarked;
