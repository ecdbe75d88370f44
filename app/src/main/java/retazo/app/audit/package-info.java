/**
 * Whether the movement book and what was done agree: looked at when the application starts, and by command.
 *
 * <p>Entry: {@link retazo.app.audit.BookAudit}. May use {@code shared}; it reads the tables of others and none of their code, so that it
 * does not repeat their mistakes.
 */
@NullMarked
package retazo.app.audit;

import org.jspecify.annotations.NullMarked;
