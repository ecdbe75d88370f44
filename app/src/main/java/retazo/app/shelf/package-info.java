/**
 * The shelf: packed kits by pattern, size and colourway, sold and taken back. May use {@code shared}, {@code staff},
 * {@code stock}, {@code fabrics}, {@code patterns} and {@code kits}.
 */
@org.jspecify.annotations.NullMarked
package retazo.app.shelf;
