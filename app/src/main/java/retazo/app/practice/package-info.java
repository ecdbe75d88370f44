/**
 * The shop's settings: what the core calls shop practice, kept and changed by the owner. May use {@code shared} and
 * {@code staff}.
 */
@org.jspecify.annotations.NullMarked
package retazo.app.practice;
