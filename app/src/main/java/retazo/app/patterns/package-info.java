/**
 * Patterns and their versions: the library, the pieces, the sizes with every figure and its arithmetic, the three ways in
 * which a pattern is entered (size table, cut list, drawing), and its file. May use {@code shared}, {@code staff} and {@code practice}.
 */
@org.jspecify.annotations.NullMarked
package retazo.app.patterns;
