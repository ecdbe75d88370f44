/**
 * The shop's fabrics: what they are called, how they look and how wide they are; not how much of them there is. May use
 * {@code shared}, {@code staff} and {@code practice}.
 */
@org.jspecify.annotations.NullMarked
package retazo.app.fabrics;
