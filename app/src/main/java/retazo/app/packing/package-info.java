/**
 * Packing: a bag against its list, each line ticked, done only when complete. May use {@code shared}, {@code staff},
 * {@code fabrics}, {@code pictures}, {@code stock}, {@code kits} and {@code runs}.
 */
@org.jspecify.annotations.NullMarked
package retazo.app.packing;
