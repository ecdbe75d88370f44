/**
 * Patterns and their versions: the list, the pieces, the sizes with every figure and its arithmetic, and the plain form
 * in which a pattern is typed. May use {@code shared}, {@code staff} and {@code practice}.
 */
@org.jspecify.annotations.NullMarked
package retazo.app.patterns;
