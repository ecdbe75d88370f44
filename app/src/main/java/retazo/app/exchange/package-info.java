/**
 * Patterns for other programs: the API by which they are listed, read, added and changed, in the form of their files. May
 * use {@code shared}, {@code staff}, {@code practice} and {@code patterns}.
 */
@org.jspecify.annotations.NullMarked
package retazo.app.exchange;
