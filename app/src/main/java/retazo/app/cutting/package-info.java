/**
 * The cutting room: a ticket for each bolt of a run, one step at a time, and the record of what was really cut. May use
 * {@code shared}, {@code staff}, {@code practice}, {@code fabrics}, {@code stock}, {@code kits} and {@code runs}.
 */
@org.jspecify.annotations.NullMarked
package retazo.app.cutting;
