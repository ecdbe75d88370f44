/**
 * Papers that go out with a kit. This is the shop's own cutting page: contents, fabric key and cut list of a kit of its
 * own pattern. May use {@code shared}, {@code practice}, {@code fabrics}, {@code patterns} and {@code kits}.
 */
@org.jspecify.annotations.NullMarked
package retazo.app.papers;
