/**
 * The rows that the ways in have in common: roles, sizes, uses, what was pasted.
 *
 * <p>Entry: {@link retazo.app.patterns.rows.SizeRow} and {@link retazo.app.patterns.rows.RoleRow}. May use {@code patterns} and
 * {@code shared}.
 */
@NullMarked
package retazo.app.patterns.rows;

import org.jspecify.annotations.NullMarked;
