/**
 * Kits: a pattern at a size in a colourway, with its bill of materials, of which some
 * is cut and some is picked. May use {@code shared}, {@code staff},
 * {@code practice}, {@code fabrics}, {@code stock} and {@code patterns}.
 */
@org.jspecify.annotations.NullMarked
package retazo.app.kits;

